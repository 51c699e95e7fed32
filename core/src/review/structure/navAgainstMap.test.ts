import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { Documents } from '../../document/types'
import type { SiteDocument } from '../../site/site'
import { idOf, type Sketch } from '../../testing/draft'
import { REVIEWED, reviewed, reviewedProject } from '../../testing/reviewed'
import { page } from '../../testing/ruleCases/drawnPages'

const library = shippedFontLibrary()
const MAIN = idOf('mainmenu')
const PAGES = ['isles', 'tides', 'prices']

/** What is found on a page of a site whose main menu leads to three others. */
function found(holds: Sketch[], more: object = {}) {
  const documents = reviewedProject(page(...holds))
  const site = documents.site as unknown as SiteDocument
  const byId = (list: { id: string }[]) => Object.fromEntries(list.map((one) => [one.id, one]))
  const others = PAGES.map((title) => ({ id: idOf(title), order: `b${title}`, title }))
  const own = { ...site.records.pages[REVIEWED], ...more }
  const entries = PAGES.map((title) => ({
    ...{ id: idOf(`to${title}`), menu: MAIN, order: `a${title}`, page: idOf(title) },
  }))
  const records = {
    ...site.records,
    pages: byId([own, ...others]),
    menus: byId([{ id: MAIN, order: 'a0', name: 'Main menu', kind: 'main' } as { id: string }]),
    menuEntries: byId(entries),
  }
  return reviewed({ ...documents, site: { ...site, records } } as unknown as Documents, library)
    .filter(({ rule }) => rule === 'navAgainstMap')
    .map(({ says }) => says)
}

const MENU: Sketch = { kind: 'nav', name: 'menu', data: { menu: MAIN } }
const linksTo = (pages: string[], tag = 'nav'): Sketch => ({
  ...{ kind: 'box', name: 'ways', tag: tag as 'nav' },
  holds: pages.map((title) => ({
    ...{ kind: 'link', name: title, text: [{ insert: title }] },
    data: { to: { page: idOf(title) } },
  })),
})

test('a page without the main menu is told, unless it does without what pages share', () => {
  expect(found([])).toEqual(['“Fares” does not show Main menu of the map.'])
  expect(found([MENU])).toEqual([])
  expect(found([], { without: [idOf('header')] })).toEqual([])
  expect(found([], { kind: 'outside' })).toEqual([])
})

test('links drawn by hand that have most of a menu are told what they lack', () => {
  expect(found([MENU, linksTo(['isles', 'tides'])])).toEqual([
    'ways is drawn by hand and lacks prices of Main menu on “Fares”.',
  ])
  expect(found([MENU, linksTo(PAGES)])).toEqual([])
  expect(found([MENU, linksTo(['isles'])])).toEqual([])
  expect(found([MENU, linksTo(['isles', 'tides'], 'div')])).toEqual([])
})
