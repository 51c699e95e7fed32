import type { BlockNode, NodeContent, PageNode } from '../resolve/node'
import { classNames } from './pageHtml'

/** An element of a page's HTML as a developer will find it. */
export interface SkeletonRow {
  key: string
  /** how many elements it stands in */
  depth: number
  element: string
  className: string
  /** what the designer calls it */
  name: string
  shows: NodeContent['type']
}

/** The elements of a page in the order of its HTML, with the classes they are exported under. */
export function skeletonOf(page: PageNode): SkeletonRow[] {
  const classes = classNames(page)
  const walk =
    (depth: number) =>
    (node: BlockNode): SkeletonRow[] => [
      {
        key: node.key,
        depth,
        element: node.tag,
        className: classes.get(node.key) ?? '',
        name: node.name,
        shows: node.content.type,
      },
      ...node.children.flatMap(walk(depth + 1)),
    ]
  return page.children.flatMap(walk(0))
}
