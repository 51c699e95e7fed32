import { fixByMenu, named, ownPages } from './mapFacts'
import type { MapRule } from './mapRule'

export const inNoMenu: MapRule = {
  id: 'inNoMenu',
  label: 'Pages in no menu',
  why: 'A page that is in no menu is found by a link or not at all.',
  severity: 'fair',
  find(facts) {
    if (Object.keys(facts.site.menus).length === 0) return []
    return ownPages(facts)
      .filter(({ id, kind }) => kind === undefined && id !== facts.ways.home)
      .filter(({ id }) => facts.clicks.has(id) && !facts.ways.entriesTo.has(id))
      .map((page) => ({
        place: { collection: 'pages', id: page.id },
        says: `${named(page)} stands in no menu.`,
        fix: fixByMenu(facts, page),
      }))
  },
}
