import { moveAmong, putAmong } from '../document/placing'
import { childrenByParent, childrenOf, inOrder } from '../document/tree'
import type { Operation } from '../document/types'
import type { Page, Section } from './site'

type Pages = Record<string, Page>

/** Adds pages with these titles below a parent (null: at the top), before its child number `index`. */
export function addPages(
  pages: Pages,
  parent: string | null,
  index: number,
  made: { id: string; title: string }[],
): Operation[] {
  const records = made.map(({ id, title }) => ({ id, title, ...(parent ? { parent } : {}) }))
  return putAmong('pages', childrenOf(pages, parent), index, records)
}

/** Moves a page below a parent, before its child number `index` (counted without the page itself). */
export function movePage(pages: Pages, id: string, parent: string | null, index: number): Operation[] {
  const siblings = childrenOf(pages, parent).filter((page) => page.id !== id)
  const stays = (pages[id].parent ?? null) === parent
  return moveAmong('pages', siblings, index, id, stays ? {} : { parent: parent ?? undefined })
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
  return putAmong('sections', there, there.length, [{ id, page, name }])
}

/** Sections common to all pages that stand at an end of them, in order. */
export function commonSections(sections: Record<string, Section>, end: 'top' | 'bottom'): Section[] {
  return inOrder(Object.values(sections).filter(({ page, common }) => !page && (common ?? 'top') === end))
}

/**
 * What stands on each page from top to bottom, by page: its own sections between the common ones it has not taken out.
 */
export function sectionsShown({ pages, sections }: { pages: Pages; sections: Record<string, Section> }) {
  const own = new Map<string | undefined, Section[]>()
  for (const section of Object.values(sections)) {
    const list = own.get(section.page)
    if (list) list.push(section)
    else own.set(section.page, [section])
  }
  const [top, bottom] = [commonSections(sections, 'top'), commonSections(sections, 'bottom')]
  return new Map(
    Object.values(pages).map((page): [string, Section[]] => {
      const stays = ({ id }: Section) => page.kind !== 'external' && !page.without?.includes(id)
      return [page.id, [...top.filter(stays), ...inOrder(own.get(page.id) ?? []), ...bottom.filter(stays)]]
    }),
  )
}

/**
 * A copy of a page with all below it and their sections, put after the original.
 * Titles stay; what refers to the pages from menus and journeys stays with the originals.
 */
export function duplicateBranch(
  { pages, sections }: { pages: Pages; sections: Record<string, Section> },
  id: string,
  newId: () => string,
): Operation[] {
  const original = pages[id]
  const siblings = childrenOf(pages, original.parent ?? null)
  const ids = new Map<string, string>()
  const below = childrenByParent(pages)
  const list = (page: Page): Page[] => [page, ...(below.get(page.id) ?? []).flatMap(list)]
  const branch = list(original)
  for (const page of branch) ids.set(page.id, newId())
  const copyOf = (page: Page) => ({ ...page, id: ids.get(page.id) as string })
  const top = putAmong('pages', siblings, siblings.indexOf(original) + 1, [copyOf(original)])
  const others = branch.slice(1).map((page): Operation => {
    const record = { ...copyOf(page), parent: ids.get(page.parent as string) as string }
    return { type: 'put', collection: 'pages', id: record.id, record }
  })
  const own = Object.values(sections).filter(({ page }) => page && ids.has(page))
  const copies = own.map((section): Operation => {
    const record = { ...section, id: newId(), page: ids.get(section.page as string) as string }
    return { type: 'put', collection: 'sections', id: record.id, record }
  })
  return [...top, ...others, ...copies]
}
