import type { BlockNode } from '../resolve/node'
import type { Paragraph } from '../text/paragraph'

export const FIT = 0
export const FILL = 1
export const FIXED = 2
export const PERCENT = 3

/** A size or limit ready for arithmetic: px, or % of the parent's content width, or what is left. */
export interface Extent {
  mode: typeof FIT | typeof FILL | typeof FIXED | typeof PERCENT
  /** px, % or share */
  value: number
}

/** Lines of text set in a box. */
export interface BoxText {
  paragraph: Paragraph
  /** px */
  lineHeight: number
  /** px from the top of a line to its baseline */
  baseline: number
}

/** How a box's height came about: by its content; set and known; or imposed while percentages stay unknown. */
export const AUTO = 0
export const DEFINITE = 1
export const IMPOSED = 2
export type HeightMode = typeof AUTO | typeof DEFINITE | typeof IMPOSED

/**
 * A block being laid out: its values in px, its place in its parent, and what was measured of it before.
 * One object per node, kept while the node is.
 */
export interface Box {
  node: BlockNode
  children: Box[]

  arrange: BlockNode['arrange']['type']
  columnGap: number
  rowGap: number
  /** border and padding of each side, px */
  insetTop: number
  insetRight: number
  insetBottom: number
  insetLeft: number
  border: [number, number, number, number]

  width: Extent
  height: Extent
  minWidth: Extent
  maxWidth: Extent
  minHeight: number
  maxHeight: number
  left: Extent
  right: Extent
  offsetX: Extent
  top: number
  bottom: number
  offsetY: number

  text?: BoxText

  /** where the box stands, px from its parent's top left corner */
  x: number
  y: number
  w: number
  h: number
  /** in a grid: row it was placed in, from 1 */
  row: number
  column: number

  minContent: number
  maxContent: number
  measured: Measured[]
  placedWidth: number
  placedHeight: number
  placedMode: HeightMode
}

/** A height measured for a width and a height constraint. */
export interface Measured {
  width: number
  height: number
  mode: HeightMode
  result: number
}
