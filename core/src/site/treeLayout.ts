import { stratify, tree } from 'd3-hierarchy'
import type { Page } from './site'
import { pagesInOrder } from './treeOrder'

/** A page's card on the map: px from the map's corner, and how deep it stands. */
export interface MapCard {
  page: Page
  x: number
  y: number
  depth: number
}

export interface CardSize {
  /** px */
  width: number
  /** px between cards side by side */
  gap: number
  /** px between the tops of two levels */
  level: number
}

const ROOT = ' root'

/**
 * The tree of pages drawn tidily from the top down: no overlap, parents over the middle of their children. Drawn from
 * left to right, x and y change places and `width` is the height of a card.
 * @param folded pages whose branch is not drawn
 */
export function treeLayout(
  pages: Record<string, Page>,
  size: CardSize,
  folded: ReadonlySet<string> = new Set(),
): MapCard[] {
  const listed = pagesInOrder(pages, folded).map(({ page }) => page)
  if (listed.length === 0) return []
  const root = stratify<Page | { id: typeof ROOT; parent?: undefined }>()
    .id(({ id }) => id)
    .parentId(({ id, parent }) => (id === ROOT ? null : (parent ?? ROOT)))([{ id: ROOT }, ...listed])
  const placed = tree<Page | { id: typeof ROOT; parent?: undefined }>()
    .nodeSize([size.width + size.gap, size.level])
    .separation((a, b) => (a.parent === b.parent ? 1 : 1.15))(root)
  const nodes = placed.descendants().slice(1)
  const left = Math.min(...nodes.map(({ x }) => x))
  return nodes.map(({ data, x, y, depth }) => {
    return { page: data as Page, x: x - left, y: y - size.level, depth: depth - 1 }
  })
}
