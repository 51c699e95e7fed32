import { childrenByParent } from '../document/tree'
import type { Page } from './site'

/** A page with how deep it stands in the tree, 0 at the top. */
export interface PageInTree {
  page: Page
  depth: number
}

/**
 * All pages as they stand in the tree, each before what is below it.
 * @param folded pages whose branch is left out
 */
export function pagesInOrder(
  pages: Record<string, Page>,
  folded: ReadonlySet<string> = new Set(),
): PageInTree[] {
  const children = childrenByParent(pages)
  const list: PageInTree[] = []
  const walk = (parent: string | null, depth: number) => {
    for (const page of children.get(parent) ?? []) {
      list.push({ page, depth })
      if (!folded.has(page.id)) walk(page.id, depth + 1)
    }
  }
  walk(null, 0)
  return list
}
