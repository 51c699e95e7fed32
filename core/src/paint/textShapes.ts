import type { Box } from '../layout/box'
import { breakLines, type Line } from '../text/lines'
import { widthBetween, type Item, type Paragraph } from '../text/paragraph'
import type { Shape } from './shape'

/** The lines of a box's text, each stretch of one font an element of its own, baselines where the browser has them. */
export function textShapes(box: Box, colour: string): Shape[] {
  const { paragraph, font } = box
  if (!paragraph || !font) return []
  const room = box.w - box.insetLeft - box.insetRight
  const lines = breakLines(paragraph, room)
  const top = textTop(box, lines.length * font.lineHeight)
  return lines.flatMap((line, index) => {
    const free = room - line.width
    const { textAlign } = box.node.look
    const start = box.insetLeft + (textAlign === 'centre' ? free / 2 : textAlign === 'end' ? free : 0)
    return lineShapes(paragraph, line, start, top + index * font.lineHeight + font.baseline, colour)
  })
}

/** Text starts at the top of its box; in a button it stands in the middle. */
function textTop(box: Box, height: number): number {
  const { content } = box.node
  if (content.type !== 'text' || !content.middle) return box.insetTop
  return box.insetTop + (box.h - box.insetTop - box.insetBottom - height) / 2
}

function lineShapes(
  paragraph: Paragraph,
  line: Line,
  start: number,
  baseline: number,
  colour: string,
): Shape[] {
  const shapes: Shape[] = []
  let x = start
  for (const item of paragraph.items) {
    const from = Math.max(line.start, item.start)
    const to = Math.min(line.end, item.end)
    if (to <= from) continue
    shapes.push(stretch(paragraph.text.slice(from, to), item, x, baseline, colour))
    if (item.link) {
      const rule = { x, y: baseline + 2, width: widthBetween(paragraph, from, to), height: 1, fill: colour }
      shapes.push({ tag: 'rect', attributes: rule })
    }
    x += widthBetween(paragraph, from, to)
  }
  return shapes
}

function stretch(text: string, { face, size }: Item, x: number, y: number, fill: string): Shape {
  const { family, weight, italic } = face.file
  const attributes: Shape['attributes'] = {
    x,
    y,
    'font-family': family,
    'font-size': size,
    'font-weight': weight,
    fill,
  }
  if (italic) attributes['font-style'] = 'italic'
  return { tag: 'text', attributes, text }
}
