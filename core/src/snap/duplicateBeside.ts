import { setLeaf } from '../edit/blockChanges'
import type { Operation } from '../document/types'
import { spanOf } from './containerColumns'
import type { DrawnPage } from './drawnPage'

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
