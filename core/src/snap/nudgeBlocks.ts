import { setLeaf } from '../edit/blockChanges'
import type { Operation } from '../document/types'
import type { Arranged } from './alignBlocks'
import { anchoredPlace } from './anchoredPlace'
import { columnsOf, spanOf } from './containerColumns'
import { outermostPlaced, type DrawnPage, type Placed } from './drawnPage'

const containerOf = ({ placed }: DrawnPage, { parent }: Placed) =>
  parent === null ? undefined : placed.get(parent)

/** Whether all of some blocks are placed freely and not locked, so that they can be nudged. */
export function canNudge(page: DrawnPage, keys: string[]): boolean {
  const all = keys.map((key) => page.placed.get(key))
  const isFree = (one: Placed | undefined) =>
    one && containerOf(page, one)?.box.arrange === 'placed' && !page.blocks[one.record]?.locked
  return all.length > 0 && all.every(isFree)
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

/**
 * Moves blocks by a column: on columns to the next one, freely placed ones by the width of a column of the page and its
 * gutter.
 */
export function nudgeByColumn(page: DrawnPage, keys: string[], step: -1 | 1): Arranged {
  const ones = outermostPlaced(page, keys).filter(({ record }) => !page.blocks[record]?.locked)
  if (ones.length === 0) return { reason: 'Select a block that is not locked.' }
  if (canNudge(page, keys)) {
    if (!page.grid) return { reason: 'This page has no columns that can be solved.' }
    const by = page.grid.columnWidth + page.grid.gutter
    return { operations: nudgeBlocks(page, keys, step * by, 0), says: '' }
  }
  const operations = ones.flatMap((one) => {
    const container = containerOf(page, one)
    if (container?.box.arrange !== 'grid') return []
    const count = columnsOf(container).length
    const start = one.box.column + step
    const isThere = start >= 1 && start + spanOf(one, count) - 1 <= count
    return isThere ? setLeaf([one.record], ['place', 'column', 'start'], start, page.at) : []
  })
  return operations.length
    ? { operations, says: '' }
    : {
        reason: 'There is no column there. Blocks in rows and columns move in their order: Alt and an arrow.',
      }
}
