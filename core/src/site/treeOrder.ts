import { childrenByParent, treeInOrder } from '../document/tree'
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
  return treeInOrder(childrenByParent(pages), ({ id }) => !folded.has(id)).map(({ record, depth }) => {
    return { page: record, depth }
  })
}
