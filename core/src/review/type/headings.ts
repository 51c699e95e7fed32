import { atEachBand, atLead, named, type Sight } from '../drawing/atEachBand'
import type { DrawingFacts } from '../drawing/drawingFacts'
import type { DrawingRule, Found } from '../drawing/drawingRule'
import { isHeading, sizeOf, type Seen } from '../drawing/seenBlocks'
import { levelOf } from './levels'

const rankOf = ({ node }: Seen) => Number(node.tag[1])

/** Another rank for a heading that goes on looking as it does. */
function withRank({ sources }: DrawingFacts, one: Seen, rank: number): Sight['mend'] {
  if (one.node.isPart) return undefined
  const level = levelOf(sources.style, one.node)
  return {
    label: `Make it h${rank}, looking the same`,
    changes: [
      { of: one.node, path: ['tag'], value: `h${rank}` },
      ...(level ? [{ of: one.node, path: ['look', 'level'], value: level.id }] : []),
    ],
  }
}

const headingsOf = (facts: DrawingFacts, see: (headings: Seen[]) => Sight[]): Found[] =>
  atLead(facts, ({ seen }) => see(seen.filter((one) => isHeading(one) && one.words)))

/** Headings that leave out a rank on the way down. */
export const headingOrder: DrawingRule = {
  id: 'headingOrder',
  label: 'Headings that leave out a rank',
  why: 'Those who hear the page go through it by its headings; a missing rank reads as a missing part.',
  severity: 'fair',
  from: 'plain',
  ofPages: true,
  find: (facts) =>
    headingsOf(facts, (headings) => {
      let rank = 0
      return headings.flatMap((one) => {
        const before = rank
        rank = rankOf(one)
        if (before === 0 || rank <= before + 1) return []
        rank = before + 1
        const says = `${named(one)} is h${rankOf(one)} after h${before}`
        return [{ of: one, says, mend: withRank(facts, one, before + 1) }]
      })
    }),
}

/** A page without a main heading, or with several. */
export const mainHeading: DrawingRule = {
  id: 'mainHeading',
  label: 'No main heading, or several',
  why: 'One h1 says what the page is about, to visitors who listen and to search engines.',
  severity: 'fair',
  from: 'plain',
  ofPages: true,
  find: (facts) =>
    headingsOf(facts, (headings) => {
      const main = headings.filter((one) => rankOf(one) === 1)
      if (main.length === 0 && headings.length)
        return [
          {
            of: headings[0],
            says: `No heading is h1; the first, ${named(headings[0])}, would be it`,
            mend: withRank(facts, headings[0], 1),
          },
        ]
      return main.slice(1).map((one) => ({
        of: one,
        says: `${named(one)} is a second h1`,
        mend: one.node.isPart
          ? undefined
          : { label: 'Make it h2', changes: [{ of: one.node, path: ['tag'], value: 'h2' }] },
      }))
    }),
}

/** Ranks of headings that look alike. */
export const levelsAlike: DrawingRule = {
  id: 'levelsAlike',
  label: 'Headings hard to tell apart',
  why: 'Where two ranks look alike, nobody sees which part belongs to which.',
  severity: 'fair',
  from: 'finished',
  find: (facts) =>
    atEachBand(facts, ({ seen }) => {
      const first = new Map<number, Seen>()
      for (const one of seen.filter((it) => isHeading(it) && it.words))
        if (!first.has(rankOf(one))) first.set(rankOf(one), one)
      const ranks = [...first.values()].sort((a, b) => rankOf(a) - rankOf(b))
      return ranks.slice(1).flatMap((lower, index) => {
        const upper = ranks[index]
        if (!isAlike(upper, lower)) return []
        const says = `h${rankOf(upper)} (${named(upper)}) and h${rankOf(lower)} (${named(lower)}) look alike`
        return [{ of: lower, says }]
      })
    }),
}

/** less of a step in size is not seen unless the headings stand beside one another */
const STEP = 1.1

function isAlike(upper: Seen, lower: Seen): boolean {
  const [a, b] = [upper.node.look, lower.node.look]
  const isSameFace = a.level.family === b.level.family && Math.abs(a.level.weight - b.level.weight) < 200
  return (
    isSameFace &&
    a.colour === b.colour &&
    a.level.italic === b.level.italic &&
    (a.level.case ?? 'none') === (b.level.case ?? 'none') &&
    sizeOf(upper) / sizeOf(lower) < STEP
  )
}
