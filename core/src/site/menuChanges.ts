import { moveAmong, putAmong } from '../document/placing'
import { inOrder } from '../document/tree'
import type { Operation } from '../document/types'
import type { Menu, MenuEntry, Page, SiteRecords } from './site'

type Entries = Record<string, MenuEntry>

/** The menus of a site in order. */
export const menusInOrder = (menus: Record<string, Menu>): Menu[] => inOrder(Object.values(menus))

/** The lines of a menu at one level, in order. */
export function entriesBelow(entries: Entries, menu: string, parent: string | null): MenuEntry[] {
  return inOrder(
    Object.values(entries).filter((entry) => entry.menu === menu && (entry.parent ?? null) === parent),
  )
}

/** What a line of a menu says: its own label, else its page's short name or title. */
export function entryLabel({ label, page, address }: MenuEntry, pages: Record<string, Page>): string {
  const shown = page ? pages[page] : undefined
  return label || shown?.shortName || shown?.title || address || 'Untitled'
}

/** A line of a menu with how deep it stands, 0 at the top. */
export interface MenuLine {
  entry: MenuEntry
  depth: number
}

/** A menu from top to bottom. */
export function menuLines(entries: Entries, menu: string): MenuLine[] {
  const walk = (parent: string | null, depth: number): MenuLine[] =>
    entriesBelow(entries, menu, parent).flatMap((entry) => [{ entry, depth }, ...walk(entry.id, depth + 1)])
  return walk(null, 0)
}

/** How many lines a menu has at its broadest level and how many levels it has. */
export function menuSize(entries: Entries, menu: string): { breadth: number; depth: number } {
  const counts = new Map<string, number>()
  const lines = menuLines(entries, menu)
  for (const { entry } of lines) counts.set(entry.parent ?? '', (counts.get(entry.parent ?? '') ?? 0) + 1)
  return {
    breadth: Math.max(0, ...counts.values()),
    depth: Math.max(0, ...lines.map(({ depth }) => depth + 1)),
  }
}

/** Adds pages to a menu below an entry (null: at its top), before line number `index` there. */
export function addToMenu(
  entries: Entries,
  menu: string,
  parent: string | null,
  index: number,
  made: { id: string; page?: string; label?: string; address?: string }[],
): Operation[] {
  const records = made.map((entry) => ({ ...entry, menu, ...(parent ? { parent } : {}) }))
  return putAmong('menuEntries', entriesBelow(entries, menu, parent), index, records)
}

/** Moves a line, with what stands below it, to a place in a menu; lines below follow it into another menu. */
export function moveInMenu(
  entries: Entries,
  id: string,
  menu: string,
  parent: string | null,
  index: number,
): Operation[] {
  const siblings = entriesBelow(entries, menu, parent).filter((entry) => entry.id !== id)
  const moved = moveAmong('menuEntries', siblings, index, id, { menu, parent: parent ?? undefined })
  if (entries[id].menu === menu) return moved
  const below = menuLines(entries, entries[id].menu)
    .filter(({ entry }) => entry.id !== id && isBelowEntry(entries, entry.id, id))
    .map(({ entry }): Operation => {
      return { type: 'set', collection: 'menuEntries', id: entry.id, path: ['menu'], value: menu }
    })
  return [...moved, ...below]
}

/** Whether a line stands anywhere below another. */
export function isBelowEntry(entries: Entries, id: string, above: string): boolean {
  for (let here: MenuEntry | undefined = entries[id]; here?.parent; here = entries[here.parent])
    if (here.parent === above) return true
  return false
}

/** The pages from home down to a page, which breadcrumbs name: they follow from the tree. */
export function breadcrumb(
  { pages }: Pick<SiteRecords, 'pages'>,
  home: string | undefined,
  id: string,
): Page[] {
  const trail: Page[] = []
  for (let here: Page | undefined = pages[id]; here; here = here.parent ? pages[here.parent] : undefined)
    trail.unshift(here)
  return home && pages[home] && trail[0]?.id !== home ? [pages[home], ...trail] : trail
}
