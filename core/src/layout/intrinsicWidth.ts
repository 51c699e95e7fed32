import { toUnits } from '../text/layoutUnit'
import { maxContentWidth, minContentWidth } from '../text/lines'
import { insetsAcross, type Box } from './box'
import { FIXED, PERCENT } from './extent'
import { gapsBetween } from './gapBefore'

/** Border-box width with every line as long as it likes, layout units (`max-content`). */
export function maxContent(box: Box): number {
  if (box.maxContent < 0) box.maxContent = contentWidth(box, true) + insetsAcross(box)
  return box.maxContent
}

/** Border-box width with every line as short as it may be, layout units (`min-content`). */
export function minContent(box: Box): number {
  if (box.minContent < 0) box.minContent = contentWidth(box, false) + insetsAcross(box)
  return box.minContent
}

function contentWidth(box: Box, widest: boolean): number {
  const { paragraph, measures, node, sized } = box
  if (paragraph) return toUnits(widest ? maxContentWidth(paragraph) : minContentWidth(paragraph))
  if (sized) return sized.width
  // Grids are size-contained, which leaves their gaps and set tracks; placed children are out of flow.
  if (box.arrange === 'grid') {
    const { tracks, trackWidth = 0 } = node.arrange
    return measures.columnGap * (tracks.length - 1) + toUnits(trackWidth) * tracks.length
  }
  if (box.arrange === 'placed' || box.children.length === 0) return 0
  const widths = box.children.map((child) => contribution(child, widest))
  const isSum = box.arrange === 'row' && (widest || !node.arrange.wrap)
  if (!isSum) return Math.max(...widths)
  return widths.reduce((sum, width) => sum + width, gapsBetween(box))
}

/** What a box adds to its parent's intrinsic width: percentages count as fit. */
function contribution(box: Box, widest: boolean): number {
  const { width, minWidth, maxWidth } = box.measures
  const content = width.mode === FIXED ? width.value : widest ? maxContent(box) : minContent(box)
  const most = maxWidth.mode === PERCENT ? Infinity : maxWidth.value
  const least = minWidth.mode === PERCENT ? 0 : minWidth.value
  return Math.max(Math.min(content, most), least, insetsAcross(box))
}
