import { across, endOf, startOf, type Axis, type Rect } from '../rect'

/** Two blocks with nothing between them along an axis, by index; the first is absent where it is the frame's start. */
export interface Seen {
  from: number | undefined
  to: number
  /** px */
  gap: number
}

/** px of a side that must be in sight for it to count */
const SIGHT = 2

/**
 * Which blocks see each other along an axis, and which see the start of what they stand in.
 * @param tolerance px by which two may overlap and still follow one another
 */
export function seenAlong(rects: Rect[], axis: Axis, tolerance: number): Seen[] {
  const other = across(axis)
  // Read many times: plain numbers, not rectangles.
  const starts = Float64Array.from(rects, (rect) => startOf(rect, axis))
  const ends = Float64Array.from(rects, (rect) => endOf(rect, axis))
  const nears = Float64Array.from(rects, (rect) => startOf(rect, other))
  const fars = Float64Array.from(rects, (rect) => endOf(rect, other))
  const order = rects.map((_, index) => index).sort((a, b) => starts[a] - starts[b])
  const isSeen = new Uint8Array(rects.length)
  const found: Seen[] = []
  order.forEach((from, position) => {
    const [near, far, end] = [nears[from], fars[from], ends[from]]
    /** parts of its side that nothing stands before yet */
    let open: [from: number, to: number][] = [[near, far]]
    for (let at = position + 1; at < order.length && open.length; at++) {
      const to = order[at]
      const isBeside = fars[to] > near && nears[to] < far
      if (!isBeside || starts[to] < end - tolerance) continue
      const covered = cover(open, nears[to], fars[to])
      if (covered.hidden > SIGHT) {
        found.push({ from, to, gap: starts[to] - end })
        isSeen[to] = 1
      }
      open = covered.open
    }
  })
  for (const to of order) if (!isSeen[to]) found.push({ from: undefined, to, gap: starts[to] })
  return found
}

function cover(open: [number, number][], start: number, end: number) {
  const left: [number, number][] = []
  let hidden = 0
  for (const [from, to] of open) {
    if (end <= from || start >= to) {
      left.push([from, to])
      continue
    }
    hidden += Math.min(to, end) - Math.max(from, start)
    if (start > from) left.push([from, start])
    if (end < to) left.push([end, to])
  }
  return { open: left.filter(([from, to]) => to - from > SIGHT), hidden }
}
