import { trackWidths } from '../layout/layoutGrid'
import { toPixels, toUnits } from '../text/layoutUnit'
import type { Placed } from './drawnPage'

/** The columns of a block that arranges its children on tracks, px on the page. */
export function columnsOf(container: Placed): { left: number; width: number }[] {
  const { box } = container
  const { tracks, trackWidth } = box.node.arrange
  const room = box.w - box.insetLeft - box.insetRight - box.columnGap * (tracks.length - 1)
  const widths =
    trackWidth === undefined ? trackWidths(tracks, toUnits(room)).map(toPixels) : tracks.map(() => trackWidth)
  let left = container.x + box.insetLeft
  return widths.map((width) => {
    const column = { left, width }
    left += width + box.columnGap
    return column
  })
}

/** Columns a block takes of so many. */
export const spanOf = ({ box }: Placed, columns: number): number =>
  Math.min(box.node.place.column.span, columns)
