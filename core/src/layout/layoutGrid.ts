import { AUTO, DEFINITE, FILL, FIT, FIXED, type Box } from './box'
import { placeInGrid, type GridCell } from './gridPlacement'
import type { LayBox } from './layBox'
import { childWidth } from './layoutColumn'
import { alignedOffset } from './layoutRow'
import { trunc64 } from '../text/layoutUnit'
import { clampHeight } from './limits'

/**
 * Lays children in tracks of a set width, or that share the width, `minmax(0, k fr)`, and rows as tall as what they hold.
 * @returns the height of the content, px
 * @see CSS Grid Layout 2, sections 8.5, 11 and 12.7
 */
export function layoutGrid(box: Box, width: number, place: boolean, lay: LayBox): number {
  const { tracks, trackWidth } = box.node.arrange
  const room = width - box.insetLeft - box.insetRight - box.columnGap * (tracks.length - 1)
  const columns = trackWidth === undefined ? trackWidths(tracks, room) : tracks.map(() => trunc64(trackWidth))
  const wishes = box.children.map(({ node }) => node.place)
  const cells = placeInGrid(wishes, tracks.length)
  const areas = cells.map(({ column, columns: span }) => sumTracks(columns, column - 1, span, box.columnGap))
  const widths = box.children.map((child, index) => childWidth(child, areas[index], box))
  const heights = box.children.map((child, index) =>
    clampHeight(
      child,
      child.height.mode === FIXED ? child.height.value : lay(child, widths[index], 0, AUTO, false),
    ),
  )
  const minimums = box.children.map((child, index) =>
    child.height.mode === FIXED ? heights[index] : clampHeight(child, 0),
  )
  const rows = rowHeights(cells, heights, minimums, box.rowGap)
  if (place) placeChildren(box, cells, { columns, rows, widths, heights }, lay)
  return rows.length ? sumTracks(rows, 0, rows.length, box.rowGap) : 0
}

/** Widths of tracks by their shares of `room` px: whole 64ths, the remainder carried on to the next track. */
export function trackWidths(shares: number[], room: number): number[] {
  const total = shares.reduce((sum, share) => sum + share, 0)
  const perShare = (Math.max(0, room) * 64) / Math.max(1, total)
  let carried = 0
  return shares.map((share) => {
    const wanted = share * perShare + carried
    const whole = Math.trunc(wanted + Number.EPSILON)
    carried = Math.max(0, wanted - whole)
    return whole / 64
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

/** Splits a missing height over rows, in whole 64ths; where several children ask, the most counts. */
function grow(targets: number[], missing: number, rows: number[], planned: number[]) {
  let left = Math.max(0, missing)
  targets.forEach((row, index) => {
    const part = Math.trunc((left / (targets.length - index)) * 64) / 64
    planned[row] = Math.max(planned[row], rows[row] + part)
    left -= part
  })
}

interface Tracks {
  columns: number[]
  rows: number[]
  widths: number[]
  heights: number[]
}

function placeChildren(box: Box, cells: GridCell[], { columns, rows, widths, heights }: Tracks, lay: LayBox) {
  const { align } = box.node.arrange
  const lefts = trackStarts(columns, box.insetLeft, box.columnGap)
  const tops = trackStarts(rows, box.insetTop, box.rowGap)
  box.children.forEach((child, index) => {
    const cell = cells[index]
    const area = sumTracks(rows, cell.row - 1, cell.rows, box.rowGap)
    child.row = cell.row
    child.column = cell.column
    child.x = lefts[cell.column - 1]
    const isStretched = child.height.mode === FILL || (child.height.mode === FIT && align === 'stretch')
    if (isStretched) lay(child, widths[index], clampHeight(child, area), DEFINITE, true)
    else lay(child, widths[index], heights[index], child.height.mode === FIXED ? DEFINITE : AUTO, true)
    child.y = tops[cell.row - 1] + (isStretched ? 0 : alignedOffset(align, area - heights[index]))
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
