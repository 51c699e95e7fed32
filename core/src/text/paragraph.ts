import { ceil64 } from './layoutUnit'
import { breakOpportunities } from './breakOpportunities'
import type { FontFace, FontLibrary, FontStyle } from './fontLibrary'

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
  breaks: Int32Array
  /** for each break, where its line's visible text ends: trailing spaces and the line break hang */
  ends: Int32Array
  /** breaks that must be taken */
  forced: Uint8Array
}

const NEWLINE = 10
/** Text every face that covers ASCII can set by itself. */
const PLAIN = /^[\x20-\x7e\n]*$/
const SPACE = 32

/** Shapes the runs of a paragraph. Runs should hold collapsed white space; `\n` forces a new line. */
export function shapeParagraph(library: FontLibrary, runs: TextRun[]): Paragraph {
  let known = shapedBy.get(library)
  if (!known || known.size > MOST_KEPT) shapedBy.set(library, (known = new Map()))
  const key = runs.map(keyOf).join('\0')
  let paragraph = known.get(key)
  if (!paragraph) known.set(key, (paragraph = shapeAnew(library, runs)))
  return paragraph
}

/** Paragraphs by what they say and how they are set: the same words come back at every band and after every change. */
const shapedBy = new WeakMap<FontLibrary, Map<string, Paragraph>>()
const MOST_KEPT = 20_000

const keyOf = ({ text, family, weight, italic, size, link }: TextRun) =>
  `${family}/${weight}/${italic}/${size}/${link ?? ''}/${text}`

function shapeAnew(library: FontLibrary, runs: TextRun[]): Paragraph {
  const text = runs.map((run) => run.text).join('')
  const items = itemize(library, runs)
  const positions = new Float64Array(text.length + 1)
  for (const stretch of sameFont(items)) measure(text, stretch, positions)
  return { text, runs, items, positions, ...breaksOf(text) }
}

/** Cuts runs into items where the asked face lacks a character and the last resort has it. */
function itemize(library: FontLibrary, runs: TextRun[]): Item[] {
  const items: Item[] = []
  let start = 0
  runs.forEach((run, index) => {
    const asked = library.face(run)
    if (asked.coversAscii && PLAIN.test(run.text)) {
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

function measure(text: string, { start, end, face, size }: Omit<Item, 'run'>, positions: Float64Array) {
  const shaped = face.shape(text.slice(start, end))
  const widths = glyphWidths(face, size, shaped)
  let glyph = 0
  let position = positions[start]
  for (let index = start; index < end; index++) {
    while (glyph < shaped.clusters.length && shaped.clusters[glyph] === index - start) {
      if (text.charCodeAt(index) !== NEWLINE) position += widths[glyph]
      glyph++
    }
    positions[index + 1] = position
  }
}

/** The size fonts are cached under in Chromium: cut to hundredths of a pixel, in single precision (measured). */
const cachedSize = (size: number) => Math.trunc(Math.fround(Math.fround(size) * 100)) / 100

/**
 * Widths of shaped glyphs, px, as a browser's text stack rounds them: the font's size is a whole 64th of a pixel,
 * advances are 16.16 fixed point.
 */
function glyphWidths(
  { metrics }: FontFace,
  asked: number,
  { advances, adjustments }: { advances: Float64Array; adjustments: Float64Array },
): Float64Array {
  const size = cachedSize(asked)
  const scale = Math.round((Math.floor(size * 64) * 65536) / metrics.unitsPerEm)
  return advances.map((advance, glyph) => {
    const own = Math.round((advance * scale) / 64) / 65536
    const adjustment = adjustments[glyph]
    return adjustment === 0 ? own : own + Math.round((adjustment * size * 65536) / metrics.unitsPerEm) / 65536
  })
}

function breaksOf(text: string): Pick<Paragraph, 'breaks' | 'ends' | 'forced'> {
  const allowed = breakOpportunities(text)
  const breaks: number[] = []
  for (let index = 1; index < text.length; index++) {
    if (allowed[index] || text.charCodeAt(index - 1) === NEWLINE) breaks.push(index)
  }
  breaks.push(text.length)
  const ends = breaks.map((at) => {
    let end = at
    if (end > 0 && text.charCodeAt(end - 1) === NEWLINE) end--
    while (end > 0 && text.charCodeAt(end - 1) === SPACE) end--
    return end
  })
  const forced = breaks.map((at) => (at > 0 && text.charCodeAt(at - 1) === NEWLINE ? 1 : 0))
  return { breaks: Int32Array.from(breaks), ends: Int32Array.from(ends), forced: Uint8Array.from(forced) }
}

/**
 * Room a stretch that ends inside a word needs, px. Its end is shaped again, since what stood after it may have been
 * kerned or joined with it; it has to fit before and after that, as in browsers.
 */
export function widthWhenCut(paragraph: Paragraph, start: number, end: number): number {
  const item = paragraph.items.find((one) => one.start < end && end < one.end)
  if (!item) return widthBetween(paragraph, start, end)
  const from = Math.max(start, item.start)
  const shaped = item.face.shape(paragraph.text.slice(from, end))
  const own = glyphWidths(item.face, item.size, shaped).reduce((sum, width) => sum + width, 0)
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
