import { overlayName } from '../site/siteFacts'
import type { BlockNode, PageNode } from './node'

/**
 * The overlays that blocks of a page show, and those that blocks of these show in turn, each resolved at every band.
 * @param pages the page at every band
 * @param overlays ids of all there are
 * @param resolve an overlay at every band
 */
export function overlaysShown(
  pages: PageNode[],
  overlays: string[],
  resolve: (overlay: string) => PageNode[],
): Map<string, PageNode[]> {
  const byName = new Map(overlays.map((id) => [overlayName(id), id]))
  const found = new Map<string, PageNode[]>()
  const walk = ({ attributes, children }: BlockNode) => {
    const id = byName.get(attributes.popovertarget ?? '')
    if (id !== undefined && !found.has(id)) {
      const shown = resolve(id)
      found.set(id, shown)
      for (const { children: inside } of shown) inside.forEach(walk)
    }
    children.forEach(walk)
  }
  for (const { children } of pages) children.forEach(walk)
  return found
}
