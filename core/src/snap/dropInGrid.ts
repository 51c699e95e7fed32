import { placeInGrid, type GridWish } from '../layout/gridPlacement'

/** Tracks of a laid-out grid, px from the page's corner. */
export interface GridTracks {
  columns: { left: number; width: number }[]
}

/** The column whose left edge is nearest to `x` px, from 1, such that `span` columns still fit. */
export function nearestColumn({ columns }: GridTracks, x: number, span: number): number {
  const last = Math.max(1, columns.length - span + 1)
  let best = 1
  for (let start = 1; start <= last; start++) {
    if (Math.abs(columns[start - 1].left - x) < Math.abs(columns[best - 1].left - x)) best = start
  }
  return best
}

/** How many columns from `start` come nearest to ending at `right` px. */
export function nearestSpan({ columns }: GridTracks, start: number, right: number): number {
  let best = 1
  const end = (span: number) => columns[start + span - 2].left + columns[start + span - 2].width
  for (let span = 1; start + span - 1 <= columns.length; span++) {
    if (Math.abs(end(span) - right) < Math.abs(end(best) - right)) best = span
  }
  return best
}

/** A child of a grid that stays where it is: what it wishes, and the row it stands in. */
export interface GridNeighbour {
  wish: GridWish
  row: number
}

/**
 * Where among its siblings a child dropped in a grid should stand, so that automatic placement puts it in the row
 * nearest to the one wanted; of several such places the one that moves the fewest others to another row.
 * @param others the other children in order
 * @param wish of the dropped child
 * @param row the row wanted, from 1, may be fractional
 */
export function gridIndex(others: GridNeighbour[], wish: GridWish, row: number, tracks: number): number {
  const wishes = others.map((one) => one.wish)
  let best = { index: others.length, distance: Infinity, pushed: Infinity }
  for (let index = 0; index <= others.length; index++) {
    const cells = placeInGrid([...wishes.slice(0, index), wish, ...wishes.slice(index)], tracks)
    const distance = Math.abs(cells[index].row - row)
    const pushed = others.filter((one, at) => cells[at < index ? at : at + 1].row !== one.row).length
    if (distance < best.distance || (distance === best.distance && pushed < best.pushed))
      best = { index, distance, pushed }
  }
  return best.index
}
