import { floor64 } from '../text/layoutUnit'
import { PERCENT, type Box, type Extent } from './box'

/** px of an extent that is a length or a percentage of `of` px. */
export function extentPx({ mode, value }: Extent, of: number): number {
  return mode === PERCENT ? floor64((value * of) / 100) : value
}

/** A border-box width within the box's limits: the minimum beats the maximum, and nothing is smaller than its insets. */
export function clampWidth(box: Box, width: number, containerWidth: number): number {
  const most = extentPx(box.maxWidth, containerWidth)
  const least = extentPx(box.minWidth, containerWidth)
  return Math.max(Math.min(width, most), least, box.insetLeft + box.insetRight)
}

/** A border-box height within the box's limits. */
export function clampHeight(box: Box, height: number): number {
  return Math.max(Math.min(height, box.maxHeight), box.minHeight, box.insetTop + box.insetBottom)
}
