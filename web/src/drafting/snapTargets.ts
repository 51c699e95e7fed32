import { columnPositions } from '@nolvex/core/grid/columnGrid'
import { rowPositions } from '@nolvex/core/grid/rowGrid'
import { snapLines, type Rect, type SnapLines } from '@nolvex/core/snap/snapEdges'
import type { DraftingPage } from './usePage'

/** The lines something dragged may snap to: other blocks, columns, rows and guides, each kind on or off. */
export function snapTargets(page: DraftingPage, rects: Rect[]): SnapLines {
  const { value: on } = page.snapping
  const columns = on.columns && page.grid.value ? columnPositions(page.grid.value) : []
  const { rows } = page.bandGrid.value
  const guides = on.guides ? page.guides.placed.value.filter(({ hidden }) => !hidden) : []
  const along = (axis: 'x' | 'y') =>
    guides.filter((guide) => guide.axis === axis).map(({ position }) => position)
  return snapLines(on.blocks ? rects : [], {
    x: [...columns.flatMap(({ left, width }) => [left, left + width]), ...along('x')],
    y: [
      ...(on.rows && rows ? rowPositions(rows).flatMap(({ top, height }) => [top, top + height]) : []),
      ...along('y'),
    ],
  })
}
