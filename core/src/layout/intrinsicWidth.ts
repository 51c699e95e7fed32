import { maxContentWidth, minContentWidth } from '../text/lines'
import { trunc64 } from '../text/layoutUnit'
import { FIXED, PERCENT, type Box } from './box'

/** Border-box width with every line as long as it likes, px (`max-content`). */
export function maxContent(box: Box): number {
  if (box.maxContent < 0) box.maxContent = contentWidth(box, true) + box.insetLeft + box.insetRight
  return box.maxContent
}

/** Border-box width with every line as short as it may be, px (`min-content`). */
export function minContent(box: Box): number {
  if (box.minContent < 0) box.minContent = contentWidth(box, false) + box.insetLeft + box.insetRight
  return box.minContent
}

function contentWidth(box: Box, widest: boolean): number {
  if (box.text) return widest ? maxContentWidth(box.text.paragraph) : minContentWidth(box.text.paragraph)
  if (box.node.picture) return box.node.picture.width
  // Grids are size-contained, which leaves their gaps and set tracks; placed children are out of flow.
  if (box.arrange === 'grid') {
    const { tracks, trackWidth = 0 } = box.node.arrange
    return box.columnGap * (tracks.length - 1) + trunc64(trackWidth) * tracks.length
  }
  if (box.arrange === 'placed' || box.children.length === 0) return 0
  const widths = box.children.map((child) => contribution(child, widest))
  const isSum = box.arrange === 'row' && (widest || !box.node.arrange.wrap)
  if (!isSum) return Math.max(...widths)
  return widths.reduce((sum, width) => sum + width, box.columnGap * (widths.length - 1))
}

/** What a box adds to its parent's intrinsic width: percentages count as fit. */
function contribution(box: Box, widest: boolean): number {
  const { width, minWidth, maxWidth } = box
  const content = width.mode === FIXED ? width.value : widest ? maxContent(box) : minContent(box)
  const most = maxWidth.mode === PERCENT ? Infinity : maxWidth.value
  const least = minWidth.mode === PERCENT ? 0 : minWidth.value
  return Math.max(Math.min(content, most), least, box.insetLeft + box.insetRight)
}
