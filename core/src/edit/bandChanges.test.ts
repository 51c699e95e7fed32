import fc from 'fast-check'
import type { Block } from '../block/block'
import type { Length } from '../block/lengthSchema'
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
import {
  changeLead,
  ImpossibleBand,
  mergeBands,
  moveBreakpoint,
  removeBand,
  splitBand,
  type BandedProject,
} from './bandChanges'
import { adoptBands } from './bandSet'

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
const drawing: DrawingDocument = { kind: 'drawing', id: id('page'), schema: 3, records: { blocks } }
const [level] = Object.values(plainStyle.records.levels)
const style: StyleDocument = {
  ...plainStyle,
  records: {
    ...plainStyle.records,
    levels: { [level.id]: { ...level, at: { [medium]: { size: px(30) } } } },
    parts: {
      [id('part')]: {
        ...{ id: id('part'), order: 'a0', kind: 'section', look: { opacity: 0.8 } },
        at: { [medium]: { look: { opacity: 0.6 } }, [narrow]: { look: { opacity: 0.4 } } },
      },
    },
  },
}
const before: PageSources = { drawing, site: usualSite, style }
const project: BandedProject = { site: usualSite, style, drawings: [drawing] }

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
  ['the lead above what it is drawn at', wide, 1600, ['Narrow 0', 'Medium 680', 'Wide 1120', 'Between 1600']],
  ['the lead below it', wide, 1300, ['Narrow 0', 'Medium 680', 'Between 1120', 'Wide 1300']],
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
  const removed = after(removeBand(project, medium))
  expect(froms(removed)).toEqual(['Narrow 0', 'Wide 680'])
  const hero = removed.drawing.records.blocks[id('hero')]
  expect(hero.at).toEqual({ [narrow]: { arrange: { gap: px(12), padding: { top: px(8) } }, hidden: true } })
  expect(removed.style.records.levels[level.id].at).toEqual({ [narrow]: { size: px(30) } })
})

test('the outermost band goes with its values; the lead stays', () => {
  const removed = after(removeBand(project, narrow))
  expect(froms(removed)).toEqual(['Medium 0', 'Wide 1120'])
  expect(Object.keys(removed.drawing.records.blocks[id('hero')].at ?? {})).toEqual([medium])
  expect(() => removeBand(project, wide)).toThrow(/lead/)
})

test('a breakpoint that passes a drawn width takes it along', () => {
  const { site } = after(moveBreakpoint(usualSite, medium, 900))
  expect(site.records.bands[medium].drawnAt).toBe(900)
  expect(after(moveBreakpoint(usualSite, medium, 380)).site.records.bands[narrow].drawnAt).toBe(379)
})

test('joining two bands keeps the values of the one that stays', () => {
  const joined = after(mergeBands(project, medium, narrow))
  expect(froms(joined)).toEqual(['Narrow 0', 'Wide 1120'])
  expect(shownAt(joined, 400)).toEqual(undefined)
  const hero = joined.drawing.records.blocks[id('hero')]
  expect(hero.at?.[narrow]?.arrange?.gap).toEqual(px(12))
  expect(() => mergeBands(project, narrow, wide)).toThrow(/beside/)
  expect(() => mergeBands(project, wide, medium)).toThrow(/lead/)
})

describe('another lead', () => {
  const everywhere = [300, 500, 700, 1000, 1119, 1200, 1700]
  test.each([medium, narrow])('%s changes no page at any width', (lead) => {
    const led = after(changeLead(project, lead))
    expect(led.site.records.settings.site.lead).toBe(lead)
    for (const width of everywhere) expect(shownAt(led, width)).toEqual(shownAt(before, width))
    expect(led.style.records.levels[level.id].size).toEqual(px(30))
  })

  test('there and back gives the first record again', () => {
    const led = after(changeLead(project, narrow))
    const documents = {
      site: led.site,
      style: led.style,
      [drawing.id]: led.drawing,
    } as unknown as Documents
    const back = changeLead({ site: led.site, style: led.style, drawings: [led.drawing] }, wide)
    const again = applyChange(documentKinds, documents, back)
    expect(again.outcomes).toEqual([])
    expect(again.documents[drawing.id]).toEqual(drawing)
    expect(again.documents.style).toEqual(style)
  })

  test('random values at random bands survive any sequence of leads', () => {
    const gap = fc.option(fc.integer({ min: 0, max: 3 }).map(px), { nil: undefined })
    const values = fc.record({ gap, top: gap })
    const bandIds = [narrow, medium, wide]
    fc.assert(
      fc.property(
        values,
        values,
        values,
        fc.array(fc.constantFrom(...bandIds), { maxLength: 4 }),
        (a, b, c, leads) => {
          const arranged = ({ gap, top }: { gap?: Length; top?: Length }) => ({
            arrange: { ...(gap && { gap }), ...(top && { padding: { top } }) },
          })
          const block = {
            ...blocks[id('hero')],
            ...arranged(a),
            at: { [medium]: arranged(b), [narrow]: arranged(c) },
          } as unknown as Block
          let sources: PageSources = {
            ...before,
            drawing: { ...drawing, records: { blocks: { [block.id]: block } } },
          }
          const first = everywhere.map((width) => shownAt(sources, width))
          for (const lead of leads) {
            const { site, style, drawing } = sources
            const documents = { site, style, [drawing.id]: drawing } as unknown as Documents
            const led = applyChange(
              documentKinds,
              documents,
              changeLead({ site, style, drawings: [drawing] }, lead),
            )
            expect(led.outcomes).toEqual([])
            sources = {
              drawing: led.documents[drawing.id] as unknown as DrawingDocument,
              site: led.documents.site as unknown as SiteDocument,
              style: led.documents.style as unknown as StyleDocument,
            }
          }
          expect(everywhere.map((width) => shownAt(sources, width))).toEqual(first)
        },
      ),
      { numRuns: 100, seed: 4 },
    )
  })
})

describe('a set of bands', () => {
  let made = 0
  const newId = () => `made${String(made++).padStart(12, '0')}`
  const wanted = [
    { name: 'Small', from: 0, drawnAt: 375 },
    { name: 'Middle', from: 576, drawnAt: 640 },
    { name: 'Large', from: 992, drawnAt: 1280 },
    { name: 'Huge', from: 1400, drawnAt: 1600 },
  ]
  test('keeps the bands that stand in its ranges, the lead above all', () => {
    const site = after(adoptBands(project, wanted, newId)).site.records
    const bands = bandsOf({ ...usualSite, records: site }).inOrder
    expect(bands.map(({ name, from }) => `${name} ${from}`)).toEqual([
      'Small 0',
      'Middle 576',
      'Large 992',
      'Huge 1400',
    ])
    expect(bands.slice(0, 2).map((band) => band.id)).toEqual([narrow, medium])
    expect(bands[3].id).toBe(wide)
    expect(site.settings.site.lead).toBe(wide)
  })
  test('one band alone keeps the lead’s drawing', () => {
    const one = after(adoptBands(project, [{ name: 'All', from: 0, drawnAt: 1280 }], newId))
    expect(froms(one)).toEqual(['All 0'])
    expect(shownAt(one, 320)).toEqual(shownAt(before, 1440))
  })
  test('breakpoints out of order or equal are refused', () => {
    expect(() => adoptBands(project, [wanted[0], wanted[2], wanted[1]], newId)).toThrow(/Large/)
    expect(() => adoptBands(project, [wanted[0], { ...wanted[1], from: 0 }], newId)).toThrow(ImpossibleBand)
    expect(() => adoptBands(project, [], newId)).toThrow(ImpossibleBand)
  })
})
