import { ceil64 } from './layoutUnit'
import { breakOpportunities } from './breakOpportunities'
import type { FontFace, FontLibrary, FontStyle } from './fontLibrary'
import { setPositions, widthAlone } from './positions'
import { isPlainText } from './plainText'

/** A stretch of text in one font style. Sizes in px. */
export interface TextRun extends FontStyle {
  text: string
  size: number
  link?: string
}

/** A stretch shaped by one face; `run` is the index of the run it came from. */
export interface Item {
  start: number
  end: number
  run: number
  face: FontFace
  size: number
}

/** A paragraph shaped and measured once, ready to be broken at any width. */
export interface Paragraph {
  text: string
  runs: TextRun[]
  items: Item[]
  /** px from the start of the text to before each character, `text.length + 1` long */
  positions: Float64Array
  /** indices at which a line may end, ascending; the last is the end of the text */
  breaks: number[]
}

const NEWLINE = 10
const SPACE = 32

/** Shapes the runs of a paragraph. Runs should hold collapsed white space; `\n` forces a new line. */
export function shapeParagraph(library: FontLibrary, runs: TextRun[]): Paragraph {
  const known = paragraphsOf(library, runs)
  const key = runs.length === 1 ? runs[0].text : runs.map((run) => `${setting(run)}/${run.text}`).join('\0')
  let paragraph = known.get(key)
  if (!paragraph) known.set(key, (paragraph = shapeAnew(library, runs)))
  return paragraph
}

/** Paragraphs by how they are set, then by what they say: the same words come back at every band and after every change. */
const shapedBy = new WeakMap<FontLibrary, Map<string, Map<string, Paragraph>>>()
const MOST_KEPT = 20_000
const MOST_SETTINGS = 200

const setting = ({ family, weight, italic, size, link }: TextRun) =>
  `${family}/${weight}/${italic}/${size}/${link ?? ''}`

function paragraphsOf(library: FontLibrary, runs: TextRun[]): Map<string, Paragraph> {
  let settings = shapedBy.get(library)
  if (!settings || settings.size > MOST_SETTINGS) shapedBy.set(library, (settings = new Map()))
  const key = runs.length === 1 ? setting(runs[0]) : 'several runs'
  let paragraphs = settings.get(key)
  if (!paragraphs || paragraphs.size > MOST_KEPT) settings.set(key, (paragraphs = new Map()))
  return paragraphs
}

function shapeAnew(library: FontLibrary, runs: TextRun[]): Paragraph {
  const text = runs.length === 1 ? runs[0].text : runs.map((run) => run.text).join('')
  const items = itemize(library, runs)
  const positions = roomFor(text.length + 1)
  for (const { start, end, face, size } of items.length > 1 ? sameFont(items) : items)
    setPositions(face, size, text, { start, end }, positions)
  return { text, runs, items, positions, breaks: breakOpportunities(text) }
}

const CHUNK = 1 << 15
let chunk = new Float64Array(CHUNK)
let used = 0

/** A piece of a larger array: thousands of small arrays of their own would keep the collector busy. */
function roomFor(length: number): Float64Array {
  if (length > CHUNK) return new Float64Array(length)
  if (used + length > CHUNK) {
    chunk = new Float64Array(CHUNK)
    used = 0
  }
  return chunk.subarray(used, (used += length))
}

/** Cuts runs into items where the asked face lacks a character and the last resort has it. */
function itemize(library: FontLibrary, runs: TextRun[]): Item[] {
  const items: Item[] = []
  let start = 0
  runs.forEach((run, index) => {
    const asked = library.face(run)
    if (asked.coversAscii && isPlainText(run.text)) {
      if (run.text)
        items.push({ start, end: start + run.text.length, run: index, face: asked, size: run.size })
      start += run.text.length
      return
    }
    const resort = library.fallback(run)
    let at = start
    for (const character of run.text) {
      const code = character.codePointAt(0) as number
      const face = asked.has(code) || code === NEWLINE || !resort.has(code) ? asked : resort
      const last = items.at(-1)
      if (last && last.run === index && last.face === face) last.end = at + character.length
      else items.push({ start: at, end: at + character.length, run: index, face, size: run.size })
      at += character.length
    }
    start = at
  })
  return items
}

/** Neighbouring items of one font are shaped together, as browsers do across the borders of elements. */
function sameFont(items: Item[]): Omit<Item, 'run'>[] {
  const stretches: Omit<Item, 'run'>[] = []
  for (const { start, end, face, size } of items) {
    const last = stretches.at(-1)
    if (last && last.face === face && last.size === size) last.end = end
    else stretches.push({ start, end, face, size })
  }
  return stretches
}

/** Whether the line that ends at a break has to end there. */
export const isForced = ({ text }: Paragraph, at: number): boolean =>
  at > 0 && text.charCodeAt(at - 1) === NEWLINE

/** Where the visible text of a line ends that ends at a break: trailing spaces and the line break hang. */
export function visibleEnd({ text }: Paragraph, at: number): number {
  let end = at
  if (end > 0 && text.charCodeAt(end - 1) === NEWLINE) end--
  while (end > 0 && text.charCodeAt(end - 1) === SPACE) end--
  return end
}

/**
 * Room a stretch that ends inside a word needs, px. Its end is shaped again, since what stood after it may have been
 * kerned or joined with it; it has to fit before and after that, as in browsers.
 */
export function widthWhenCut(paragraph: Paragraph, start: number, end: number): number {
  const item = paragraph.items.find((one) => one.start < end && end < one.end)
  if (!item) return widthBetween(paragraph, start, end)
  const from = Math.max(start, item.start)
  const own = widthAlone(item.face, item.size, paragraph.text.slice(from, end))
  return Math.max(widthBetween(paragraph, start, end), widthBetween(paragraph, start, from) + ceil64(own))
}

/** Width of a stretch of the paragraph on one line, px: each item of it rounded up to a 64th. */
export function widthBetween(paragraph: Paragraph, start: number, end: number): number {
  const { items, positions } = paragraph
  if (items.length === 1) return ceil64(positions[end] - positions[start])
  let width = 0
  for (const item of items) {
    if (item.end <= start || item.start >= end) continue
    width += ceil64(positions[Math.min(end, item.end)] - positions[Math.max(start, item.start)])
  }
  return width
}
