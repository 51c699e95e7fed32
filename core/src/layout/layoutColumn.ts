import { insetsAcross, insetsDown, type Box } from './box'
import { FILL, FIT, FIXED } from './extent'
import { gapBefore, gapsBetween } from './gapBefore'
import { AUTO, DEFINITE, IMPOSED, type HeightMode } from './heightMode'
import { clampItem, resolveFlexibleLengths, type FlexItem } from './flexibleLengths'
import { maxContent, minContent } from './intrinsicWidth'
import type { Laying } from './layBox'
import { alignedOffset, justified } from './layoutRow'
import { clampHeight, clampWidth, extentOf, leastHeight } from './limits'

/** Height of children one below another, layout units. */
export function columnHeight(box: Box, width: number, laying: Laying): number {
  const { children } = box
  const room = width - insetsAcross(box)
  let sum = gapsBetween(box)
  for (let index = 0; index < children.length; index++) {
    const child = children[index]
    sum += clampedHeight(child, childWidth(child, room, box), laying)
  }
  return sum
}

/** The height a child has before it grows or shrinks, where that is not imposed by the column's. */
function ownHeight(child: Box, width: number, laying: Laying): number {
  const { height } = child.measures
  return Math.max(height.mode === FIXED ? height.value : laying.height(child, width), insetsDown(child))
}

/**
 * Places children one below another.
 * A fill's base is nothing where the height is known, and its content where it is not (`flex-basis: 0%`).
 * @param height border-box height, layout units, when it is not by content
 * @see CSS Flexible Box Layout 1, section 9
 */
export function placeColumn(box: Box, width: number, height: number, mode: HeightMode, laying: Laying) {
  const { children, measures } = box
  const room = width - insetsAcross(box)
  if (children.some(isFlexible)) flexHeights(box, room, height, mode, laying)
  else for (const child of children) child.flexed = clampedHeight(child, childWidth(child, room, box), laying)
  const { align, justify } = box.node.arrange
  let used = gapsBetween(box)
  for (const { flexed } of children) used += flexed
  const insets = insetsDown(box)
  const inner = (mode === AUTO ? clampHeight(box, used + insets) : height) - insets
  const { before, between } = justified(justify, inner - used, children.length)
  let y = measures.inset[0] + before
  for (let index = 0; index < children.length; index++) {
    const child = children[index]
    if (index > 0) y += gapBefore(box, index) + between
    const own = childWidth(child, room, box)
    child.x64 = box.insetLeft64 + (child.measures.width.mode === FILL ? 0 : alignedOffset(align, room - own))
    child.y64 = y
    y += child.flexed
    laying.place(child, own, child.flexed, childMode(child, mode))
  }
}

const isFlexible = ({ measures }: Box) => measures.height.mode === FILL

function clampedHeight(child: Box, width: number, laying: Laying): number {
  return clampHeight(child, ownHeight(child, width, laying))
}

/** Shares the column's height out among its children, into `flexed`. */
function flexHeights(box: Box, room: number, height: number, mode: HeightMode, laying: Laying) {
  const items = box.children.map((child) => flexItem(child, childWidth(child, room, box), mode, laying))
  const gaps = gapsBetween(box)
  const hypothetical = items.reduce((sum, item) => sum + clampItem(item, item.base), gaps)
  const insets = insetsDown(box)
  const inner = (mode === AUTO ? clampHeight(box, hypothetical + insets) : height) - insets
  resolveFlexibleLengths(items, inner - gaps)
  items.forEach(({ size }, index) => (box.children[index].flexed = size))
}

/** Border-box width of a child of a column (or of a grid area) `room` layout units wide. */
export function childWidth(child: Box, room: number, parent: Box): number {
  return clampWidth(child, wantedWidth(child, room, parent), room)
}

function wantedWidth(child: Box, room: number, parent: Box): number {
  const { width } = child.measures
  if (width.mode === FILL) return room
  if (width.mode !== FIT) return extentOf(width, room)
  if (parent.arrange === 'column' && parent.node.arrange.align === 'stretch') return room
  // The least width is asked for only where it counts: finding it takes a look at every grapheme.
  const most = maxContent(child)
  return most <= room ? most : Math.min(most, Math.max(minContent(child), room))
}

function flexItem(child: Box, width: number, mode: HeightMode, laying: Laying): FlexItem {
  const { height, maxHeight } = child.measures
  const insets = insetsDown(child)
  const isFill = isFlexible(child)
  return {
    base: isFill && mode === DEFINITE ? insets : ownHeight(child, width, laying),
    insets,
    grow: isFill ? height.value : 0,
    shrink: isFill ? 1 : 0,
    least: leastHeight(child),
    most: maxHeight,
    size: 0,
    isOpen: false,
  }
}

/** A flexed height is known where the column's is (CSS Flexible Box Layout 1, section 9.8); else only imposed. */
function childMode({ node, measures: { height } }: Box, mode: HeightMode): HeightMode {
  // What a details element opens stands in a box of the browser's own, whose height is known of nothing but its content.
  if (node.tag === 'details') return AUTO
  if (height.mode === FIXED || mode === DEFINITE) return DEFINITE
  return height.mode === FIT ? AUTO : IMPOSED
}
