import type { Block } from '../block/block'
import { overlaysShown } from '../resolve/overlaysShown'
import { resolveAllBands } from '../resolve/resolvePage'
import { overlayAt } from '../site/overlay'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { siteHtml } from './siteHtml'

const id = (name: string) => name.padEnd(16, '0')
const says = (insert: string) => [{ insert }]
const record = {
  ...{
    id: id('menu'),
    page: id('home'),
    order: 'a0',
    name: 'Menu <all>',
    place: 'right' as const,
    width: 360,
  },
  at: { [usualBands.narrow]: { place: 'whole' as const } },
}
const other = { id: id('terms'), page: id('home'), order: 'a1', name: 'Terms' }
const site = {
  ...usualSite,
  records: {
    ...usualSite.records,
    pages: { [id('home')]: { id: id('home'), order: 'a0', title: 'Home' } },
    overlays: { [record.id]: record, [other.id]: other },
  },
}
const drawingOf = (page: string, blocks: Partial<Block>[]) => ({
  ...{ kind: 'drawing', id: page, schema: 3 },
  records: { blocks: Object.fromEntries(blocks.map((one) => [one.id, one as Block])) },
})
const button = (name: string, parent: string, to: object, kind = 'button') => ({
  ...{ id: id(name), kind, parent: id(parent), order: 'a0', text: says(name), data: { to } },
})
const home = drawingOf(id('home'), [
  { id: id('top'), kind: 'section', order: 'a0' },
  button('open', 'top', { overlay: record.id }, 'link') as Partial<Block>,
  button('gone', 'top', { overlay: id('nothing') }) as Partial<Block>,
])
const menu = drawingOf(record.id, [
  { id: id('in'), kind: 'section', order: 'a0' },
  button('more', 'in', { overlay: other.id }) as Partial<Block>,
  button('close', 'in', { closes: true }) as Partial<Block>,
])
const terms = drawingOf(other.id, [{ id: id('say'), kind: 'section', order: 'a0' }])
const resolved = (drawing: typeof home) => resolveAllBands({ drawing, site, style: plainStyle }, 'mockup')
const shown = overlaysShown(resolved(home), Object.keys(site.records.overlays), (one) =>
  resolved(one === record.id ? menu : terms),
)

test('an overlay that an overlay shows comes along; each comes once', () => {
  expect([...shown.keys()]).toEqual([record.id, other.id])
})

const inOrder = Object.values(site.records.bands).sort((a, b) => a.from - b.from)
const bands = { inOrder, lead: usualBands.wide }
const places = inOrder.map((band) => overlayAt(record, bands, band.id, Infinity))
const [page, sheet] = siteHtml(
  { bands: inOrder, lead: bands.lead, language: 'en', fonts: [], picturePath: () => 'data:,' },
  [
    {
      ...{ id: id('home'), title: 'Home', address: '/', pages: resolved(home) },
      overlays: [...shown].map(([one, pages]) => ({
        ...{ id: one, name: site.records.overlays[one].name, pages, veil: '#17211e80' },
        places: one === record.id ? places : inOrder.map(() => ({ place: 'middle' as const, width: 480 })),
      })),
    },
  ],
)

test('what shows it is a button the browser knows by itself; what is gone shows nothing', () => {
  expect(page.text).toContain(`<button class="home-link" type="button" popovertarget="overlay-${record.id}">`)
  expect(page.text).not.toContain(`overlay-${id('nothing')}`)
  expect(page.text).toContain('aria-label="Menu &lt;all&gt;"')
  expect(page.text).toMatch(/<button[^>]+popovertarget="overlay-menu0+" popovertargetaction="hide">/)
})

test('it stands at each band where that says', () => {
  expect(sheet.text).toMatch(
    /\.home-over-1 \{ [^}]*inset: 0 0 0 auto; margin: 0; width: 360px; height: 100% \}/,
  )
  const narrow = sheet.text.split('@media (width < 680px)').join(' ')
  expect(sheet.text).not.toContain('1120px) {\n.home-over-1 {')
  expect(narrow).toMatch(/ \{\n\.home-over-1 \{ inset: 0; margin: 0; width: 100%; height: 100% \}/)
  expect(sheet.text).toContain('--veil: #17211e80')
})

// Widths never exceed the viewport; along an edge, or over all of it, they are the viewport's.
test.each([
  [usualBands.wide, 1440, { place: 'right', width: 360 }],
  [usualBands.medium, 300, { place: 'right', width: 300 }],
  [usualBands.narrow, 390, { place: 'whole', width: 390 }],
])('at %s in %d px', (band, viewport, expected) => {
  expect(overlayAt(record, bands, band, viewport)).toEqual(expected)
})
