import type { FontLibrary } from '../text/fontLibrary'
import { widthAlone } from '../text/positions'
import { escapeMarkup } from '../text/escapeMarkup'
import { LAST_RESORT, PAGE_FAMILY } from '../text/fontCatalogue'

/** Something drawn on a sheet; lengths in points, from its top left corner. */
export type Mark = RectMark | PathMark | TextMark

export interface RectMark {
  type: 'rect'
  x: number
  y: number
  width: number
  height: number
  fill?: string
  stroke?: string
  dashed?: boolean
  /** lines across it, for what a service fills */
  hatched?: boolean
}

export interface PathMark {
  type: 'path'
  /** SVG path data */
  d: string
  stroke: string
  width: number
}

export interface TextMark {
  type: 'text'
  x: number
  /** of the baseline */
  y: number
  text: string
  size: number
  weight: 400 | 700
  family: string
  colour: string
}

/** One sheet of paper with what is drawn on it. */
export interface Sheet {
  width: number
  height: number
  title: string
  marks: Mark[]
}

/** The family that has every character of a text, the last resort where the page's own lacks one. */
export function familyFor(library: FontLibrary, text: string, weight: number): string {
  const face = library.face({ family: PAGE_FAMILY, weight, italic: false })
  return [...text].every((sign) => face.has(sign.codePointAt(0) as number)) ? PAGE_FAMILY : LAST_RESORT
}

/** A text set on a sheet, cut with an ellipsis where it is wider than the room for it. */
export function textMark(
  library: FontLibrary,
  mark: Omit<TextMark, 'type' | 'family'>,
  room = Infinity,
): TextMark {
  const clean = mark.text.replace(/\s+/g, ' ').trim()
  const family = familyFor(library, clean, mark.weight)
  const face = library.face({ family, weight: mark.weight, italic: false })
  const fits = (text: string) => widthAlone(face, mark.size, text) <= room
  if (fits(clean)) return { type: 'text', ...mark, text: clean, family }
  const signs = [...clean]
  let [low, high] = [0, signs.length]
  while (low < high) {
    const middle = Math.ceil((low + high) / 2)
    if (fits(`${signs.slice(0, middle).join('').trimEnd()}…`)) low = middle
    else high = middle - 1
  }
  return { type: 'text', ...mark, text: `${signs.slice(0, low).join('').trimEnd()}…`, family }
}

const HATCH = '#c9c4b4'

/** A sheet as an SVG; its size is given in points. @param styles CSS for font faces */
export function sheetSvg({ width, height, title, marks }: Sheet, styles = ''): string {
  const style = styles ? `<style>${styles}</style>` : ''
  const hatch = `<defs><pattern id="hatch" width="5" height="5" patternUnits="userSpaceOnUse"><path d="M0 5L5 0" stroke="${HATCH}" stroke-width="0.6"/></pattern></defs>`
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}pt" height="${height}pt" viewBox="0 0 ${width} ${height}"><title>${escapeMarkup(title)}</title>${style}${hatch}<rect width="${width}" height="${height}" fill="#ffffff"/>\n${marks.map(markSvg).join('\n')}\n</svg>\n`
}

function markSvg(mark: Mark): string {
  switch (mark.type) {
    case 'rect': {
      const box = `x="${mark.x}" y="${mark.y}" width="${mark.width}" height="${mark.height}"`
      const stroke = mark.stroke ? ` stroke="${mark.stroke}" stroke-width="0.6"` : ''
      const dash = mark.dashed ? ' stroke-dasharray="3 2"' : ''
      const hatch = mark.hatched ? `<rect ${box} fill="url(#hatch)"/>` : ''
      return `<rect ${box} fill="${mark.fill ?? 'none'}"${stroke}${dash}/>${hatch}`
    }
    case 'path':
      return `<path d="${mark.d}" fill="none" stroke="${mark.stroke}" stroke-width="${mark.width}"/>`
    case 'text':
      return `<text x="${mark.x}" y="${mark.y}" font-family="${mark.family}" font-size="${mark.size}" font-weight="${mark.weight}" fill="${mark.colour}">${escapeMarkup(mark.text)}</text>`
  }
}
