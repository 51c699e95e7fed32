import { putAmong } from '../document/placing'
import { childrenByParent, childrenOf } from '../document/tree'
import type { Operation } from '../document/types'
import type { Page } from './site'

/** A page to bring in, in reading order; each at most one deeper than the one before. */
export interface IncomingPage {
  title: string
  depth: number
  path?: string
  purpose?: string
  goal?: string
  /** names of what stands on it, from top to bottom */
  sections?: string[]
}

/** What bringing pages in will do. */
export interface PageMerge {
  operations: Operation[]
  added: number
  /** pages found to be there already, by path or title among the same siblings */
  kept: number
  removed: number
}

/**
 * Brings pages into a site. Merging keeps what is there and adds what is not; a page counts as there when one of the
 * same path, or else of the same title, stands below the same page. Replacing takes all pages away first.
 * @param below the page they are brought in under; null for the top
 */
export function mergePages(
  pages: Record<string, Page>,
  incoming: IncomingPage[],
  below: string | null,
  mode: 'merge' | 'replace',
  newId: () => string,
): PageMerge {
  const there = mode === 'merge' ? pages : {}
  const removed = mode === 'replace' ? childrenOf(pages, null) : []
  const operations: Operation[] = removed.map(({ id }) => ({ type: 'remove', collection: 'pages', id }))
  const children = childrenByParent(there)
  const top = mode === 'merge' ? below : null
  const open: string[] = []
  const added = new Map<string | null, (IncomingPage & { id: string })[]>()
  let kept = 0
  for (const page of incoming) {
    open.length = Math.min(page.depth, open.length)
    const parent = open.at(-1) ?? top
    const found = twin(children.get(parent) ?? [], page)
    if (found) kept++
    const id = found?.id ?? newId()
    if (!found) {
      const list = added.get(parent)
      if (list) list.push({ ...page, id })
      else added.set(parent, [{ ...page, id }])
    }
    open.push(id)
  }
  for (const [parent, list] of added) {
    const siblings = children.get(parent) ?? []
    const records = list.map(({ id, title, path, purpose, goal }) => ({
      id,
      title,
      ...(parent ? { parent } : {}),
      ...(path ? { path } : {}),
      ...(purpose ? { purpose } : {}),
      ...(goal ? { goal } : {}),
    }))
    operations.push(...putAmong('pages', siblings, siblings.length, records))
  }
  for (const { id: page, sections = [] } of [...added.values()].flat()) {
    const made = sections.map((name) => ({ id: newId(), page, name }))
    operations.push(...putAmong('sections', [], 0, made))
  }
  return {
    operations,
    kept,
    added: incoming.length - kept,
    removed: mode === 'replace' ? Object.keys(pages).length : 0,
  }
}

const folded = (text: string) => text.trim().toLowerCase()

function twin(siblings: Page[], { title, path }: IncomingPage): Page | undefined {
  return (
    siblings.find((page) => path !== undefined && page.path === path) ??
    siblings.find((page) => folded(page.title) === folded(title))
  )
}
