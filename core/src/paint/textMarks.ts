import type { TextStyle } from '../block/textStyle'
import type { Box, LineFont } from '../layout/box'
import { breakLines, endBeforeEllipsis, type Line } from '../text/lines'
import { inCase } from '../text/textCase'
import { hyphenAt, widthBetween, type Item, type Paragraph } from '../text/paragraph'
import { widthAlone } from '../text/positions'
import { rectMark, type Mark, type Words } from '../vector/mark'

/** The lines of a box's text, each stretch of one font a mark, baselines where the browser has them; px from its corner. */
export function textMarks(box: Box, colour: string): Mark[] {
  const { paragraph, font, node } = box
  const { content, look } = node
  if (!paragraph || !font || content.type !== 'text') return []
  const room = box.w - box.insetLeft - box.insetRight
  const all = breakLines(paragraph, room)
  const lines = all.slice(0, look.lines ?? all.length)
  const isCut = lines.length < all.length
  const top = textTop(box, content.middle, lines.length * font.lineHeight)
  return lines.flatMap((line, index) => {
    const free = room - line.width
    const { textAlign } = look
    const start = box.insetLeft + (textAlign === 'centre' ? free / 2 : textAlign === 'end' ? free : 0)
    const baseline = top + index * font.lineHeight + font.baseline
    const at = { x: start, y: baseline, colour, underlined: content.underlined }
    if (!isCut || index < lines.length - 1) return lineMarks(paragraph, line, at)
    return lineWithEllipsis(paragraph, line, at, room + box.insetLeft - start)
  })
}

const ELLIPSIS = '…'

/** A line whose text goes on where nobody sees it. @param room px from its start */
function lineWithEllipsis(paragraph: Paragraph, line: Line, at: Start, room: number): Mark[] {
  const item = paragraph.items.find(({ end }) => end > line.start)
  if (!item) return []
  const width = widthAlone(item, ELLIPSIS)
  const end = endBeforeEllipsis(paragraph, line, room - width)
  const x = at.x + widthBetween(paragraph, line.start, end)
  return [
    ...lineMarks(paragraph, { ...line, end, next: end }, at),
    stretch(ELLIPSIS, item, { x, y: at.y, width }, at.colour),
  ]
}

/** Words on one line that are no text of the page's own, such as a hint in a field; what has no room is cut off there. */
export function shownWords(
  { text, x, y, room }: { text: string; x: number; y: number; room: number },
  style: TextStyle,
  font: LineFont,
  colour: string,
): Mark[] {
  if (room <= 0) return []
  const { family, weight, italic, letterSpacing, case: shown } = style
  const { size } = font
  const spacing = letterSpacing && letterSpacing.value * (letterSpacing.unit === 'em' ? size : 1)
  return [{ type: 'words', x, y, text: inCase(text, shown), family, size, weight, italic, colour, spacing }]
}

/** Text starts at the top of its box, or stands in the middle. */
function textTop(box: Box, middle: boolean, height: number): number {
  if (!middle) return box.insetTop
  return box.insetTop + (box.h - box.insetTop - box.insetBottom - height) / 2
}

interface Start {
  x: number
  /** of the baseline */
  y: number
  colour: string
  underlined: boolean
}

function lineMarks(paragraph: Paragraph, line: Line, { x, y, colour, underlined }: Start): Mark[] {
  const marks: Mark[] = []
  let at = x
  for (const item of paragraph.items) {
    const from = Math.max(line.start, item.start)
    const to = Math.min(line.end, item.end)
    if (to <= from) continue
    const width = widthBetween(paragraph, from, to)
    // SVG leaves out white space a text begins with, so what is seen of a stretch begins after it.
    const text = paragraph.text.slice(from, to)
    const seen = from + text.length - text.trimStart().length
    const start = at + widthBetween(paragraph, from, seen)
    if (seen < to) {
      const ends = from + text.trimEnd().length
      const words = { x: start, y, width: widthBetween(paragraph, seen, ends) }
      marks.push(stretch(text.trimStart(), item, words, colour))
    }
    if (item.link || underlined) marks.push(rectMark({ x: at, y: y + 2, width, height: 1 }, { fill: colour }))
    at += width
    const hyphen = to === line.end ? hyphenAt(paragraph, line.next) : undefined
    if (hyphen) marks.push(stretch(hyphen.sign, item, { x: at, y, width: hyphen.width }, colour))
  }
  return marks
}

function stretch(
  text: string,
  { face, size, spacing }: Item,
  at: Pick<Words, 'x' | 'y' | 'width'>,
  colour: string,
): Words {
  const { family, weight, italic } = face.file
  return { type: 'words', ...at, text, family, size, weight, italic, colour, spacing }
}
