import { floor64 } from '../text/layoutUnit'
import { PERCENT, type Box, type Extent } from './box'

/** px of an extent that is a length or a percentage of `of` px. */
export function extentPx({ mode, value }: Extent, of: number): number {
  return mode === PERCENT ? floor64((value * of) / 100) : value
}

/** The least a border-box width may be: nothing is smaller than its insets. */
export function leastWidth(box: Box, containerWidth: number): number {
  return Math.max(extentPx(box.minWidth, containerWidth), box.insetLeft + box.insetRight)
}

/** A border-box width within the box's limits: the minimum beats the maximum. */
export function clampWidth(box: Box, width: number, containerWidth: number): number {
  return Math.max(Math.min(width, extentPx(box.maxWidth, containerWidth)), leastWidth(box, containerWidth))
}

/** The least a border-box height may be. */
export function leastHeight(box: Box): number {
  return Math.max(box.minHeight, box.insetTop + box.insetBottom)
}

/** A border-box height within the box's limits. */
export function clampHeight(box: Box, height: number): number {
  return Math.max(Math.min(height, box.maxHeight), leastHeight(box))
}
