import type { Arrangement, BlockNode } from '../resolve/node'
import { toPixels } from '../text/layoutUnit'
import type { Paragraph } from '../text/paragraph'
import type { FontMeasures } from '../units/environment'
import { FIXED, type Extent } from './extent'
import { AUTO, type HeightMode } from './heightMode'

/** A font at the size of a text style, and how its lines are set, px. */
export interface LineFont extends FontMeasures {
  lineHeight: number
  /** from the top of a line to its baseline */
  baseline: number
}

/** top, right, bottom, left */
export type Sides = [number, number, number, number]

/** What a block asks for, in layout units. */
export interface Measures {
  columnGap: number
  rowGap: number
  border: Sides
  /** border and padding of each side; of a section, without the sides the grid asks for */
  inset: Sides
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
  /** space before it in place of its parent's gap, -1 where it has none of its own */
  space: number
}

/** Content that has a size of its own, layout units. */
export interface SizedContent {
  width: number
  height: number
  /** whether its height goes by the width it is given */
  keepsRatio: boolean
}

/**
 * An instance being laid out: its place in its parent, and what was measured of it before. One object per node, kept
 * while the node is. Fields are whole layout units, which engines keep in place where fractions each need memory of
 * their own; readers outside the layout use the getters, which are in px.
 */
export class Box {
  /** place in the parent */
  x64 = 0
  y64 = 0
  /** size of the border box for which everything below was last put in place, -1 before */
  w64 = -1
  h64 = -1
  mode: HeightMode = AUTO
  /** in a row its width, in a column its height, as the parent last shared them out */
  flexed = 0
  /** border and padding, with the sides a grid gives a section */
  insetLeft64: number
  insetRight64: number
  /** in a grid: row and column it was placed in, from 1 */
  row = 0
  column = 0
  /** whether a length of it, or of what stands in it, was measured by the viewport */
  usesViewport = false
  /** intrinsic border-box widths, -1 while unknown */
  minContent = -1
  maxContent = -1
  /** border-box width that was last measured, and the height it gives */
  measuredWidth = -1
  measuredHeight = 0
  readonly arrange: Arrangement['type']

  constructor(
    readonly node: BlockNode,
    readonly children: Box[],
    readonly measures: Measures,
    readonly paragraph: Paragraph | undefined,
    readonly font: LineFont | undefined,
    readonly sized: SizedContent | undefined,
  ) {
    this.arrange = node.arrange.type
    this.insetLeft64 = measures.inset[3]
    this.insetRight64 = measures.inset[1]
  }

  get x() {
    return toPixels(this.x64)
  }
  get y() {
    return toPixels(this.y64)
  }
  get w() {
    return toPixels(this.w64)
  }
  get h() {
    return toPixels(this.h64)
  }
  get insetTop() {
    return toPixels(this.measures.inset[0])
  }
  get insetRight() {
    return toPixels(this.insetRight64)
  }
  get insetBottom() {
    return toPixels(this.measures.inset[2])
  }
  get insetLeft() {
    return toPixels(this.insetLeft64)
  }
  get columnGap() {
    return toPixels(this.measures.columnGap)
  }
  get rowGap() {
    return toPixels(this.measures.rowGap)
  }
  /** px before it in place of its parent's gap, where it has some of its own */
  get space() {
    return this.measures.space < 0 ? undefined : toPixels(this.measures.space)
  }
  get border() {
    return this.measures.border.map(toPixels) as Sides
  }

  /** What a freely placed box is moved by, px; nothing for what is a share of its parent. */
  get offsets() {
    const { left, right, offsetX, top, bottom, offsetY } = this.measures
    const across = ({ mode, value }: Extent) => (mode === FIXED ? toPixels(value) : undefined)
    return {
      left: across(left),
      right: across(right),
      x: across(offsetX),
      top: toPixels(top),
      bottom: toPixels(bottom),
      y: toPixels(offsetY),
    }
  }
}

/** Border and padding of both sides across, layout units. */
export const insetsAcross = (box: Box) => box.insetLeft64 + box.insetRight64
/** Border and padding above and below, layout units. */
export const insetsDown = ({ measures: { inset } }: Box) => inset[0] + inset[2]
