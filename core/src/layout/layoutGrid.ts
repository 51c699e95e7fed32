import { toUnits } from '../text/layoutUnit'
import { insetsAcross, type Box } from './box'
import { FILL, FIT, FIXED } from './extent'
import { AUTO, DEFINITE } from './heightMode'
import { placeInGrid, type GridCell } from './gridPlacement'
import type { Laying } from './layBox'
import { childWidth } from './layoutColumn'
import { alignedOffset } from './layoutRow'
import { clampHeight } from './limits'

/** Where the children of a grid stand and what they and its tracks measure, layout units. */
interface Cells {
  cells: GridCell[]
  columns: number[]
  rows: number[]
  widths: number[]
  heights: number[]
}

/**
 * Tracks of a set width, or that share the width, `minmax(0, k fr)`, and rows as tall as what they hold.
 * @see CSS Grid Layout 2, sections 8.5, 11 and 12.7
 */
function cellsOf(box: Box, width: number, laying: Laying): Cells {
  const { children, measures } = box
  const { tracks, trackWidth } = box.node.arrange
  const room = width - insetsAcross(box) - measures.columnGap * (tracks.length - 1)
  const columns = trackWidth === undefined ? trackWidths(tracks, room) : tracks.map(() => toUnits(trackWidth))
  const wishes = children.map(({ node }) => node.place)
  const cells = placeInGrid(wishes, tracks.length)
  const widths = children.map((child, index) => {
    const { column, columns: span } = cells[index]
    return childWidth(child, sumTracks(columns, column - 1, span, measures.columnGap), box)
  })
  const isFixed = (child: Box) => child.measures.height.mode === FIXED
  const heights = children.map((child, index) =>
    clampHeight(child, isFixed(child) ? child.measures.height.value : laying.height(child, widths[index])),
  )
  const minimums = children.map((child, index) => (isFixed(child) ? heights[index] : clampHeight(child, 0)))
  return { cells, columns, rows: rowHeights(cells, heights, minimums, measures.rowGap), widths, heights }
}

/** Height of children in tracks, layout units. */
export function gridHeight(box: Box, width: number, laying: Laying): number {
  const { rows } = cellsOf(box, width, laying)
  return rows.length ? sumTracks(rows, 0, rows.length, box.measures.rowGap) : 0
}

/** Places children in tracks. */
export function placeGrid(box: Box, width: number, laying: Laying) {
  const { align } = box.node.arrange
  const { columnGap, rowGap, inset } = box.measures
  const { cells, columns, rows, widths, heights } = cellsOf(box, width, laying)
  const lefts = trackStarts(columns, box.insetLeft64, columnGap)
  const tops = trackStarts(rows, inset[0], rowGap)
  box.children.forEach((child, index) => {
    const cell = cells[index]
    const { mode } = child.measures.height
    const area = sumTracks(rows, cell.row - 1, cell.rows, rowGap)
    child.row = cell.row
    child.column = cell.column
    child.x64 = lefts[cell.column - 1]
    const isStretched = mode === FILL || (mode === FIT && align === 'stretch')
    if (isStretched) laying.place(child, widths[index], clampHeight(child, area), DEFINITE)
    else laying.place(child, widths[index], heights[index], mode === FIXED ? DEFINITE : AUTO)
    child.y64 = tops[cell.row - 1] + (isStretched ? 0 : alignedOffset(align, area - heights[index]))
  })
}

/** Widths of tracks by their shares of the room, whole layout units: the remainder is carried on to the next track. */
export function trackWidths(shares: number[], room: number): number[] {
  const total = shares.reduce((sum, share) => sum + share, 0)
  const perShare = Math.max(0, room) / Math.max(1, total)
  let carried = 0
  return shares.map((share) => {
    const wanted = share * perShare + carried
    const whole = Math.trunc(wanted + Number.EPSILON)
    carried = Math.max(0, wanted - whole)
    return whole
  })
}

function sumTracks(tracks: number[], from: number, count: number, gap: number): number {
  let sum = gap * (count - 1)
  for (let index = from; index < from + count; index++) sum += tracks[index]
  return sum
}

/**
 * Heights of rows: as tall as what stands in them alone. What spans several gives the height it still needs to the
 * rows nothing has sized yet, or to all of its rows alike.
 * @see CSS Grid Layout 2, section 12.5
 */
export function rowHeights(cells: GridCell[], heights: number[], minimums: number[], gap: number): number[] {
  const count = Math.max(0, ...cells.map(({ row, rows }) => row + rows - 1))
  const rows: number[] = Array.from({ length: count }, () => 0)
  const sized: boolean[] = rows.map(() => false)
  const spans = [...new Set(cells.map((cell) => cell.rows))].sort((a, b) => a - b)
  for (const span of spans) {
    const spanning = cells.map((cell, index) => ({ cell, index })).filter(({ cell }) => cell.rows === span)
    const own = (cell: GridCell) => Array.from({ length: span }, (_, at) => cell.row - 1 + at)
    // Room for the least a child may be is found first, then for all of it.
    for (const wanted of [minimums, heights]) {
      const planned = [...rows]
      for (const { cell, index } of spanning) {
        const open = own(cell).filter((row) => !sized[row])
        const missing = wanted[index] - sumTracks(rows, cell.row - 1, span, gap)
        grow(open.length ? open : own(cell), missing, rows, planned)
      }
      planned.forEach((height, row) => (rows[row] = height))
    }
    for (const { cell } of spanning) for (const row of own(cell)) sized[row] = true
  }
  return rows
}

/** Splits a missing height over rows, in whole layout units; where several children ask, the most counts. */
function grow(targets: number[], missing: number, rows: number[], planned: number[]) {
  let left = Math.max(0, missing)
  targets.forEach((row, index) => {
    const part = Math.trunc(left / (targets.length - index))
    planned[row] = Math.max(planned[row], rows[row] + part)
    left -= part
  })
}

function trackStarts(tracks: number[], first: number, gap: number): number[] {
  let at = first
  return tracks.map((track) => {
    const start = at
    at += track + gap
    return start
  })
}
