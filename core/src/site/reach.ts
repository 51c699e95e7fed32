import { homePage } from './address'
import { menusInOrder } from './menuChanges'
import type { Link, MenuEntry, SiteRecords } from './site'

type Ways = Pick<SiteRecords, 'pages' | 'menus' | 'menuEntries' | 'links'>

/** How a visitor gets from page to page: menus, which stand on every page, and links between pages. */
export interface SiteWays {
  home: string | undefined
  /** entries that lead to a page, by page; those of the first menu first */
  entriesTo: Map<string, MenuEntry[]>
  linksFrom: Map<string, Link[]>
}

/** The ways through a site. */
export function waysOf(site: Ways): SiteWays {
  const rank = new Map(menusInOrder(site.menus).map(({ id }, index) => [id, index]))
  const entries = Object.values(site.menuEntries).sort(
    (a, b) => (rank.get(a.menu) ?? Infinity) - (rank.get(b.menu) ?? Infinity),
  )
  const entriesTo = new Map<string, MenuEntry[]>()
  for (const entry of entries) if (entry.page) push(entriesTo, entry.page, entry)
  const linksFrom = new Map<string, Link[]>()
  for (const link of Object.values(site.links)) push(linksFrom, link.from, link)
  return { home: homePage(site.pages)?.id, entriesTo, linksFrom }
}

function push<T>(lists: Map<string, T[]>, key: string, value: T) {
  const list = lists.get(key)
  if (list) list.push(value)
  else lists.set(key, [value])
}

/**
 * The fewest clicks from home to each page over menus and links, by page id; pages nobody can reach are missing.
 * Breadth-first: every page shows every menu, so what menus hold is one click from home.
 */
export function clickDepths({ home, entriesTo, linksFrom }: SiteWays): Map<string, number> {
  const depths = new Map<string, number>()
  if (!home) return depths
  depths.set(home, 0)
  for (const page of entriesTo.keys()) if (!depths.has(page)) depths.set(page, 1)
  const queue = [...depths.keys()]
  for (let index = 0; index < queue.length; index++) {
    const depth = (depths.get(queue[index]) as number) + 1
    for (const { to } of linksFrom.get(queue[index]) ?? []) {
      const known = depths.get(to)
      if (known !== undefined && known <= depth) continue
      depths.set(to, depth)
      queue.push(to)
    }
  }
  return depths
}

/** How a visitor gets from one page to another in one click, if at all. */
export type Way =
  { by: 'menu'; entry: MenuEntry } | { by: 'link'; link: Link } | { by: 'same page' } | { by: 'none' }

/** The way from a page to another in one click; a link on the page before an entry of a menu. */
export function wayBetween({ entriesTo, linksFrom }: SiteWays, from: string, to: string): Way {
  if (from === to) return { by: 'same page' }
  const link = linksFrom.get(from)?.find((one) => one.to === to)
  if (link) return { by: 'link', link }
  const entry = entriesTo.get(to)?.[0]
  return entry ? { by: 'menu', entry } : { by: 'none' }
}
