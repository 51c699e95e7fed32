import type { Axis } from './rect'

/** Kinds of hints that can be switched on and off by themselves, with the words for them. */
export const HINT_KINDS = {
  columns: 'Columns and margins',
  rows: 'Rows',
  baseline: 'Baseline',
  guides: 'Guides',
  edges: 'Edges',
  centres: 'Centres',
  gaps: 'Equal gaps',
  sizes: 'Equal sizes',
  scale: 'Spacing scale',
} as const
export type HintKind = keyof typeof HINT_KINDS

/** What of a rectangle comes to lie on a line: either edge, its middle, or any of them. */
export type Fits = 'edge' | 'centre' | 'any'

/** A line that edges or middles may come to lie on. */
export interface HintLine {
  /** px of the page along the axis it stands on */
  at: number
  kind: HintKind
  fits: Fits
  /** what it is, such as “column 3” or “left edge of Headline” */
  what: string
  /** what of it there is to see: the extent of the block whose edge it is, px; all of the page without one */
  extent?: { from: number; to: number }
}

/** A distance as it is drawn: from one edge to another, at a place across. */
export interface HintSpan {
  from: number
  to: number
  /** px of the page along the other axis */
  at: number
}

/** Why something moves to where it does, with its figure. */
export interface Hint {
  axis: Axis
  kind: HintKind
  what: string
  /** the line it lies on, px of the page */
  line?: { at: number; from?: number; to?: number }
  /** the distances that are alike, or on the scale */
  spans?: HintSpan[]
  /** px: the distance, or the size that is alike */
  figure?: number
}
