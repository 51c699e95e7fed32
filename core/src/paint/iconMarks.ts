import type { ShownIcon } from '../block/primitive'
import type { IconLines } from '../resolve/node'
import { pathMark, type Frame, type Mark } from '../vector/mark'

/** Units across the square an icon is drawn in. */
const SQUARE = 24
const USUAL: IconLines = { stroke: 2, isRound: true }

/** An icon as large as fits a frame, in the middle of it. */
export function iconMarks(
  { paths }: Pick<ShownIcon, 'paths'>,
  frame: Frame,
  colour: string,
  { stroke, isRound }: IconLines = USUAL,
): Mark[] {
  const size = Math.min(frame.width, frame.height)
  const scale = size / SQUARE
  const [x, y] = [frame.x + (frame.width - size) / 2, frame.y + (frame.height - size) / 2]
  return [
    {
      type: 'group',
      transform: [scale, 0, 0, scale, x, y],
      marks: paths.map((d) => pathMark(d, { colour, width: stroke, isRound })),
    },
  ]
}
