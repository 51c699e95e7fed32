import type { PaintRoom } from '../block/look'
import type { Box } from '../layout/box'
import type { ControlContent } from '../resolve/node'
import { pathMark, rectMark, type Frame, type Mark } from '../vector/mark'
import { shownWords } from './textMarks'

/** How much of a hint shows, as the exported style sheet has it. */
const HINT = 0.75
/** Of what is ticked: its size in em of the font, the line around it and the space inside it, px. */
const SQUARE = 1.25
const SWITCH = 1.2
const EDGE = 2
const INSIDE = 3
/** The arrow of a choice: its size and its distance from the right edge, px. */
const ARROW = { width: 12, height: 8, right: 12 }

/** What stands in a control, and the sign that says what it is. */
export function controlMarks(content: ControlContent, box: Box, room: PaintRoom): Mark[] {
  const { look } = box.node
  const colour = room.colour(look.colour, 'words')
  if (content.mark) return tickMarks(content.mark, box, room.content, colour)
  const words = wordsInside(content, box, room.content, colour)
  const shown: Mark[] =
    content.isHint && words.length ? [{ type: 'group', opacity: HINT, marks: words }] : words
  return content.control === 'select' ? [...shown, arrow(box, room.colour(look.colour, 'line'))] : shown
}

/** A single line stands in the middle of its box; in one for several lines it stands at the top. */
function wordsInside({ control, shows }: ControlContent, box: Box, room: Frame, colour: string): Mark[] {
  const { font, node } = box
  if (!font || !shows) return []
  const free = control === 'area' ? 0 : (room.height - font.lineHeight) / 2
  const words = { text: shows, x: room.x, y: room.y + free + font.baseline, room: room.width }
  const marks = shownWords(words, node.look.level, font, colour)
  const clip = { type: 'rect' as const, ...room }
  return marks.length ? [{ type: 'group', clip, marks }] : []
}

function arrow({ w, h }: Box, colour: string): Mark {
  const x = w - ARROW.right - ARROW.width
  const y = (h - ARROW.height) / 2
  return pathMark(`M${x + 1} ${y + 1.5}L${x + 6} ${y + 6.5}L${x + 11} ${y + 1.5}`, { colour, width: 2 })
}

function tickMarks(mark: NonNullable<ControlContent['mark']>, box: Box, room: Frame, colour: string): Mark[] {
  const em = box.font?.size ?? 16
  const height = (mark.form === 'switch' ? SWITCH : SQUARE) * em
  const outer = { x: room.x, y: room.y + (room.height - height) / 2, width: room.width, height }
  const edge = around(outer, EDGE / 2, mark.form === 'circle' ? height : 0, {
    stroke: { colour, width: EDGE },
  })
  const inner = insideOf(outer, EDGE + INSIDE)
  if (mark.form === 'switch') return [edge, rectMark(half(inner, mark.isOn), { fill: colour })]
  return mark.isOn ? [edge, around(inner, 0, mark.form === 'circle' ? height : 0, { fill: colour })] : [edge]
}

const half = (frame: Frame, isRight: boolean): Frame => ({
  ...frame,
  x: isRight ? frame.x + frame.width / 2 : frame.x,
  width: frame.width / 2,
})

const insideOf = ({ x, y, width, height }: Frame, by: number): Frame => ({
  x: x + by,
  y: y + by,
  width: Math.max(0, width - 2 * by),
  height: Math.max(0, height - 2 * by),
})

/** A frame pulled in, with its corners rounded as far as that goes. */
function around(frame: Frame, by: number, radius: number, look: Parameters<typeof rectMark>[1]): Mark {
  const inner = insideOf(frame, by)
  const most = Math.min(radius, inner.width / 2, inner.height / 2)
  return { type: 'shape', outline: { type: 'rect', ...inner, radius: [most, most, most, most] }, ...look }
}
