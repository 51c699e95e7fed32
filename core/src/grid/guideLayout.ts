import { columnPositions, ImpossibleGrid, solveColumns, type ColumnGrid } from './columnGrid'
import type { SetGuide } from './guide'

/** What a whole set of guides is made from; lengths in px. */
export interface GuideWishes {
  columns?: { count: number; gutter: number; width?: number }
  rows?: { count: number; gutter: number; height?: number }
  margins?: { left: number; right: number; top: number; bottom: number }
  /** columns of a set width, and rows of a set height, stand in the middle of what the margins leave */
  centred: boolean
}

/**
 * Guides at the edges of columns and rows and at the margins of a page.
 * Columns without a width share what the margins leave, as do rows without a height.
 * @throws ImpossibleGrid when they do not fit
 */
export function layGuides(wishes: GuideWishes, page: { width: number; height: number }): SetGuide[] {
  const { columns, rows, margins, centred } = wishes
  const { left = 0, right = 0, top = 0, bottom = 0 } = margins ?? {}
  const xs = columns
    ? trackEdges({ ...columns, size: columns.width }, page.width, [left, right], centred)
    : []
  const ys = rows ? trackEdges({ ...rows, size: rows.height }, page.height, [top, bottom], centred) : []
  if (margins) {
    xs.push(left, page.width - right)
    ys.push(top, page.height - bottom)
  }
  return [...asGuides('x', xs), ...asGuides('y', ys)]
}

function trackEdges(
  { count, gutter, size }: { count: number; gutter: number; size?: number },
  length: number,
  [before, after]: [number, number],
  centred: boolean,
): number[] {
  const known: ColumnGrid = {
    width: length,
    columns: count,
    gutter,
    columnWidth: size ?? 1,
    marginLeft: before,
    marginRight: after,
    gutters: 'between',
  }
  const solved = solveColumns(known, size === undefined ? 'columnWidth' : 'width')
  const left = length - solved.width
  if (left < -0.01)
    throw new ImpossibleGrid(
      `They need ${Math.ceil(solved.width)} px and there are ${length}: lower the number, the gutter or the size.`,
      'columns',
    )
  const shift = centred && size !== undefined ? left / 2 : 0
  return columnPositions(solved).flatMap((track) => [track.left + shift, track.left + shift + track.width])
}

function asGuides(axis: 'x' | 'y', positions: number[]): SetGuide[] {
  const rounded = positions.map((position) => Math.round(position * 100) / 100)
  return [...new Set(rounded)].sort((a, b) => a - b).map((position) => ({ axis, at: { px: position } }))
}

/** Guides at a block's edges and centre lines, px from the page's corner. */
export function guidesOfBlock(
  block: { x: number; y: number; w: number; h: number },
  parts: ('edges' | 'centre')[],
): SetGuide[] {
  const along = (start: number, length: number) => [
    ...(parts.includes('edges') ? [start, start + length] : []),
    ...(parts.includes('centre') ? [start + length / 2] : []),
  ]
  return [...asGuides('x', along(block.x, block.w)), ...asGuides('y', along(block.y, block.h))]
}
