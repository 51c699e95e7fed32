import type { HintSpan } from './hint'
import { across, endOf, middleOf, overlapAcross, sizeOf, startOf, type Axis, type Rect } from './rect'

/** A distance to be drawn, px. */
export interface Distance extends HintSpan {
  axis: Axis
  size: number
}

/** From one place along an axis to another, whichever comes first. */
function distanceAt(axis: Axis, from: number, to: number, at: number): Distance {
  const [first, last] = [Math.min(from, to), Math.max(from, to)]
  return { axis, from: first, to: last, at, size: last - first }
}

const AXES: Axis[] = ['x', 'y']
const isInside = (inner: Rect, outer: Rect, axis: Axis) =>
  startOf(inner, axis) >= startOf(outer, axis) && endOf(inner, axis) <= endOf(outer, axis)

/**
 * The distances between two rectangles: of one in the other its four insets, else per axis the gap between them, or where
 * they overlap along it how far their starts and their ends are apart.
 */
export function distancesBetween(a: Rect, b: Rect): Distance[] {
  return AXES.flatMap((axis) => along(a, b, axis)).filter(({ size }) => size >= 0.5)
}

function along(a: Rect, b: Rect, axis: Axis): Distance[] {
  const other = across(axis)
  const [inner, outer] = sizeOf(a, axis) <= sizeOf(b, axis) ? [a, b] : [b, a]
  const at = overlapAcross(a, b, axis)
    ? (Math.max(startOf(a, other), startOf(b, other)) + Math.min(endOf(a, other), endOf(b, other))) / 2
    : middleOf(a, other)
  if (endOf(a, axis) <= startOf(b, axis)) return [distanceAt(axis, endOf(a, axis), startOf(b, axis), at)]
  if (endOf(b, axis) <= startOf(a, axis)) return [distanceAt(axis, endOf(b, axis), startOf(a, axis), at)]
  // Beside one another the other axis says how far apart they are; their edges still are what comes into line.
  if (!isInside(inner, outer, axis) && !overlapAcross(a, b, axis)) return []
  return [
    distanceAt(axis, startOf(a, axis), startOf(b, axis), at),
    distanceAt(axis, endOf(a, axis), endOf(b, axis), at),
  ]
}

/**
 * How far the sides of a rectangle stand from the columns nearest to them: the left from where one begins, the right from
 * where one ends. A side that stands on its column has no distance.
 */
export function distancesToColumns(rect: Rect, columns: { left: number; width: number }[]): Distance[] {
  if (columns.length === 0) return []
  const nearest = (places: number[], to: number) =>
    places.reduce((best, one) => (Math.abs(one - to) < Math.abs(best - to) ? one : best))
  const left = nearest(
    columns.map((column) => column.left),
    rect.x,
  )
  const right = nearest(
    columns.map((column) => column.left + column.width),
    rect.x + rect.w,
  )
  const [upper, lower] = [rect.y + rect.h / 4, rect.y + (rect.h * 3) / 4]
  return [distanceAt('x', left, rect.x, upper), distanceAt('x', rect.x + rect.w, right, lower)].filter(
    ({ size }) => size >= 0.5,
  )
}

/** How far a rectangle's middle is from the middle of another, px: right and down are positive. */
export interface CentreOffset {
  x: number
  y: number
  /** from where the eye takes the middle to be */
  optical: number
}

/** Of a height, how far above its middle the eye takes the middle to be: common practice, a figure from memory. */
const OPTICAL_RISE = 0.05

/** How far something stands from the geometric and from the optical centre of what it stands in. */
export function centreOffset(inner: Rect, outer: Rect): CentreOffset {
  const y = middleOf(inner, 'y') - middleOf(outer, 'y')
  return { x: middleOf(inner, 'x') - middleOf(outer, 'x'), y, optical: y + outer.h * OPTICAL_RISE }
}
