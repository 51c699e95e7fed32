import { ceil64, floor64 } from './layoutUnit'
import { visibleEnd, widthBetween, widthWhenCut, type Paragraph } from './paragraph'
import { isPlainText } from './plainText'

/** One line of a paragraph: characters `start` to `end` are seen, the next line begins at `next`. Width in px. */
export interface Line {
  start: number
  end: number
  next: number
  width: number
}

const EPSILON = 1 / 64
const NEWLINE = 10
const SPACE = 32

/**
 * Breaks a paragraph into lines.
 * @param available px a line may take; a word that does not fit a line of its own is cut between graphemes, as
 * `overflow-wrap: anywhere` does
 * @see CSS Text 3 sections 5 and 5.4
 */
export function breakLines(paragraph: Paragraph, available: number): Line[] {
  const lines: Line[] = []
  eachLine(paragraph, available, (start, end, next, width) => lines.push({ start, end, next, width }))
  return lines
}

/** How many lines `breakLines` gives. */
export function countLines(paragraph: Paragraph, available: number): number {
  const counted = paragraph.setting && !paragraph.hasNewline ? countPlainLines(paragraph, available) : 0
  if (counted) return counted
  let count = 0
  eachLine(paragraph, available, () => count++)
  return count
}

/** How many lines of one font there are that end at spaces; 0 where a line has to end inside a word. */
function countPlainLines({ stops, firstStop, stopCount }: Paragraph, available: number): number {
  // Widths are rounded up to the 64ths the room is in: what fits as it is, fits rounded.
  const room = floor64(available) + EPSILON
  const { start, end } = stops
  const last = firstStop + stopCount - 1
  if (end[last] <= room) return 1
  let count = 1
  let begin = 0
  for (let stop = firstStop; ; count++) {
    const from = stop
    while (stop <= last && end[stop] - begin <= room) stop++
    if (stop > last) return count
    const hangsOver = stop > from && start[stop - 1] > end[stop - 1]
    if (!hangsOver) return 0
    begin = start[stop - 1]
  }
}

/**
 * How much of a line is seen that ends in an ellipsis, as its text does not end with it.
 * @param room px from where the line begins to where the ellipsis ends
 * @returns the index before which it is cut, between graphemes
 */
export function endBeforeEllipsis(paragraph: Paragraph, line: Line, room: number): number {
  if (line.width <= room) return line.end
  let fits = line.start
  for (const end of graphemeEnds(paragraph.text, line.start, line.end)) {
    if (widthBetween(paragraph, line.start, end) > room) break
    fits = end
  }
  return fits
}

type Visit = (start: number, end: number, next: number, width: number) => void

function eachLine(paragraph: Paragraph, available: number, visit: Visit) {
  const room = floor64(available) + EPSILON
  const { text, stops, firstStop, stopCount } = paragraph
  let [begin, beginPx, from] = [0, 0, 0]
  do {
    const stop = lastStop(paragraph, begin, beginPx, from, room)
    if (stop >= 0) {
      const at = stops.at[firstStop + stop]
      const width = endsInWord(text, at)
        ? widthWhenCut(paragraph, begin, at)
        : seenWidth(paragraph, begin, beginPx, stop)
      visit(begin, Math.max(begin, visibleEnd(text, at)), at, width)
      begin = at
      beginPx = stops.start[firstStop + stop]
      from = stop + 1
    } else {
      const after = stops.at[firstStop + from]
      const line = cutWord(paragraph, begin, { end: visibleEnd(text, after), next: after }, room)
      visit(begin, line.end, line.next, line.width)
      begin = line.next
      beginPx = paragraph.position(begin)
      if (begin === after) from++
    }
  } while (begin < text.length && from < stopCount)
  if (text.charCodeAt(text.length - 1) === NEWLINE) visit(text.length, text.length, text.length, 0)
}

/** The last stop a line may end at; -1 where not even the word it begins with fits. */
function lastStop(paragraph: Paragraph, begin: number, beginPx: number, from: number, room: number): number {
  const { stops, firstStop } = paragraph
  for (let stop = lastStopWithin(paragraph, begin, beginPx, from, room); stop >= from; stop--) {
    const at = stops.at[firstStop + stop]
    if (!endsInWord(paragraph.text, at) || widthWhenCut(paragraph, begin, at) <= room) return stop
  }
  return -1
}

/** The last stop before which a line's width as shaped in the paragraph exceeds the room. */
function lastStopWithin(
  paragraph: Paragraph,
  begin: number,
  beginPx: number,
  from: number,
  room: number,
): number {
  let low = from
  let high = forcedFrom(paragraph, from)
  while (low <= high) {
    const middle = (low + high) >> 1
    if (seenWidth(paragraph, begin, beginPx, middle) <= room) low = middle + 1
    else high = middle - 1
  }
  return high
}

/** The stop that has to be taken at the latest. */
function forcedFrom({ text, stops, firstStop, stopCount, hasNewline }: Paragraph, from: number): number {
  const newline = hasNewline ? text.indexOf('\n', from > 0 ? stops.at[firstStop + from - 1] : 0) : -1
  if (newline < 0) return stopCount - 1
  let stop = from
  while (stops.at[firstStop + stop] <= newline) stop++
  return stop
}

/** Whether a line that ends before a character has no space there that hangs, and is not the last. */
function endsInWord(text: string, at: number): boolean {
  const before = text.charCodeAt(at - 1)
  return at < text.length && before !== SPACE && before !== NEWLINE
}

/** Width of a line up to a stop as shaped in the paragraph, px. */
function seenWidth(paragraph: Paragraph, begin: number, beginPx: number, stop: number): number {
  const { text, stops, firstStop, setting } = paragraph
  if (setting) return Math.max(0, ceil64(stops.end[firstStop + stop] - beginPx))
  return widthBetween(paragraph, begin, visibleEnd(text, stops.at[firstStop + stop]))
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
  if (isPlainText(text, start, end)) {
    for (let at = start + 1; at <= end; at++) yield at
    return
  }
  for (const { index, segment } of segmenter.segment(text.slice(start, end)))
    yield start + index + segment.length
}

/** Width on one line of a paragraph without line breaks of its own, px. */
const widthOnOneLine = (paragraph: Paragraph) => seenWidth(paragraph, 0, 0, paragraph.stopCount - 1)

/** Width of the paragraph on as few lines as its line breaks allow, px (`max-content`). */
export function maxContentWidth(paragraph: Paragraph): number {
  const widest = paragraph.hasNewline
    ? breakLines(paragraph, Infinity).reduce((width, line) => Math.max(width, line.width), 0)
    : widthOnOneLine(paragraph)
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
