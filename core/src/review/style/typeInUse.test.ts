import { blockSchema, type Block } from '../../block/block'
import { PageLayouter } from '../../layout/pageLayout'
import { resolvePage } from '../../resolve/resolvePage'
import { usualBands, usualSite } from '../../site/usualSite'
import { plainStyle } from '../../style/plainStyle'
import { px } from '../../units/length'
import { usualEnvironment } from '../../units/environment'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { textMeasures, typeInUse } from './typeInUse'

const SECTION = 'section000000000'
const block = (id: string, more: object) =>
  blockSchema.parse({ id: id.padEnd(16, '0'), order: id, parent: SECTION, kind: 'text', ...more }) as Block
const long = [
  { insert: 'The first boat leaves at seven, and the last one back an hour before dusk. '.repeat(8) },
]

function laidOut(...blocks: Block[]) {
  const section = blockSchema.parse({
    id: SECTION,
    order: 'a0',
    kind: 'section',
    arrange: { type: 'column' },
  }) as Block
  const records = { blocks: Object.fromEntries([section, ...blocks].map((one) => [one.id, one])) }
  const drawing = { kind: 'drawing', id: 'page000000000000', schema: 3, records }
  const page = resolvePage({ drawing, site: usualSite, style: plainStyle }, usualBands.wide)
  return new PageLayouter(shippedFontLibrary()).layout(page, usualEnvironment)
}

test('sizes, weights and faces are counted by the texts set in them', () => {
  const { sizes, weights, families } = typeInUse([
    laidOut(
      block('one', { text: long }),
      block('two', { text: long }),
      block('three', { tag: 'h1', text: [{ insert: 'Boats' }] }),
    ),
  ])
  expect(Object.fromEntries(sizes)).toEqual({ 17: 2, 44: 1 })
  expect(Object.fromEntries(weights)).toEqual({ 400: 2, 700: 1 })
  expect([...families]).toEqual([['Public Sans', 3]])
})

test('characters on a line are counted in running text alone, and are as many as there is room for', () => {
  const layout = laidOut(
    block('narrow', { text: long, place: { width: px(240) } }),
    block('wide', { text: long, place: { width: px(560) } }),
    block('short', { text: [{ insert: 'One line' }] }),
  )
  const [narrow, wide] = textMeasures(layout)
  expect(textMeasures(layout)).toHaveLength(2)
  expect(wide.characters).toBeGreaterThan(narrow.characters * 2)
  // Common practice without a source: about two characters for each em.
  expect(wide.characters).toBeGreaterThan((560 / 17) * 1.6)
  expect(wide.characters).toBeLessThan((560 / 17) * 2.4)
})
