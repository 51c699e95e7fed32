import { titleOf } from '../drawing/drawingFacts'
import type { DrawingRule } from '../drawing/drawingRule'
import { sizeOf } from '../drawing/seenBlocks'

/** Common practice: more of each are no longer told apart as meaning something. */
const MOST = { sizes: 8, weights: 3, faces: 2 }

export const tooManyFonts: DrawingRule = {
  id: 'tooManyFonts',
  label: 'Too many sizes, weights or faces',
  why: 'Each size and weight should mean something; of many none does.',
  severity: 'slight',
  from: 'finished',
  find: (facts) =>
    facts.seen().flatMap(({ band, seen }) => {
      const texts = seen.filter(({ words }) => words)
      const count = <Value>(values: Value[]) => new Set(values).size
      const counts = {
        sizes: count(texts.map((one) => Math.round(sizeOf(one)))),
        weights: count(texts.map(({ node }) => node.look.level.weight)),
        faces: count(texts.map(({ node }) => node.look.level.family)),
      }
      const over = (Object.keys(MOST) as (keyof typeof MOST)[]).filter((what) => counts[what] > MOST[what])
      return over.map((what) => ({
        place: { collection: 'pages' as const, id: facts.page.id, band: band.id },
        bands: [band.id],
        says: `${titleOf(facts)} has ${counts[what]} ${what} of type at ${band.name}; ${MOST[what]} are enough.`,
      }))
    }),
}
