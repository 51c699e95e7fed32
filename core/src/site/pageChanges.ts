import { orderAt } from '../document/order'
import { childrenOf, inOrder } from '../document/tree'
import type { Operation, StoredRecord } from '../document/types'
import type { Page, Section } from './site'

type Pages = Record<string, Page>

const put = (collection: string, record: Page | Section): Operation => ({
  type: 'put',
  collection,
  id: record.id,
  record: record as unknown as StoredRecord,
})
const setOrder = (collection: string, id: string, order: string): Operation => {
  return { type: 'set', collection, id, path: ['order'], value: order }
}

/** Adds pages with these titles below a parent (null: at the top), before its child number `index`. */
export function addPages(
  pages: Pages,
  parent: string | null,
  index: number,
  made: { id: string; title: string }[],
): Operation[] {
  const { keys, renumbered } = orderAt(childrenOf(pages, parent), index, made.length)
  return [
    ...renumbered.map(({ id, order }) => setOrder('pages', id, order)),
    ...made.map(({ id, title }, at) =>
      put('pages', { id, title, order: keys[at], ...(parent ? { parent } : {}) }),
    ),
  ]
}

/** Adds an indented list of pages below a parent, after its last child. `newId` gives an id for each. */
export function addOutline(
  pages: Pages,
  parent: string | null,
  entries: { title: string; depth: number }[],
  newId: () => string,
): Operation[] {
  const made = entries.map((entry) => ({ ...entry, id: newId() }))
  const below = new Map<string | null, typeof made>()
  const open: string[] = []
  for (const entry of made) {
    open.length = entry.depth
    const above = open[entry.depth - 1] ?? parent
    below.set(above, [...(below.get(above) ?? []), entry])
    open.push(entry.id)
  }
  return [...below].flatMap(([above, list]) => {
    const there = above === parent ? childrenOf(pages, parent) : []
    return addPages(above === parent ? pages : {}, above, there.length, list)
  })
}

/** Moves a page below a parent, before its child number `index` (counted without the page itself). */
export function movePage(pages: Pages, id: string, parent: string | null, index: number): Operation[] {
  const siblings = childrenOf(pages, parent).filter((page) => page.id !== id)
  const { keys, renumbered } = orderAt(siblings, index)
  const operations: Operation[] = renumbered.map((one) => setOrder('pages', one.id, one.order))
  if ((pages[id].parent ?? null) !== parent) {
    operations.push({
      type: 'set',
      collection: 'pages',
      id,
      path: ['parent'],
      ...(parent ? { value: parent } : {}),
    })
  }
  return [...operations, setOrder('pages', id, keys[0])]
}

/** Whether `id` stands anywhere below `above`. */
export function isBelow(pages: Pages, id: string, above: string): boolean {
  for (let here: Page | undefined = pages[id]; here?.parent; here = pages[here.parent]) {
    if (here.parent === above) return true
  }
  return false
}

/** A page's sections in order. */
export function sectionsOf(sections: Record<string, Section>, page: string): Section[] {
  return inOrder(Object.values(sections).filter((section) => section.page === page))
}

/** Adds a section at the end of a page. */
export function addSection(
  sections: Record<string, Section>,
  page: string,
  id: string,
  name: string,
): Operation[] {
  const there = sectionsOf(sections, page)
  const { keys, renumbered } = orderAt(there, there.length)
  const moved = renumbered.map((one) => setOrder('sections', one.id, one.order))
  return [...moved, put('sections', { id, page, order: keys[0], name })]
}
