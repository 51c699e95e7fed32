import { insetsAcross, insetsDown, type Box } from './box'
import { FILL, FIT, FIXED } from './extent'
import { gapBefore, gapsBetween } from './gapBefore'
import { AUTO, DEFINITE, type HeightMode } from './heightMode'
import { resolveFlexibleLengths, type FlexItem } from './flexibleLengths'
import { maxContent } from './intrinsicWidth'
import type { Laying } from './layBox'
import { clampHeight, clampWidth, extentOf, leastWidth } from './limits'

/** Children `from` to before `to`, side by side. Lengths in layout units. */
interface Line {
  from: number
  to: number
  /** their widths with the gaps between them */
  width: number
  height: number
}

/**
 * Height of children side by side, on several lines when the row wraps, layout units.
 * @see CSS Flexible Box Layout 1, section 9
 */
export function rowHeight(box: Box, width: number, laying: Laying): number {
  const lines = linesOf(box, width, laying)
  let height = box.measures.rowGap * Math.max(0, lines.length - 1)
  for (const line of lines) height += line.height
  return height
}

/** Places children side by side. @param height border-box height, layout units, when it is not by content */
export function placeRow(box: Box, width: number, height: number, mode: HeightMode, laying: Laying) {
  const { wrap } = box.node.arrange
  const lines = linesOf(box, width, laying)
  const insets = insetsDown(box)
  if (!wrap && lines.length === 1) {
    const [line] = lines
    line.height =
      mode === AUTO ? clampHeight(box, line.height + insets) - insets : Math.max(0, height - insets)
  }
  let y = box.measures.inset[0]
  for (const line of lines) {
    placeLine(box, line, width - insetsAcross(box), y, laying)
    y += line.height + box.measures.rowGap
  }
}

function placeLine(box: Box, line: Line, room: number, y: number, laying: Laying) {
  const { align, justify } = box.node.arrange
  const { before, between } = justified(justify, room - line.width, line.to - line.from)
  let x = box.insetLeft64 + before
  for (let index = line.from; index < line.to; index++) {
    const child = box.children[index]
    if (index > line.from) x += gapBefore(box, index) + between
    child.x64 = x
    x += child.flexed
    child.y64 = y + placeAcross(child, line.height, align, laying)
  }
}

/** Lines as tall as what stands in them; the widths of the children go into `flexed`. */
function linesOf(box: Box, width: number, laying: Laying): Line[] {
  const room = width - insetsAcross(box)
  const lines = brokenLines(box, room)
  for (const line of lines) {
    flexWidths(box, line, room)
    for (let index = line.from; index < line.to; index++)
      line.height = Math.max(line.height, ownHeight(box.children[index], laying))
  }
  return lines
}

function brokenLines(box: Box, room: number): Line[] {
  const { children } = box
  const { wrap } = box.node.arrange
  const lines: Line[] = []
  for (let index = 0; index < children.length; index++) {
    const child = children[index]
    child.flexed = clampWidth(child, baseWidth(child, room), room)
    const line = lines[lines.length - 1]
    const gap = gapBefore(box, index)
    if (!line || (wrap && line.width + gap + child.flexed > room))
      lines.push({ from: index, to: index + 1, width: child.flexed, height: 0 })
    else {
      line.to = index + 1
      line.width += gap + child.flexed
    }
  }
  return lines
}

/** Shares the room of a line out among its children, where any of them takes what is left. */
function flexWidths(box: Box, line: Line, room: number) {
  const { children } = box
  const items: FlexItem[] = []
  let isFlexing = false
  for (let index = line.from; index < line.to; index++) isFlexing ||= isFlexible(children[index])
  if (!isFlexing) return
  for (let index = line.from; index < line.to; index++) items.push(flexItem(children[index], room))
  line.width = gapsBetween(box, line.from, line.to)
  resolveFlexibleLengths(items, room - line.width)
  for (let index = 0; index < items.length; index++) {
    children[line.from + index].flexed = items[index].size
    line.width += items[index].size
  }
}

const isFlexible = ({ measures }: Box) => measures.width.mode === FILL

/** The width a child has before it grows, layout units. */
function baseWidth(child: Box, room: number): number {
  const { width } = child.measures
  const insets = insetsAcross(child)
  if (width.mode === FILL) return insets
  return Math.max(insets, width.mode === FIT ? maxContent(child) : extentOf(width, room))
}

function flexItem(child: Box, room: number): FlexItem {
  const { width, maxWidth } = child.measures
  const isFill = isFlexible(child)
  return {
    base: baseWidth(child, room),
    insets: insetsAcross(child),
    grow: isFill ? width.value : 0,
    shrink: isFill ? 1 : 0,
    least: leastWidth(child, room),
    most: extentOf(maxWidth, room),
    size: 0,
    isOpen: false,
  }
}

function ownHeight(child: Box, laying: Laying): number {
  const { height } = child.measures
  return clampHeight(child, height.mode === FIXED ? height.value : laying.height(child, child.flexed))
}

/** Places a child in its line; gives back how far below the line's top it stands. */
function placeAcross(child: Box, lineHeight: number, align: string, laying: Laying): number {
  const { mode } = child.measures.height
  if (mode === FILL || (mode === FIT && align === 'stretch')) {
    laying.place(child, child.flexed, clampHeight(child, lineHeight), DEFINITE)
    return 0
  }
  const height = ownHeight(child, laying)
  laying.place(child, child.flexed, height, mode === FIXED ? DEFINITE : AUTO)
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
