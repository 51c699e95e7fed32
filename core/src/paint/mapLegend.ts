import type { Page, Section } from '../site/site'
import type { FontLibrary } from '../text/fontLibrary'
import { pathMark, rectMark, type Mark, type StrokePaint } from '../vector/mark'
import { SERVICE_HATCH, wordsMark } from './sheet'

const INK = '#17211e'
const SOFT = '#56625d'
/** The line of a journey, and of a stop it cannot get to. */
export const JOURNEY_LINE: StrokePaint = { colour: '#3e5c76', width: 1.6 }
export const GAP_LINE: StrokePaint = { colour: '#a63d2a', width: 1.6, dashes: [2, 4] }

/** What is drawn on a sheet of a map. */
export interface MapContents {
  pages: Page[]
  /** sections written on the cards */
  sections: Section[]
  /** name of the journey shown, and whether any of it is a gap */
  journey?: { name: string; hasGap: boolean }
}

/** A sign of the legend, drawn from its left edge and the middle of the line, with what it means. */
interface LegendEntry {
  words: string
  sign: (x: number, y: number) => Mark[]
}

const WIDE = 22
const TALL = 12
const ruled = (colour: string, dashes?: [number, number]): StrokePaint => ({ colour, width: 0.6, dashes })
const swatch = (x: number, y: number, look: Parameters<typeof rectMark>[1] = {}): Mark =>
  rectMark(
    { x, y: y - TALL / 2, width: WIDE, height: TALL },
    { fill: '#ffffff', stroke: ruled(INK), ...look },
  )
const line = (x: number, y: number, stroke: StrokePaint): Mark => pathMark(`M${x} ${y}H${x + WIDE}`, stroke)

/** The signs that are used on a sheet; what is not on it is not explained. */
function entriesFor({ pages, sections, journey }: MapContents): LegendEntry[] {
  const entries: LegendEntry[] = []
  if (pages.some(({ template }) => template))
    entries.push({
      words: 'stands for many pages',
      sign: (x, y) => [swatch(x + 3, y + 3), swatch(x, y)],
    })
  if (pages.some(({ kind }) => kind))
    entries.push({
      words: 'outside the tree, external',
      sign: (x, y) => [swatch(x, y, { stroke: ruled(INK, [3, 2]) })],
    })
  if (sections.some(({ source }) => source === 'service'))
    entries.push({
      words: 'filled by the content service',
      sign: (x, y) => [swatch(x, y, { fill: SERVICE_HATCH, stroke: ruled('#d9d5c8') })],
    })
  if (journey) entries.push({ words: `journey: ${journey.name}`, sign: (x, y) => [line(x, y, JOURNEY_LINE)] })
  if (journey?.hasGap) entries.push({ words: 'no way leads there', sign: (x, y) => [line(x, y, GAP_LINE)] })
  return entries
}

const SIZE = 7.5
/** pt for the words beside a sign: enough for the longest of them, but for a journey's name, which is cut */
const ROOM = 112

/** The legend of a sheet, in two rows where it needs them. @param y middle of the first row, pt */
export function legendMarks(
  library: FontLibrary,
  contents: MapContents,
  x: number,
  y: number,
  width: number,
): Mark[] {
  const step = WIDE + 6 + ROOM + 10
  const perRow = Math.max(1, Math.floor(width / step))
  return entriesFor(contents).flatMap(({ words, sign }, index) => {
    const left = x + (index % perRow) * step
    const middle = y + Math.floor(index / perRow) * (TALL + 6)
    const text = {
      x: left + WIDE + 8,
      y: middle + 2.6,
      text: words,
      size: SIZE,
      weight: 400 as const,
      colour: SOFT,
    }
    return [...sign(left, middle), wordsMark(library, text, ROOM)]
  })
}
