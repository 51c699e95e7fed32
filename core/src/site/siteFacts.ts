import type { SiteFacts, SiteLine } from '../block/siteFacts'
import { childrenByParent, inOrder } from '../document/tree'
import { homePage, pageAddresses, pathFromTitle } from './address'
import type { MenuEntry, Page, Section, SiteRecords } from './site'

type Plan = Pick<SiteRecords, 'pages' | 'sections' | 'menus' | 'menuEntries' | 'overlays'>

/** What menus call a page. */
export const menuLabel = (page: Page): string => page.shortName || page.title || 'Untitled'

/**
 * What the plan of a site says to blocks on one of its pages; what it is asked for is worked out once.
 * @param on the page they stand on, or the overlay: that is over its own page
 */
export function siteFactsAt(plan: Plan, on: string): SiteFacts {
  const { pages, sections, menus, menuEntries, overlays } = plan
  const at = overlays[on]?.page ?? on
  const addresses = once(() => pageAddresses(pages))
  const children = once(() => childrenByParent(pages))
  const around = once(() => new Set(pathTo(pages, at).map(({ id }) => id)))
  const anchors = once(() => sectionAnchors(sections))
  const entries = once(() => entriesByParent(menuEntries))
  const known = new Map<string, SiteLine[]>()

  const pageLine = (page: Page): SiteLine => ({
    id: page.id,
    label: menuLabel(page),
    href: addresses().get(page.id),
    isCurrent: page.id === at,
    isOpen: around().has(page.id),
    below: [],
  })

  const entryLine = (entry: MenuEntry): SiteLine => {
    const page = entry.page === undefined ? undefined : pages[entry.page]
    const below = (entries().get(entry.id) ?? []).map(entryLine)
    const isCurrent = page?.id === at
    return {
      id: entry.id,
      label: entry.label || (page ? menuLabel(page) : entry.address || 'Untitled'),
      href: page ? addresses().get(page.id) : entry.address,
      isCurrent,
      isOpen:
        isCurrent || (page !== undefined && around().has(page.id)) || below.some(({ isOpen }) => isOpen),
      below,
    }
  }

  return {
    pageAddress: (page) => addresses().get(page),
    sectionAnchor: (section) => anchors().get(section),
    overlay: (overlay) => (overlays[overlay] ? overlayName(overlay) : undefined),
    within: overlays[on] ? overlayName(on) : undefined,
    menu: (menu) => {
      if (!menus[menu]) return undefined
      let lines = known.get(menu)
      if (!lines) known.set(menu, (lines = (entries().get(menu) ?? []).map(entryLine)))
      return lines
    },
    trail: () => {
      const path = pathTo(pages, at)
      const home = homePage(pages)
      return (home && path[0]?.id !== home.id ? [home, ...path] : path).map(pageLine)
    },
    pagesBelow: (page = at) =>
      (children().get(page) ?? []).filter(({ kind }) => kind !== 'outside').map(pageLine),
  }
}

/** What an overlay is known by within pages. */
export const overlayName = (id: string): string => `overlay-${id}`

/** What addresses lead to the pages' own sections by, no two alike on a page. */
function sectionAnchors(sections: Record<string, Section>): Map<string, string> {
  const anchors = new Map<string, string>()
  const taken = new Set<string>()
  for (const { id, page, name } of inOrder(Object.values(sections))) {
    if (!page) continue
    const base = pathFromTitle(name) || 'section'
    let free = base
    for (let count = 2; taken.has(`${page} ${free}`); count++) free = `${base}-${count}`
    taken.add(`${page} ${free}`)
    anchors.set(id, free)
  }
  return anchors
}

function once<T>(make: () => T): () => T {
  let made: { value: T } | undefined
  return () => (made ??= { value: make() }).value
}

/** A page and all above it, the outermost first. */
function pathTo(pages: Record<string, Page>, id: string): Page[] {
  const path: Page[] = []
  for (let here = pages[id] as Page | undefined; here; here = here.parent ? pages[here.parent] : undefined)
    path.unshift(here)
  return path
}

/** Lines of menus in order, by the line they stand below, else by their menu. */
function entriesByParent(entries: Record<string, MenuEntry>): Map<string, MenuEntry[]> {
  const placed = Object.fromEntries(
    Object.values(entries).map((entry) => [entry.id, { ...entry, parent: entry.parent ?? entry.menu }]),
  )
  const lists = new Map<string, MenuEntry[]>()
  for (const [parent, list] of childrenByParent(placed)) if (parent !== null) lists.set(parent, list)
  return lists
}
