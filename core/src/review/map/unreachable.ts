import { fixByMenu, named, ownPages, siteFix, type MapFacts } from './mapFacts'
import type { Page } from '../../site/site'
import type { MapRule } from './mapRule'

export const unreachable: MapRule = {
  id: 'unreachable',
  label: 'Pages nobody can reach',
  why: 'A visitor finds only what a menu or a link leads to.',
  severity: 'serious',
  find(facts) {
    return ownPages(facts)
      .filter(({ id, kind }) => kind === undefined && !facts.clicks.has(id))
      .map((page) => ({
        place: { collection: 'pages', id: page.id },
        says: `${named(page)} cannot be reached: no menu and no link leads there.`,
        fix: fixByLink(facts, page) ?? fixByMenu(facts, page),
      }))
  },
}

/** A link from the page above, when that one can be reached itself. */
function fixByLink({ clicks, site, newId }: MapFacts, { id, parent }: Page) {
  const above = parent ? site.pages[parent] : undefined
  if (!above || !clicks.has(above.id)) return undefined
  const link = newId()
  return siteFix(`Link to it from ${named(above)}`, [
    { type: 'put', collection: 'links', id: link, record: { id: link, from: above.id, to: id } },
  ])
}
