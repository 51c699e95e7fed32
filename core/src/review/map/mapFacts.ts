import type { ContentDocument } from '../../content/content'
import type { Operation } from '../../document/types'
import { pageAddresses } from '../../site/address'
import { addToMenu, entriesBelow, menusInOrder } from '../../site/menuChanges'
import { clickDepths, waysOf, type SiteWays } from '../../site/reach'
import type { Page, SiteDocument, SiteRecords } from '../../site/site'
import type { Fix } from '../finding'

/** What the rules of the map look at, worked out once for all of them. */
export interface MapFacts {
  site: SiteRecords
  content: ContentDocument
  ways: SiteWays
  /** clicks from home, by page */
  clicks: Map<string, number>
  addresses: Map<string, string>
  newId: () => string
}

/** Works out what the rules share. */
export function mapFacts({ records }: SiteDocument, content: ContentDocument, newId: () => string): MapFacts {
  const ways = waysOf(records)
  return {
    site: records,
    content,
    ways,
    clicks: clickDepths(ways),
    addresses: pageAddresses(records.pages),
    newId,
  }
}

/** The name a page goes by in a finding. */
export const named = ({ title }: Page): string => `“${title || 'Untitled'}”`

/** Pages of the site itself, whether in the tree or outside it. */
export const ownPages = ({ site }: MapFacts): Page[] =>
  Object.values(site.pages).filter(({ kind }) => kind !== 'external')

/** A change of the site document. */
export const siteFix = (label: string, operations: Operation[]): Fix => ({
  label,
  parts: [{ document: 'site', kind: 'site', operations }],
})

/** Adds a page at the end of the first menu, or under its parent's line there. */
export function fixByMenu({ site, newId }: MapFacts, page: Page): Fix | undefined {
  const [menu] = menusInOrder(site.menus)
  if (!menu) return undefined
  const above = Object.values(site.menuEntries).find(
    (entry) => entry.menu === menu.id && page.parent !== undefined && entry.page === page.parent,
  )
  const index = entriesBelow(site.menuEntries, menu.id, above?.id ?? null).length
  const entry = { id: newId(), page: page.id }
  return siteFix(
    `Add it to ${menu.name}`,
    addToMenu(site.menuEntries, menu.id, above?.id ?? null, index, [entry]),
  )
}
