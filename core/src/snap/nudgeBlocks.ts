import { setLeaf } from '../edit/blockChanges'
import type { Operation } from '../document/types'
import { anchoredPlace } from './anchoredPlace'
import { outermostPlaced, type DrawnPage, type Placed } from './drawnPage'

const containerOf = ({ placed }: DrawnPage, { parent }: Placed) =>
  parent === null ? undefined : placed.get(parent)

/** Whether all of some blocks are placed freely, so that they can be nudged. */
export function canNudge(page: DrawnPage, keys: string[]): boolean {
  const all = keys.map((key) => page.placed.get(key))
  return all.length > 0 && all.every((one) => one && containerOf(page, one)?.box.arrange === 'placed')
}

/** Operations that move freely placed blocks by some px, each by the offsets its anchors go by. */
export function nudgeBlocks(page: DrawnPage, keys: string[], dx: number, dy: number): Operation[] {
  return outermostPlaced(page, keys).flatMap((one) => {
    const container = containerOf(page, one)
    if (!container) return []
    const rect = { ...one, x: one.x + dx, y: one.y + dy }
    const changes = { across: dx ? ('place' as const) : undefined, down: dy ? ('place' as const) : undefined }
    return anchoredPlace(page, one, container, rect, changes).flatMap(([path, value]) =>
      setLeaf([one.record], path, value, page.at),
    )
  })
}
