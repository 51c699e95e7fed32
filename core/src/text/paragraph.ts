import { ceil64 } from './layoutUnit'
import { breakOpportunities } from './breakOpportunities'
import type { FontFace, FontLibrary, FontStyle } from './fontLibrary'
import { pairTable, type PairTable } from './pairTable'
import { isPlainText, SOFT_HYPHEN } from './plainText'
import { setPositions, widthAlone } from './positions'
import { keepStops, roomForStops, writePlainStops, type Stops } from './stops'

/** A stretch of text in one font style. Sizes in px. */
export interface TextRun extends FontStyle {
  text: string
  size: number
  /** after each character */
  spacing?: number
  link?: string
}

/** A stretch shaped by one face; `run` is the index of the run it came from. */
export interface Item {
  start: number
  end: number
  run: number
  link?: string
  face: FontFace
  size: number
  spacing?: number
}

/** A face at a size, px, with what stands after each character. */
export interface TextSetting {
  library: FontLibrary
  style: FontStyle
  face: FontFace
  size: number
  spacing?: number
  /** its pairs, where it sets text by them */
  pairs?: PairTable
}

/** Text shaped and measured once, ready to be broken at any width. */
export class Paragraph {
  /**
   * @param stops where its lines may end, `stopCount` from `firstStop`
   * @param hasNewline whether a line has to end somewhere
   * @param setting of all of it, where that is one
   * @param cut its items, where they are not the whole text in that setting
   * @param positions px from the start of the text to before each character, and to its end
   */
  constructor(
    readonly text: string,
    readonly stops: Stops,
    readonly firstStop: number,
    readonly stopCount: number,
    readonly hasNewline: boolean,
    readonly setting: TextSetting | undefined,
    private cut?: Item[],
    private positions?: Float64Array,
  ) {}

  get items(): Item[] {
    return (this.cut ??= wholeText(this.text, this.setting as TextSetting))
  }

  /** px from the start of the text to before a character. Asked for inside words only, they are found when first needed. */
  position(index: number): number {
    this.positions ??= positionsOf(this.text, this.items)
    return this.positions[index]
  }
}

const wholeText = (text: string, { face, size, spacing }: TextSetting): Item[] =>
  text ? [{ start: 0, end: text.length, run: 0, face, size, spacing }] : []

function positionsOf(text: string, items: Item[]): Float64Array {
  const positions = new Float64Array(text.length + 1)
  for (const { start, end, face, size, spacing } of sameFont(items))
    setPositions({ face, size, spacing, text, positions }, { start, end })
  return positions
}

const NEWLINE = 10
const SPACE = 32

/** A style at a size, px, ready to set texts in. @param spacing px after each character */
export function textSetting(
  library: FontLibrary,
  style: FontStyle,
  size: number,
  spacing?: number,
): TextSetting {
  const { family, weight, italic } = style
  const own = { family, weight, italic }
  const face = library.face(own)
  const byPairs = face.file.setsByPairs && face.coversAscii && !spacing
  return { library, style: own, face, size, spacing, pairs: byPairs ? pairTable(face, size) : undefined }
}

/** Sets a text in one setting. White space should be collapsed; `\n` forces a new line. */
export function setParagraph(setting: TextSetting, text: string): Paragraph {
  if (setting.pairs) {
    const { stops, first } = roomForStops(text.length + 1)
    const count = writePlainStops(text, setting.pairs, stops, first)
    if (count > 0) {
      keepStops(count)
      return new Paragraph(text, stops, first, count, false, setting)
    }
  }
  const { library, style, size, spacing } = setting
  return keptOrShaped(library, [{ ...style, size, spacing, text }], setting)
}

/** Shapes the runs of a paragraph. Runs should hold collapsed white space; `\n` forces a new line. */
export function shapeParagraph(library: FontLibrary, runs: TextRun[]): Paragraph {
  const [only] = runs
  if (runs.length === 1 && !only.link)
    return setParagraph(textSetting(library, only, only.size, only.spacing), only.text)
  return keptOrShaped(library, runs)
}

/** What had to be shaped: the same words come back at every band and after every change. */
const keptBy = new WeakMap<FontLibrary, Map<string, Paragraph>>()
const MOST_KEPT = 20_000

function keptOrShaped(library: FontLibrary, runs: TextRun[], setting?: TextSetting): Paragraph {
  let kept = keptBy.get(library)
  if (!kept || kept.size >= MOST_KEPT) keptBy.set(library, (kept = new Map()))
  const key = JSON.stringify(runs)
  let paragraph = kept.get(key)
  if (!paragraph) kept.set(key, (paragraph = shapeAnew(library, runs, setting)))
  return paragraph
}

function shapeAnew(library: FontLibrary, runs: TextRun[], setting?: TextSetting): Paragraph {
  const text = runs.map((run) => run.text).join('')
  const items = itemize(library, runs)
  const positions = positionsOf(text, items)
  const breaks = breakOpportunities(text)
  const { stops, first } = roomForStops(breaks.length)
  breaks.forEach((at, index) => {
    stops.at[first + index] = at
    stops.end[first + index] = positions[visibleEnd(text, at)]
    stops.start[first + index] = positions[at]
  })
  keepStops(breaks.length)
  const isForced = text.includes('\n')
  const isOneFont = setting && items.length <= 1
  return new Paragraph(
    text,
    stops,
    first,
    breaks.length,
    isForced,
    isOneFont ? setting : undefined,
    items,
    positions,
  )
}

/** Cuts runs into items where the asked face lacks a character and the last resort has it. */
function itemize(library: FontLibrary, runs: TextRun[]): Item[] {
  const items: Item[] = []
  let start = 0
  runs.forEach((run, index) => {
    const { link, size, spacing } = run
    const asked = library.face(run)
    if (asked.coversAscii && isPlainText(run.text)) {
      if (run.text)
        items.push({ start, end: start + run.text.length, run: index, link, face: asked, size, spacing })
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
      else items.push({ start: at, end: at + character.length, run: index, link, face, size, spacing })
      at += character.length
    }
    start = at
  })
  return items
}

/** Neighbouring items of one font are shaped together, as browsers do across the borders of elements. */
function sameFont(items: Item[]): Omit<Item, 'run'>[] {
  const stretches: Omit<Item, 'run'>[] = []
  for (const { start, end, face, size, spacing } of items) {
    const last = stretches.at(-1)
    if (last && last.face === face && last.size === size && last.spacing === spacing) last.end = end
    else stretches.push({ start, end, face, size, spacing })
  }
  return stretches
}

/** Where the visible text of a line ends that ends at a break: trailing spaces and the line break hang. */
export function visibleEnd(text: string, at: number): number {
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
  const hyphen = hyphenAt(paragraph, end)
  return widthOfCut(paragraph, start, end) + (hyphen ? hyphen.width : 0)
}

/** The hyphen a line shows that ends at a place where a word may be parted. */
export function hyphenAt(
  { text, items }: Paragraph,
  end: number,
): { sign: string; width: number } | undefined {
  if (text[end - 1] !== SOFT_HYPHEN || end >= text.length) return undefined
  const item = items.find((one) => one.start < end && end <= one.end)
  if (!item) return undefined
  const sign = item.face.has(HYPHEN) ? String.fromCharCode(HYPHEN) : '-'
  return { sign, width: ceil64(widthAlone(item, sign)) }
}

const HYPHEN = 0x2010

function widthOfCut(paragraph: Paragraph, start: number, end: number): number {
  const item = paragraph.items.find((one) => one.start < end && end < one.end)
  if (!item) return widthBetween(paragraph, start, end)
  const from = Math.max(start, item.start)
  const own = widthAlone(item, paragraph.text.slice(from, end))
  return Math.max(widthBetween(paragraph, start, end), widthBetween(paragraph, start, from) + ceil64(own))
}

/** Width of a stretch of the paragraph on one line, px: each item of it rounded up to a 64th. */
export function widthBetween(paragraph: Paragraph, start: number, end: number): number {
  if (paragraph.setting) return ceil64(paragraph.position(end) - paragraph.position(start))
  let width = 0
  for (const item of paragraph.items) {
    if (item.end <= start || item.start >= end) continue
    width += ceil64(
      paragraph.position(Math.min(end, item.end)) - paragraph.position(Math.max(start, item.start)),
    )
  }
  return width
}
