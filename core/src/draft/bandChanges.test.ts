import type { Block } from '../block/block'
import { applyChange } from '../document/apply'
import type { ChangePart, Documents } from '../document/types'
import type { DrawingDocument } from '../drawing/drawing'
import { documentKinds } from '../resolve/documentKinds'
import { bandsOf, resolvePage, type PageSources } from '../resolve/resolvePage'
import type { SiteDocument } from '../site/site'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import type { StyleDocument } from '../style/style'
import { px } from '../units/length'
import { ImpossibleBand, moveBreakpoint, removeBand, splitBand } from './bandChanges'

const { narrow, medium, wide } = usualBands
const id = (name: string) => name.padEnd(16, '0')
const made = { id: id('made'), name: 'Between' }
const blocks: Record<string, Block> = {
  [id('hero')]: {
    id: id('hero'),
    kind: 'section',
    order: 'a0',
    arrange: { type: 'column', gap: px(40) },
    at: {
      [medium]: { arrange: { gap: px(24), padding: { top: px(8) } } },
      [narrow]: { arrange: { gap: px(12) }, hidden: true },
    },
  },
}
const drawing: DrawingDocument = { kind: 'drawing', id: id('page'), schema: 1, records: { blocks } }
const [level] = Object.values(plainStyle.records.levels)
const style: StyleDocument = {
  ...plainStyle,
  records: {
    ...plainStyle.records,
    levels: { [level.id]: { ...level, at: { [medium]: { size: px(30) } } } },
  },
}
const before: PageSources = { drawing, site: usualSite, style }

function after(parts: ChangePart[]): PageSources {
  const documents = { site: usualSite, style, [drawing.id]: drawing } as unknown as Documents
  const applied = applyChange(documentKinds, documents, parts)
  expect(applied.outcomes).toEqual([])
  const undone = applyChange(documentKinds, applied.documents, applied.inverse)
  expect(undone.documents).toEqual(documents)
  return {
    drawing: applied.documents[drawing.id] as unknown as DrawingDocument,
    site: applied.documents.site as unknown as SiteDocument,
    style: applied.documents.style as unknown as StyleDocument,
  }
}
/** What a page of a width shows of the block. */
function shownAt(sources: PageSources, width: number) {
  const band = bandsOf(sources.site).inOrder.findLast(({ from }) => width >= from)
  const [hero] = resolvePage(sources, band?.id ?? '').children
  return hero && { gap: hero.arrange.rowGap.value, top: hero.arrange.padding[0].value }
}
const froms = ({ site }: PageSources) => bandsOf(site).inOrder.map(({ name, from }) => `${name} ${from}`)

test('a breakpoint moves between its neighbours and no farther', () => {
  expect(froms(after(moveBreakpoint(usualSite, medium, 720)))).toEqual([
    'Narrow 0',
    'Medium 720',
    'Wide 1120',
  ])
  expect(() => moveBreakpoint(usualSite, medium, 1120)).toThrow(/between 1 and 1119/)
  expect(() => moveBreakpoint(usualSite, narrow, 20)).toThrow(ImpossibleBand)
})

test.each([
  ['a band narrower than the lead', medium, 900, ['Narrow 0', 'Between 680', 'Medium 900', 'Wide 1120']],
  ['the narrowest', narrow, 480, ['Between 0', 'Narrow 480', 'Medium 680', 'Wide 1120']],
  ['the lead itself', wide, 1600, ['Narrow 0', 'Medium 680', 'Between 1120', 'Wide 1600']],
])('splitting %s changes nothing on any page', (_what, band, width, expected) => {
  const split = after(splitBand(usualSite, band, width, made))
  expect(froms(split)).toEqual(expected)
  for (const at of [300, 500, 700, 1000, 1119, 1200, 1700])
    expect(shownAt(split, at)).toEqual(shownAt(before, at))
  for (const one of bandsOf(split.site).inOrder)
    expect(one.drawnAt).toBeGreaterThanOrEqual(Math.max(200, one.from))
})

test('a band cannot be split at its edge or outside', () => {
  for (const width of [680, 1120, 300, 900.5])
    expect(() => splitBand(usualSite, medium, width, made)).toThrow(ImpossibleBand)
})

test('a band taken away leaves its widths to the one nearer the lead and its values to the one outward', () => {
  const removed = after(removeBand(usualSite, style, [drawing], medium))
  expect(froms(removed)).toEqual(['Narrow 0', 'Wide 680'])
  const hero = removed.drawing.records.blocks[id('hero')]
  expect(hero.at).toEqual({ [narrow]: { arrange: { gap: px(12), padding: { top: px(8) } }, hidden: true } })
  expect(removed.style.records.levels[level.id].at).toEqual({ [narrow]: { size: px(30) } })
})

test('the outermost band goes with its values; the lead stays', () => {
  const removed = after(removeBand(usualSite, style, [drawing], narrow))
  expect(froms(removed)).toEqual(['Medium 0', 'Wide 1120'])
  expect(Object.keys(removed.drawing.records.blocks[id('hero')].at ?? {})).toEqual([medium])
  expect(() => removeBand(usualSite, style, [drawing], wide)).toThrow(/lead/)
})
