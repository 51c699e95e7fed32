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

/**
 * Where among its siblings a child dropped in a grid should stand, so that automatic placement puts it in the row
 * nearest to the one wanted.
 * @param others wishes of the other children in order
 * @param wish of the dropped child
 * @param row the row wanted, from 1, may be fractional
 */
export function gridIndex(others: GridWish[], wish: GridWish, row: number, tracks: number): number {
  let best = { index: others.length, distance: Infinity }
  for (let index = 0; index <= others.length; index++) {
    const wishes = [...others.slice(0, index), wish, ...others.slice(index)]
    const distance = Math.abs(placeInGrid(wishes, tracks)[index].row - row)
    if (distance < best.distance) best = { index, distance }
  }
  return best.index
}
