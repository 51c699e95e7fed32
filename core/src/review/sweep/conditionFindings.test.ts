import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { Documents } from '../../document/types'
import { pageSources } from '../../resolve/pageSources'
import { usualBands } from '../../site/usualSite'
import { idOf, type Sketch } from '../../testing/draft'
import { dressedGuide, REVIEWED, reviewedProject, reviewFacts } from '../../testing/reviewed'
import { page, text } from '../../testing/ruleCases/drawnPages'
import { px } from '../../units/length'
import { conditionFindings } from './conditionFindings'

const library = shippedFontLibrary()

function found(documents: Documents) {
  const sources = pageSources(documents, REVIEWED)
  return conditionFindings(sources.site.records.pages[REVIEWED], sources, library)
}
const onPage = (...sketches: Sketch[]) => found(reviewedProject(page(...sketches), dressedGuide))

test('what runs out once text is enlarged is told with the band; what is as wide as before is not', () => {
  const wide = (unit: 'px' | 'rem') =>
    text('wide', 'Boats', { place: { width: { value: unit === 'px' ? 320 : 20, unit } } })
  expect(onPage(wide('px'))).toEqual([])
  expect(onPage(wide('rem'))).toEqual([
    {
      ...{ rule: 'underConditions', severity: 'serious', bands: [usualBands.narrow] },
      place: {
        ...{ collection: 'blocks', id: idOf('wide'), page: REVIEWED },
        ...{ band: usualBands.narrow, condition: 'text200' },
      },
      says: expect.stringMatching(/^wide runs out of the page by \d+ px on “Fares” with text at 200 %\.$/),
    },
  ])
})

/** px a text is wide when nothing holds it. */
function naturalWidth(sketch: Sketch): number {
  const free = { ...sketch, place: { width: 'fit' as const } }
  const [{ seen }] = reviewFacts(reviewedProject(page(free)), library).seen()
  return seen.find(({ node }) => node.name === sketch.name)?.w ?? 0
}

test('words that are cut off once they are spaced are told; what is cut off anyhow is told by its own rule', () => {
  const line = (width: number) =>
    text('line', 'Boats leave every hour', { look: { lines: 1 }, place: { width: px(width) } })
  const natural = Math.ceil(naturalWidth(line(0)))
  const conditions = (width: number) => onPage(line(width)).map(({ place }) => place.condition)
  // WCAG's spacing adds 0.12 em to a letter, which is some half an em wide.
  expect(conditions(natural * 1.5)).toEqual([])
  expect(conditions(natural + 2)).toEqual(['spacing'])
  expect(conditions(natural - 20)).toEqual([])
})

const NAME = idOf('name')
const isles = {
  ...{ kind: 'collection', id: idOf('isles'), schema: 1 },
  records: {
    fields: { [NAME]: { id: NAME, order: 'a0', name: 'Name', type: 'text' } },
    rows: Object.fromEntries(
      ['Orrel', 'The little isle of Hask beyond the sound'].map((name, index) => {
        const id = idOf(`row${index}`)
        return [id, { id, order: `a${index}`, values: { [NAME]: name } }]
      }),
    ),
    settings: {},
  },
}

test('content that is longer than what stands there is told at the width where it is cut', () => {
  const series = (width: number): Sketch => ({
    ...{ kind: 'series', name: 'rows', data: { collection: isles.id, most: 1 } },
    holds: [
      {
        ...text('isle', 'An isle', { content: { field: NAME } }),
        ...{ look: { lines: 1 }, place: { width: px(width) } },
      },
    ],
  })
  const conditions = (width: number) => {
    const documents = { ...reviewedProject(page(series(width))), [isles.id]: isles } as unknown as Documents
    return found(documents).map(({ severity, place }) => [severity, place.condition])
  }
  expect(conditions(80)).toEqual([['fair', 'longest']])
  expect(conditions(340)).toEqual([])
})
