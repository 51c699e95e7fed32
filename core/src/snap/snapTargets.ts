import { columnPositions, type ColumnGrid } from '../grid/columnGrid'
import { rowPositions, type RowGrid } from '../grid/rowGrid'
import type { DrawnPage } from './drawnPage'
import { snapLines, type Rect, type SnapLines } from './snapEdges'

/** The lines over a page that dragged edges may snap to: those of its columns and rows, and guides, px. */
export function pageLines(
  columns: ColumnGrid | undefined,
  rows: RowGrid | undefined,
  guides: { axis: 'x' | 'y'; position: number }[],
): SnapLines {
  const along = (axis: 'x' | 'y') =>
    guides.filter((guide) => guide.axis === axis).map(({ position }) => position)
  return snapLines([], {
    x: [
      ...(columns ? columnPositions(columns).flatMap(({ left, width }) => [left, left + width]) : []),
      ...along('x'),
    ],
    y: [...(rows ? rowPositions(rows).flatMap(({ top, height }) => [top, top + height]) : []), ...along('y')],
  })
}

/** Those lines with the edges and centres of some blocks, sorted; worked out once for a whole drag. */
export const targetsAmong = ({ lines, snapsToBlocks }: DrawnPage, rects: Rect[]): SnapLines =>
  snapLines(snapsToBlocks ? rects : [], lines)
