import { floor64 } from './layoutUnit'
import { isForced, visibleEnd, widthBetween, widthWhenCut, type Paragraph } from './paragraph'

/** One line of a paragraph: characters `start` to `end` are seen, the next line begins at `next`. Width in px. */
export interface Line {
  start: number
  end: number
  next: number
  width: number
}

const EPSILON = 1 / 64

/**
 * Breaks a paragraph into lines.
 * @param available px a line may take; a word that does not fit a line of its own is cut between graphemes, as
 * `overflow-wrap: anywhere` does
 * @see CSS Text 3 sections 5 and 5.4
 */
export function breakLines(paragraph: Paragraph, available: number): Line[] {
  const room = floor64(available) + EPSILON
  const { text, breaks } = paragraph
  const lines: Line[] = []
  let start = 0
  let from = 0
  while (start < text.length || lines.length === 0) {
    const line = nextLine(paragraph, start, from, room)
    lines.push(line)
    start = line.next
    while (from < breaks.length && breaks[from] <= start) from++
  }
  if (isForced(paragraph, text.length))
    lines.push({ start: text.length, end: text.length, next: text.length, width: 0 })
  return lines
}

function nextLine(paragraph: Paragraph, start: number, from: number, room: number): Line {
  const { breaks } = paragraph
  for (let index = lastBreakWithin(paragraph, start, from, room); index >= from; index--) {
    const end = Math.max(start, visibleEnd(paragraph, breaks[index]))
    const width = lineWidth(paragraph, start, end, breaks[index])
    if (width <= room) return { start, end, next: breaks[index], width }
  }
  return cutWord(paragraph, start, { end: visibleEnd(paragraph, breaks[from]), next: breaks[from] }, room)
}

/** Index of the last break a line may take before its width as shaped in the paragraph exceeds the room. */
function lastBreakWithin(paragraph: Paragraph, start: number, from: number, room: number): number {
  const { breaks } = paragraph
  let low = from
  let high = forcedFrom(paragraph, from)
  while (low <= high) {
    const middle = (low + high) >> 1
    const end = Math.max(start, visibleEnd(paragraph, breaks[middle]))
    if (widthBetween(paragraph, start, end) <= room) low = middle + 1
    else high = middle - 1
  }
  return high
}

/** Index of the break that has to be taken at the latest. */
function forcedFrom({ text, breaks }: Paragraph, from: number): number {
  const newline = text.indexOf('\n', from > 0 ? breaks[from - 1] : 0)
  if (newline < 0) return breaks.length - 1
  let index = from
  while (breaks[index] <= newline) index++
  return index
}

function lineWidth(paragraph: Paragraph, start: number, end: number, at: number): number {
  const isCut = end === at && end < paragraph.text.length
  return isCut ? widthWhenCut(paragraph, start, end) : widthBetween(paragraph, start, end)
}

function cutWord(
  paragraph: Paragraph,
  start: number,
  { end, next: after }: { end: number; next: number },
  room: number,
): Line {
  let at = start
  let width = 0
  for (const next of graphemeEnds(paragraph.text, start, end)) {
    const wider = next < end ? widthWhenCut(paragraph, start, next) : widthBetween(paragraph, start, next)
    if (wider > room && at > start) break
    at = next
    width = wider
  }
  return { start, end: at, next: at >= end ? after : at, width }
}

const segmenter = new Intl.Segmenter('en', { granularity: 'grapheme' })

function* graphemeEnds(text: string, start: number, end: number): Generator<number> {
  for (const { index, segment } of segmenter.segment(text.slice(start, end)))
    yield start + index + segment.length
}

/** Width of the paragraph on as few lines as its line breaks allow, px (`max-content`). */
export function maxContentWidth(paragraph: Paragraph): number {
  const widest = breakLines(paragraph, Infinity).reduce((width, line) => Math.max(width, line.width), 0)
  return widest === 0 ? 0 : widest + EPSILON
}

/** Width of the widest grapheme, px: what `overflow-wrap: anywhere` makes of `min-content`. */
export function minContentWidth(paragraph: Paragraph): number {
  let widest = 0
  let start = 0
  for (const end of graphemeEnds(paragraph.text, 0, paragraph.text.length)) {
    if (paragraph.text[start] !== ' ') widest = Math.max(widest, widthBetween(paragraph, start, end))
    start = end
  }
  return widest
}
