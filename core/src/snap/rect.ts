/** A rectangle on the page, px. */
export interface Rect {
  x: number
  y: number
  w: number
  h: number
}

export type Axis = 'x' | 'y'

/** Where a rectangle begins, how long it is and where it ends along an axis, px. */
export const startOf = (rect: Rect, axis: Axis) => rect[axis]
export const sizeOf = (rect: Rect, axis: Axis) => (axis === 'x' ? rect.w : rect.h)
export const endOf = (rect: Rect, axis: Axis) => rect[axis] + sizeOf(rect, axis)
export const middleOf = (rect: Rect, axis: Axis) => rect[axis] + sizeOf(rect, axis) / 2
export const across = (axis: Axis): Axis => (axis === 'x' ? 'y' : 'x')

/** A rectangle moved along an axis by so many px. */
export const movedAlong = (rect: Rect, axis: Axis, by: number): Rect => ({ ...rect, [axis]: rect[axis] + by })

/** The rectangle around others; an empty one around none. */
export function boundsOf(rects: Rect[]): Rect {
  if (rects.length === 0) return { x: 0, y: 0, w: 0, h: 0 }
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity]
  for (const { x, y, w, h } of rects) {
    left = Math.min(left, x)
    top = Math.min(top, y)
    right = Math.max(right, x + w)
    bottom = Math.max(bottom, y + h)
  }
  return { x: left, y: top, w: right - left, h: bottom - top }
}

/** Whether two rectangles stand beside one another along an axis: what they take across it overlaps. */
export function overlapAcross(a: Rect, b: Rect, axis: Axis): boolean {
  const other = across(axis)
  return startOf(a, other) < endOf(b, other) && startOf(b, other) < endOf(a, other)
}

/** Whether a rectangle lies wholly in another. */
export const isWithin = (inner: Rect, outer: Rect): boolean =>
  inner.x >= outer.x &&
  inner.y >= outer.y &&
  inner.x + inner.w <= outer.x + outer.w &&
  inner.y + inner.h <= outer.y + outer.h

/** Whether two rectangles share any of their ground. */
export const overlaps = (a: Rect, b: Rect): boolean =>
  a.x < b.x + b.w && b.x < a.x + a.w && a.y < b.y + b.h && b.y < a.y + a.h
