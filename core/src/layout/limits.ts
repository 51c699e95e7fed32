import { wholeUnits } from '../text/layoutUnit'
import { insetsAcross, insetsDown, type Box } from './box'
import { PERCENT, type Extent } from './extent'

/** An extent that is a length or a percentage of `of`, layout units. */
export function extentOf({ mode, value }: Extent, of: number): number {
  return mode === PERCENT ? wholeUnits(Math.floor((value * of) / 100)) : value
}

/** The least a border-box width may be, layout units: nothing is smaller than its insets. */
export function leastWidth(box: Box, containerWidth: number): number {
  return Math.max(extentOf(box.measures.minWidth, containerWidth), insetsAcross(box))
}

/** A border-box width within the box's limits, layout units: the minimum beats the maximum. */
export function clampWidth(box: Box, width: number, containerWidth: number): number {
  return Math.max(
    Math.min(width, extentOf(box.measures.maxWidth, containerWidth)),
    leastWidth(box, containerWidth),
  )
}

/** The least a border-box height may be, layout units. */
export function leastHeight(box: Box): number {
  return Math.max(box.measures.minHeight, insetsDown(box))
}

/** A border-box height within the box's limits, layout units. */
export function clampHeight(box: Box, height: number): number {
  return Math.max(Math.min(height, box.measures.maxHeight), leastHeight(box))
}
