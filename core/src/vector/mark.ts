/**
 * A drawing as plain data, whatever it is written as: SVG, the page, PDF. Lengths are in the drawing's own unit (px of a
 * page, pt of a sheet), from the top left corner of what a mark stands in.
 */
export type Mark = Group | Shape | Words | Image

/** Marks that are moved, cut, faded or filtered together. */
export interface Group {
  type: 'group'
  /** tells it from its siblings when it is drawn again */
  key?: string
  /** a, b, c, d, e, f as in SVG's `matrix()` */
  transform?: Transform
  clip?: Outline
  /** 0 to 1, of all marks together */
  opacity?: number
  filter?: Filter
  /** how it mixes with what stands behind it in the nearest group that is apart */
  blend?: Blend
  /** what stands in it mixes with nothing outside */
  isApart?: true
  marks: Mark[]
}

/** Ways in which colours mix, by their names in CSS. @see Compositing and Blending 1, section 10.1 */
export const BLENDS = [
  'multiply',
  'screen',
  'overlay',
  'darken',
  'lighten',
  'hard-light',
  'soft-light',
] as const
export type Blend = (typeof BLENDS)[number]

export type Transform = [number, number, number, number, number, number]

export interface Frame {
  x: number
  y: number
  width: number
  height: number
}

/** A rectangle, with the radius of each corner from the top left on, or any path, as SVG path data. */
export type Outline =
  | ({ type: 'rect'; radius?: [number, number, number, number] } & Frame)
  | { type: 'path'; d: string; rule?: 'evenodd' }

/** Steps a group goes through in their order, and how far what comes out may reach. */
export interface Filter {
  steps: FilterStep[]
  region: Frame
}

export type FilterStep =
  | { type: 'blur'; deviation: number }
  /** four rows of five: how red, green, blue and alpha become of each other and one */
  | { type: 'matrix'; values: number[] }
  /** what red, green and blue each become, from none to all of it in even steps */
  | { type: 'table'; red: number[]; green: number[]; blue: number[] }

export interface Shape {
  type: 'shape'
  outline: Outline
  fill?: Paint
  stroke?: StrokePaint
}

export interface StrokePaint {
  colour: string
  width: number
  /** lengths of dashes and gaps in turns; solid without */
  dashes?: number[]
  opacity?: number
  /** ends and corners are round */
  isRound?: boolean
}

/** A colour, or what is drawn in its place. */
export type Paint = string | LinearGradient | RadialGradient | Hatch

export interface Stop {
  /** 0 to 1 along the line */
  at: number
  colour: string
  opacity?: number
}

export interface LinearGradient {
  type: 'linear'
  from: { x: number; y: number }
  to: { x: number; y: number }
  stops: Stop[]
}

export interface RadialGradient {
  type: 'radial'
  centre: { x: number; y: number }
  radius: { x: number; y: number }
  stops: Stop[]
}

/** Slanting lines so far apart, in place of a ground. */
export interface Hatch {
  type: 'hatch'
  colour: string
  width: number
  step: number
}

/** One line of text in one font. */
export interface Words extends TextFont {
  type: 'words'
  x: number
  /** of the baseline */
  y: number
  text: string
  colour: string
  /** room it takes, for those who set it in another font */
  width?: number
  /** after each character */
  spacing?: number
}

export interface TextFont {
  family: string
  size: number
  weight: number
  italic?: boolean
}

export interface Image extends Frame {
  type: 'image'
  href: string
  /** `stretch`: just as large as the frame */
  fit: 'cover' | 'contain' | 'stretch'
}

/** A whole drawing. */
export interface Picture {
  width: number
  height: number
  unit: 'px' | 'pt'
  /** what it is, for those who cannot see it */
  title: string
  ground: string
  marks: Mark[]
}

/** A rectangle that is filled, ruled, or both. */
export const rectMark = (frame: Frame, look: Pick<Shape, 'fill' | 'stroke'>): Shape => ({
  type: 'shape',
  outline: { type: 'rect', ...frame },
  ...look,
})

/** A stroke along a path, as SVG path data. */
export const pathMark = (d: string, stroke: StrokePaint): Shape => ({
  type: 'shape',
  outline: { type: 'path', d },
  stroke,
})

/** The way by which marks are moved. */
export const movedBy = (x: number, y: number): Transform => [1, 0, 0, 1, x, y]

/** Every mark that shows something, groups walked through. */
export function leafMarks(marks: Mark[]): Exclude<Mark, Group>[] {
  return marks.flatMap((mark) => (mark.type === 'group' ? leafMarks(mark.marks) : [mark]))
}

/** A drawing as it is behind its words. Groups that held nothing else go with them: there is nothing to filter in them. */
export const withoutWords = (marks: Mark[]): Mark[] =>
  marks.flatMap((mark): Mark[] => {
    if (mark.type === 'words') return []
    if (mark.type !== 'group') return [mark]
    const left = withoutWords(mark.marks)
    return left.length ? [{ ...mark, marks: left }] : []
  })
