import { AUTO, DEFINITE, FILL, FIT, FIXED, insetsAcross, insetsDown, type Box, type HeightMode } from './box'
import { clampItem, resolveFlexibleLengths, type FlexItem } from './flexibleLengths'
import { maxContent } from './intrinsicWidth'
import type { Laying } from './layBox'
import { clampHeight, extentOf, leastWidth } from './limits'

type Item = FlexItem & { box: Box }

interface Line {
  items: Item[]
  height: number
}

/**
 * Height of children side by side, on several lines when the row wraps, layout units.
 * @see CSS Flexible Box Layout 1, section 9
 */
export function rowHeight(box: Box, width: number, laying: Laying): number {
  return heightOf(box, linesOf(box, width, 0, AUTO, laying))
}

const heightOf = ({ measures }: Box, lines: Line[]) =>
  lines.reduce((sum, line) => sum + line.height, measures.rowGap * Math.max(0, lines.length - 1))

/** Places children side by side. @param height border-box height, layout units, when it is not by content */
export function placeRow(box: Box, width: number, height: number, mode: HeightMode, laying: Laying) {
  const { align, justify } = box.node.arrange
  const { columnGap, rowGap, inset } = box.measures
  const room = width - insetsAcross(box)
  let y = inset[0]
  for (const line of linesOf(box, width, height, mode, laying)) {
    const used = line.items.reduce((sum, { size }) => sum + size, columnGap * (line.items.length - 1))
    const { before, between } = justified(justify, room - used, line.items.length)
    let x = box.insetLeft64 + before
    for (const { box: child, size } of line.items) {
      child.x64 = x
      child.y64 = y + placeAcross(child, size, line.height, align, laying)
      x += size + columnGap + between
    }
    y += line.height + rowGap
  }
}

/** Lines with the widths of their items and their own heights. */
function linesOf(box: Box, width: number, height: number, mode: HeightMode, laying: Laying): Line[] {
  const room = width - insetsAcross(box)
  const { wrap } = box.node.arrange
  const lines = brokenLines(box, room, wrap)
  for (const line of lines) {
    resolveFlexibleLengths(line.items, room - box.measures.columnGap * (line.items.length - 1))
    for (const { box: child, size } of line.items)
      line.height = Math.max(line.height, ownHeight(child, size, laying))
  }
  if (!wrap && lines.length === 1) {
    const insets = insetsDown(box)
    const [line] = lines
    line.height =
      mode === AUTO ? clampHeight(box, line.height + insets) - insets : Math.max(0, height - insets)
  }
  return lines
}

function brokenLines(box: Box, room: number, wrap: boolean): Line[] {
  const { columnGap } = box.measures
  const lines: Line[] = []
  let used = 0
  for (const child of box.children) {
    const item = flexItem(child, room)
    const size = clampItem(item, item.base)
    if (lines.length === 0 || (wrap && used + columnGap + size > room)) {
      lines.push({ items: [item], height: 0 })
      used = size
    } else {
      lines[lines.length - 1].items.push(item)
      used += columnGap + size
    }
  }
  return lines
}

function flexItem(child: Box, room: number): Item {
  const { width, maxWidth } = child.measures
  const insets = insetsAcross(child)
  const isFill = width.mode === FILL
  const base = isFill ? insets : width.mode === FIT ? maxContent(child) : extentOf(width, room)
  return {
    box: child,
    base: Math.max(base, insets),
    insets,
    grow: isFill ? width.value : 0,
    shrink: isFill ? 1 : 0,
    least: leastWidth(child, room),
    most: extentOf(maxWidth, room),
    size: 0,
  }
}

function ownHeight(child: Box, width: number, laying: Laying): number {
  const { height } = child.measures
  return clampHeight(child, height.mode === FIXED ? height.value : laying.height(child, width))
}

/** Places a child in its line; gives back how far below the line's top it stands. */
function placeAcross(child: Box, width: number, lineHeight: number, align: string, laying: Laying): number {
  const { mode } = child.measures.height
  if (mode === FILL || (mode === FIT && align === 'stretch')) {
    laying.place(child, width, clampHeight(child, lineHeight), DEFINITE)
    return 0
  }
  const height = ownHeight(child, width, laying)
  laying.place(child, width, height, mode === FIXED ? DEFINITE : AUTO)
  return alignedOffset(align, lineHeight - height)
}

/** Offset of a box in free space, layout units; free space may be negative. */
export function alignedOffset(align: string, free: number): number {
  if (align === 'centre') return (free / 2) | 0
  return align === 'end' ? free : 0
}

/** Free space along a line: what stands before the first item and what is added to each gap, layout units. */
export function justified(justify: string, free: number, count: number): { before: number; between: number } {
  if (justify === 'between')
    return { before: 0, between: free > 0 && count > 1 ? (free / (count - 1)) | 0 : 0 }
  return { before: alignedOffset(justify, free), between: 0 }
}
