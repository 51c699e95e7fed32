import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { Documents } from '../../document/types'
import { PageLayouter } from '../../layout/pageLayout'
import { pageSources } from '../../resolve/pageSources'
import { bandsOf, resolvePage } from '../../resolve/resolvePage'
import { usualBands, usualSite } from '../../site/usualSite'
import { placeBlocks } from '../../snap/drawnPage'
import { overflowsOf } from '../../snap/overflows'
import { idOf, type Sketch } from '../../testing/draft'
import { REVIEWED, reviewedProject, withFix } from '../../testing/reviewed'
import { usualEnvironment } from '../../units/environment'
import { px, type WrittenLength } from '../../units/length'
import type { CONDITIONS } from './conditions'
import { sourcesUnder, pageUnder, textZoomOf } from './conditions'
import type { Fix } from '../finding'
import { sweepFindings, sweptTrouble } from './sweepFindings'
import { sweeping, sweepPage, SWEPT, type Swept } from './sweepPage'

const library = shippedFontLibrary()
const bands = bandsOf(usualSite).inOrder

function sweptOf(sketches: Sketch[], more: Partial<Swept> = {}): Swept {
  const sources = pageSources(reviewedProject(sketches), REVIEWED)
  return { library, bands, resolve: (band) => resolvePage(sources, band, 'mockup'), ...more }
}
const ranges = (swept: Swept) =>
  sweepPage(swept).map(({ trouble, node, from, to }) => [trouble, node.name, from, to])

const section = (name: string, holds: Sketch[], more: Partial<Sketch> = {}): Sketch => ({
  ...{ kind: 'section', name, holds },
  ...more,
  arrange: { type: 'column', gap: px(16), ...more.arrange },
})
const box = (name: string, width: number, more: Partial<Sketch> = {}): Sketch => ({
  ...{ kind: 'box', name },
  ...more,
  place: { width: px(width), height: px(40), ...more.place },
})
const text = (name: string, words: string, more: Partial<Sketch> = {}): Sketch => ({
  ...{ kind: 'text', name, text: [{ insert: words }] },
  ...more,
})

test('a fixed width runs out of the page up to the width that holds it, and its margin', () => {
  const { margin } = usualSite.records.bands[usualBands.narrow].grid
  expect(ranges(sweptOf([section('top', [box('wide', 480)])]))).toEqual([
    ['outOfPage', 'wide', SWEPT.from, margin + 479],
  ])
})

test('only what is wrong at some widths is told, with where it is worst', () => {
  const swept = sweptOf([section('top', [box('wide', 480), text('fine', 'Boats leave every hour.')])])
  expect(sweepPage(swept)).toMatchObject([{ worst: { width: SWEPT.from }, trouble: 'outOfPage' }])
})

test('at every width it finds what is found by laying out that width alone', () => {
  const sketches = [
    section('top', [
      box('wide', 700),
      {
        ...box('row', 300, { place: { width: 'fill', height: 'fit' } }),
        arrange: { type: 'row', gap: px(24) },
        holds: [box('one', 260), box('two', 260), box('three', 260)],
      },
      {
        kind: 'table',
        name: 'times',
        data: {
          cells: [
            ['Isle', 'Leaves'],
            ['Orrel', '09:40'],
          ],
        },
      },
    ]),
  ]
  const sources = pageSources(reviewedProject(sketches), REVIEWED)
  const found = sweepPage(sweptOf(sketches))
  for (let width = SWEPT.from; width <= SWEPT.to; width += 37) {
    const band = bands.findLast(({ from }) => width >= from) ?? bands[0]
    const layout = new PageLayouter(library).layout(resolvePage(sources, band.id, 'mockup'), {
      ...usualEnvironment,
      viewportWidth: width,
    })
    const drawn: unknown = { placed: placeBlocks(layout, {}), width, height: layout.height }
    const alone = overflowsOf(drawn as Parameters<typeof overflowsOf>[0])
    const here = found.filter(({ from, to }) => from <= width && width <= to)
    const outOf = (of: string) => alone.filter((one) => one.of === of).map(({ key }) => key)
    expect([
      width,
      here.filter(({ trouble }) => trouble === 'outOfPage').map(({ node }) => node.key),
    ]).toEqual([width, outOf('page')])
    const inHolder = here.filter(({ trouble }) => trouble === 'outOfHolder').map(({ node }) => node.key)
    expect(inHolder).toEqual(expect.arrayContaining(outOf('parent')))
  }
})

test('words squeezed to a line each, words cut and words too small are told', () => {
  const found = ranges(
    sweptOf([
      section('top', [
        text('cut', 'Boats leave every hour from the first light to the last.', {
          look: { lines: 1 },
          place: { width: { value: 40, unit: '%' } },
        }),
        text('narrow', 'Every single morning', { place: { width: { value: 5, unit: '%' } } }),
      ]),
    ]),
  )
  const cut = found.filter(([trouble, name]) => trouble === 'cut' && name === 'cut')
  expect(cut[0]).toEqual(['cut', 'cut', SWEPT.from, expect.any(Number)])
  expect(Number(cut.at(-1)?.[3])).toBeLessThan(SWEPT.to)
  expect(found).toContainEqual(['oneWord', 'narrow', SWEPT.from, expect.any(Number)])
})

test('blocks that stand freely lie over one another only at the widths at which they do', () => {
  const at = (name: string, offset: object, anchor: object): Sketch =>
    box(name, 300, { place: { offset, anchor, width: px(300), height: px(40) } as Sketch['place'] })
  const free: Sketch = {
    ...{ kind: 'box', name: 'free' },
    ...{ arrange: { type: 'placed' }, place: { width: 'fill', height: px(80) } },
    holds: [
      at('left', { left: px(0), top: px(0) }, { x: 'start' }),
      at('right', { right: px(0), top: px(0) }, { x: 'end' }),
    ],
  }
  const over = sweepPage(sweptOf([section('top', [free])])).filter(({ trouble }) => trouble === 'overlaps')
  expect(over).toMatchObject([{ node: { name: 'right' }, from: SWEPT.from }])
  const { margin } = usualSite.records.bands[usualBands.narrow].grid
  // An overlap of 1 px does not show.
  expect(over[0].to).toBe(2 * margin + 600 - 2)
})

test('a breakpoint that mends a range is named: the neighbour is well there', () => {
  const wide = usualSite.records.bands[usualBands.wide].from
  const sketches = [
    section('top', [box('panel', 1200, { at: { [usualBands.medium]: { place: { width: px(400) } } } })]),
  ]
  const [range] = sweepPage(sweptOf(sketches)).filter(({ band }) => band === usualBands.wide)
  expect(range).toMatchObject({
    trouble: 'outOfPage',
    from: wide,
    mends: { band: usualBands.wide, from: range.to + 1 },
  })
})

test('one may stop between steps, and what comes of it is the same', () => {
  const swept = sweptOf([section('top', [box('wide', 480)])])
  const steps = sweeping(swept, 100)
  let stops = 0
  for (;;) {
    const step = steps.next()
    if (step.done) {
      expect(step.value.map(({ from, to }) => [from, to])).toEqual(
        sweepPage(swept).map(({ from, to }) => [from, to]),
      )
      break
    }
    stops++
  }
  expect(stops).toBeGreaterThan(10)
})

test('text at 200 % and 300 % needs more room, px text does not', () => {
  expect([textZoomOf('drawn'), textZoomOf('text200'), textZoomOf('text300')]).toEqual([1, 2, 3])
  const button = (unit: 'px' | 'rem') => [
    section('top', [
      text('label', 'Supercalifragilistic', { place: { width: { value: unit === 'px' ? 352 : 22, unit } } }),
    ]),
  ]
  const at = (unit: 'px' | 'rem', textZoom: number) =>
    ranges(sweptOf(button(unit), { environment: () => ({ textZoom }) })).filter(
      ([trouble]) => trouble === 'outOfPage',
    )
  expect(at('px', 3)).toEqual(at('px', 1))
  expect(at('rem', 1)[0][3]).toBeLessThan(Number(at('rem', 2)[0][3]))
})

test('text spacing of WCAG 2.2, 1.4.12, makes words wider and lines higher', () => {
  const sources = pageSources(
    reviewedProject([
      section('top', [text('words', 'Boats leave every hour.', { place: { width: 'fit' } })]),
    ]),
    REVIEWED,
  )
  const page = resolvePage(sources, usualBands.wide, 'mockup')
  const [plain, spaced] = [page, pageUnder(page, 'spacing')].map((one) => {
    const layout = new PageLayouter(library).layout(one, { ...usualEnvironment, viewportWidth: 1440 })
    return layout.sections[0].children[0]
  })
  const { font } = plain
  expect(spaced.font?.lineHeight).toBe(Math.round((font?.size ?? 0) * 1.5))
  expect(spaced.w).toBeGreaterThan(plain.w * 1.15)
})

test('the longest, shortest and missing content of a collection stand in every row', () => {
  const collection = {
    ...{ kind: 'collection', id: idOf('isles'), schema: 1 },
    records: {
      fields: { [idOf('name')]: { id: idOf('name'), order: 'a0', name: 'Name', type: 'text' } },
      rows: Object.fromEntries(
        ['Orrel', 'Little Hask', 'Ay'].map((name, index) => {
          const id = idOf(`row${index}`)
          return [id, { id, order: `a${index}`, values: { [idOf('name')]: name } }]
        }),
      ),
      settings: {},
    },
  }
  const documents = { ...reviewedProject([]), [collection.id]: collection } as unknown as Documents
  const names = (condition: keyof typeof CONDITIONS) => {
    const around = sourcesUnder(pageSources(documents, REVIEWED), condition).around as Documents
    const rows = Object.values(around[collection.id].records.rows) as { values?: Record<string, string> }[]
    return rows.map(({ values }) => values?.[idOf('name')])
  }
  expect(names('drawn')).toEqual(['Orrel', 'Little Hask', 'Ay'])
  expect(names('longest')).toEqual(['Little Hask', 'Little Hask', 'Little Hask'])
  expect(names('shortest')).toEqual(['Ay', 'Ay', 'Ay'])
  expect(names('missing')).toEqual(['', '', ''])
})

test('findings of a sweep are those no band is drawn at, each with its widths and what would mend it', () => {
  const wide = usualSite.records.bands[usualBands.wide].from
  const documents = reviewedProject([
    section('top', [
      box('panel', 1200, { at: { [usualBands.medium]: { place: { width: px(400) } } } }),
      box('always', 1900),
    ]),
  ])
  const sources = pageSources(documents, REVIEWED)
  const swept = sweepPage({ library, bands, resolve: (band) => resolvePage(sources, band, 'mockup') })
  const page = sources.site.records.pages[REVIEWED]
  const found = sweepFindings(
    page,
    sources.site,
    swept.map((range) => sweptTrouble(REVIEWED, range)),
  )
  const [ofPanel, ...others] = found.filter(({ place }) => place.id === idOf('panel'))
  expect(others).toEqual([])
  expect(ofPanel).toMatchObject({ rule: 'atSomeWidths', severity: 'serious', bands: [usualBands.wide] })
  expect(ofPanel.widths?.[0]).toBe(wide)
  expect(ofPanel.fix?.label).toBe(`Let Wide begin at ${(ofPanel.widths?.[1] ?? 0) + 1} px`)
  // What runs out at the drawn width, too, is told by the rule of that.
  expect(found.filter(({ place }) => place.id === idOf('always'))).toEqual([])

  const moved = withFix(documents, ofPanel.fix as Fix)
  const after = pageSources(moved, REVIEWED)
  const again = sweepPage({
    ...{ library, bands: bandsOf(after.site).inOrder },
    resolve: (band) => resolvePage(after, band, 'mockup'),
  })
  const ofWide = again.filter(({ node, band }) => node.name === 'panel' && band === usualBands.wide)
  expect(ofWide).toEqual([])
})

test('what should be seen at once is told where it leaves the first window, and not where it never was in it', () => {
  const pageWith = (height: WrittenLength) =>
    sweptOf([
      section('top', [
        { ...text('title', 'Boats'), tag: 'h1' },
        box('picture', 100, { place: { height } }),
        { kind: 'button', name: 'buy', text: [{ insert: 'Buy a ticket' }] },
      ]),
    ])
  const below = (swept: Swept) => sweepPage(swept).filter(({ trouble }) => trouble === 'belowFold')
  const [range, ...others] = below(pageWith({ value: 50, unit: 'vw' }))
  expect(others).toEqual([])
  expect(range).toMatchObject({ band: usualBands.wide, to: SWEPT.to, worst: { width: SWEPT.to } })
  expect(range.node.name).toBe('buy')
  expect(range.mends).toBeUndefined()
  // Half the width above it: a px lower for every two the page is wider.
  const lower = (SWEPT.to - range.from) / 2
  expect(range.worst.by).toBeGreaterThan(lower)
  // It is told once it is half below.
  expect(range.worst.by).toBeLessThan(lower + 32)
  expect(below(pageWith(px(1200)))).toEqual([])
})
