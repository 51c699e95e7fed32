import { trackWidths } from '../layout/layoutGrid'
import { toPixels, toUnits } from '../text/layoutUnit'
import type { Placed } from './drawnPage'
import type { Hint } from './hint'
import type { Rect } from './rect'

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

/** Columns in words: “column 3”, “columns 1–5”. */
export const columnWords = (start: number, span: number): string =>
  span === 1 ? `column ${start}` : `columns ${start}–${start + span - 1}`

/** The edges of the columns something comes to stand on. */
export function columnHints(start: number, span: number, { x, w }: Rect): Hint[] {
  const hint = (at: number): Hint => ({
    ...{ axis: 'x', kind: 'columns', what: columnWords(start, span), line: { at } },
  })
  return [hint(x), hint(x + w)]
}
