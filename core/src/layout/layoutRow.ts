import { trunc64 } from '../text/layoutUnit'
import { AUTO, DEFINITE, FILL, FIT, FIXED, type Box, type HeightMode } from './box'
import { clampItem, resolveFlexibleLengths, type FlexItem } from './flexibleLengths'
import { maxContent } from './intrinsicWidth'
import type { LayBox } from './layBox'
import { clampHeight, extentPx, leastWidth } from './limits'

interface Line {
  items: (FlexItem & { box: Box })[]
  height: number
}

/**
 * Lays children side by side, on several lines when the row wraps.
 * @param height border-box height when it is not by content
 * @returns the height of the content, px
 * @see CSS Flexible Box Layout 1, section 9
 */
export function layoutRow(
  box: Box,
  width: number,
  height: number,
  mode: HeightMode,
  place: boolean,
  lay: LayBox,
): number {
  const room = width - box.insetLeft - box.insetRight
  const wrap = box.node.arrange.wrap
  const lines = linesOf(box, room, wrap)
  for (const line of lines) {
    resolveFlexibleLengths(line.items, room - box.columnGap * (line.items.length - 1))
    line.height = Math.max(0, ...line.items.map(({ box: child, size }) => ownHeight(child, size, lay)))
  }
  const isSingle = !wrap && lines.length === 1
  if (isSingle && mode !== AUTO) lines[0].height = Math.max(0, height - box.insetTop - box.insetBottom)
  else if (isSingle) {
    const insets = box.insetTop + box.insetBottom
    lines[0].height = clampHeight(box, lines[0].height + insets) - insets
  }
  const content = lines.reduce((sum, line) => sum + line.height, box.rowGap * Math.max(0, lines.length - 1))
  if (place) placeLines(box, lines, room, lay)
  return content
}

function linesOf(box: Box, room: number, wrap: boolean): Line[] {
  const lines: Line[] = []
  let used = 0
  for (const child of box.children) {
    const item = flexItem(child, room)
    const size = clampItem(item, item.base)
    if (lines.length === 0 || (wrap && used + box.columnGap + size > room)) {
      lines.push({ items: [item], height: 0 })
      used = size
    } else {
      lines[lines.length - 1].items.push(item)
      used += box.columnGap + size
    }
  }
  return lines
}

function flexItem(child: Box, room: number): FlexItem & { box: Box } {
  const insets = child.insetLeft + child.insetRight
  const isFill = child.width.mode === FILL
  const base = isFill ? insets : child.width.mode === FIT ? maxContent(child) : extentPx(child.width, room)
  return {
    box: child,
    base: Math.max(base, insets),
    insets,
    grow: isFill ? child.width.value : 0,
    shrink: isFill ? 1 : 0,
    least: leastWidth(child, room),
    most: extentPx(child.maxWidth, room),
    size: 0,
  }
}

function ownHeight(child: Box, width: number, lay: LayBox): number {
  if (child.height.mode === FIXED) return clampHeight(child, child.height.value)
  return clampHeight(child, lay(child, width, 0, AUTO, false))
}

function placeLines(box: Box, lines: Line[], room: number, lay: LayBox) {
  const { align, justify } = box.node.arrange
  let y = box.insetTop
  for (const line of lines) {
    const used = line.items.reduce((sum, { size }) => sum + size, box.columnGap * (line.items.length - 1))
    const { before, between } = justified(justify, room - used, line.items.length)
    let x = box.insetLeft + before
    for (const { box: child, size } of line.items) {
      child.x = x
      placeAcross(child, size, line.height, align, lay)
      child.y += y
      x += size + box.columnGap + between
    }
    y += line.height + box.rowGap
  }
}

function placeAcross(child: Box, width: number, lineHeight: number, align: string, lay: LayBox) {
  const isStretched = child.height.mode === FILL || (child.height.mode === FIT && align === 'stretch')
  if (isStretched) {
    lay(child, width, clampHeight(child, lineHeight), DEFINITE, true)
    child.y = 0
    return
  }
  const height = ownHeight(child, width, lay)
  lay(child, width, height, child.height.mode === FIXED ? DEFINITE : AUTO, true)
  child.y = alignedOffset(align, lineHeight - height)
}

/** Offset of a box in free space, px; free space may be negative. */
export function alignedOffset(align: string, free: number): number {
  if (align === 'centre') return trunc64(free / 2)
  return align === 'end' ? free : 0
}

/** Free space along a line: what stands before the first item and what is added to each gap, px. */
export function justified(justify: string, free: number, count: number): { before: number; between: number } {
  if (justify === 'between')
    return { before: 0, between: free > 0 && count > 1 ? trunc64(free / (count - 1)) : 0 }
  return { before: alignedOffset(justify, free), between: 0 }
}
