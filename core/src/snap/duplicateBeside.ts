import { setLeaf } from '../edit/blockChanges'
import type { Operation } from '../document/types'
import { anchoredPlace } from './anchoredPlace'
import { spanOf } from './containerColumns'
import type { DrawnPage } from './drawnPage'

/**
 * Where copies of freely placed blocks stand: so far from their originals.
 * @param copies key of each original with the id of its copy, @param by px
 */
export function standApart(
  page: DrawnPage,
  copies: [original: string, copy: string][],
  by: { x: number; y: number },
): Operation[] {
  return copies.flatMap(([original, copy]) => {
    const placed = page.placed.get(original)
    const parent = placed?.parent ? page.placed.get(placed.parent) : undefined
    if (!placed || parent?.box.arrange !== 'placed') return []
    const rect = { ...placed, x: placed.x + by.x, y: placed.y + by.y }
    const leaves = anchoredPlace(page, placed, parent, rect, { across: 'place', down: 'place' })
    return leaves.flatMap(([path, value]) => setLeaf([copy], path, value, page.at))
  })
}

/** How far copies were moved from their originals since; nothing where they no longer stand freely, or not alike. */
export function movedSince(
  { placed }: DrawnPage,
  copies: [original: string, copy: string][],
): { x: number; y: number } | undefined {
  const moves = copies.map(([original, copy]) => {
    const [from, to] = [placed.get(original), placed.get(copy)]
    return from && to && from.parent === to.parent ? { x: to.x - from.x, y: to.y - from.y } : undefined
  })
  const [first] = moves
  const isAlike = moves.every((move) => move && first && Math.hypot(move.x - first.x, move.y - first.y) < 0.5)
  return isAlike ? first : undefined
}

/**
 * Where copies stand that were put after their originals: one of a block set on columns takes those beside it where they
 * fit; else it keeps its columns, a row further down.
 * @param copies key of each original with the id of its copy
 */
export function standBeside(page: DrawnPage, copies: [original: string, copy: string][]): Operation[] {
  return copies.flatMap(([original, copy]) => {
    const placed = page.placed.get(original)
    const parent = placed?.parent ? page.placed.get(placed.parent) : undefined
    if (!placed || parent?.box.arrange !== 'grid' || placed.box.node.place.column.start === undefined)
      return []
    const tracks = parent.box.node.arrange.tracks.length
    const span = spanOf(placed, tracks)
    const start = placed.box.column + span
    return start + span - 1 <= tracks ? setLeaf([copy], ['place', 'column', 'start'], start, page.at) : []
  })
}
