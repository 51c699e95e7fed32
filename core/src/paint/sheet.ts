import type { FontLibrary } from '../text/fontLibrary'
import { widthAlone } from '../text/positions'
import type { Css } from '../text/cssWriter'
import { SVG_NAMESPACE, svgStyle, written, xmlElement, type Content } from '../text/elementWriter'
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
  // A text far longer than its room is cut to what could fit of the narrowest signs before any of it is measured.
  const most = Math.min(mark.text.length, Math.ceil((room / mark.size) * 20) + 100)
  const clean = mark.text.slice(0, most).replace(/\s+/g, ' ').trim()
  const family = familyFor(library, clean, mark.weight)
  const face = library.face({ family, weight: mark.weight, italic: false })
  const fits = (text: string) => widthAlone(face, mark.size, text) <= room
  if (most === mark.text.length && fits(clean)) return { type: 'text', ...mark, text: clean, family }
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
export function sheetSvg({ width, height, title, marks }: Sheet, styles?: Css): string {
  const size = { width: `${width}pt`, height: `${height}pt`, viewBox: `0 0 ${width} ${height}` }
  return written(
    xmlElement('svg', { xmlns: SVG_NAMESPACE, ...size }, [
      xmlElement('title', {}, title),
      styles ? svgStyle(styles) : '',
      hatchPattern(),
      xmlElement('rect', { width, height, fill: '#ffffff' }),
      marks.map((mark) => ['\n', markSvg(mark)]),
      '\n',
    ]),
  )
}

function hatchPattern(): Content {
  const line = xmlElement('path', { d: 'M0 5L5 0', stroke: HATCH, 'stroke-width': 0.6 })
  const tile = { id: 'hatch', width: 5, height: 5, patternUnits: 'userSpaceOnUse' }
  return xmlElement('defs', {}, xmlElement('pattern', tile, line))
}

function markSvg(mark: Mark): Content {
  switch (mark.type) {
    case 'rect':
      return rectSvg(mark)
    case 'path':
      return xmlElement('path', {
        d: mark.d,
        fill: 'none',
        stroke: mark.stroke,
        'stroke-width': mark.width,
      })
    case 'text': {
      const { x, y, family, size, weight, colour, text } = mark
      const font = { 'font-family': family, 'font-size': size, 'font-weight': weight }
      return xmlElement('text', { x, y, ...font, fill: colour }, text)
    }
  }
}

function rectSvg({ x, y, width, height, fill, stroke, dashed, hatched }: RectMark): Content {
  const box = { x, y, width, height }
  const edge = stroke ? { stroke, 'stroke-width': 0.6 } : {}
  const rect = xmlElement('rect', {
    ...box,
    fill: fill ?? 'none',
    ...edge,
    'stroke-dasharray': dashed ? '3 2' : undefined,
  })
  return hatched ? [rect, xmlElement('rect', { ...box, fill: 'url(#hatch)' })] : rect
}
