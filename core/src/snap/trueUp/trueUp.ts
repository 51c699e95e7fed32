import { overlaps, sizeOf, type Axis, type Rect } from '../rect'
import { estimateTolerance } from '../structure/tolerance'
import { BoundedOffsets, isSame } from './boundedOffsets'
import { seenAlong, type Seen } from './seen'
import {
  COLUMN_REACH,
  endPlace,
  nearestOf,
  placesAlong,
  startPlace,
  wishesAlong,
  type Measure,
  type Off,
  type Untrue,
} from './wishes'

/** Passes after which it is given up to look for a state that stays. */
const MOST_PASSES = 24
const [LEAST_REACH, MOST_REACH] = [2, 8]
/** By so much is trusted more what holds already, where nearly all does. */
const HELD = 0.7

/**
 * The least change that puts gaps on the spacing scale and edges in line. Bounded difference constraints: per axis, what
 * is wished of edges is tried in order of trust, and whatever contradicts an earlier wish or would move an edge too far is
 * dropped; again until nothing moves. Nothing comes to overlap that did not, and no more gaps differ than before.
 * @returns where the blocks stand then, in the same order
 */
export function trueUp(untrue: Untrue, measure: Measure): Rect[] {
  const before = untrue.blocks.map(({ rect }) => rect)
  if (before.length === 0 || measure.scale.length === 0) return before
  let now = untrue
  for (let pass = 0; pass < MOST_PASSES; pass++) {
    const off = offBy(now)
    const next = alongAxis(alongAxis(now, 'x', off, measure), 'y', off, measure)
    const isStill = next.blocks.every(({ rect }, index) => isSameRect(rect, now.blocks[index].rect))
    now = next
    if (!isStill) continue
    const after = now.blocks.map(({ rect }) => rect)
    return isNoWorse(before, after) ? after : before
  }
  // Two wishes as good as each other can send it to and fro for ever: then it stays as it was.
  return before
}

const isSameRect = (a: Rect, b: Rect) =>
  isSame(a.x, b.x) && isSame(a.y, b.y) && isSame(a.w, b.w) && isSame(a.h, b.h)

function offBy({ blocks }: Untrue): Off {
  const rects = blocks.map(({ rect }) => rect)
  const reach = Math.min(MOST_REACH, Math.max(LEAST_REACH, estimateTolerance(rects, MOST_REACH)))
  return { reach, most: Math.ceil(reach / 2) }
}

function alongAxis(untrue: Untrue, axis: Axis, off: Off, measure: Measure): Untrue {
  const seen = seenAlong(
    untrue.blocks.map(({ rect }) => rect),
    axis,
    off.reach,
  )
  const places = placesAlong(untrue, axis)
  const offsets = new BoundedOffsets(places, off.most)
  if (axis === 'x') reachColumns(untrue, places, offsets)
  offsets.tie(0, 1, places[1])
  untrue.blocks.forEach(({ rect, keepsSize }, index) => {
    if (keepsSize) offsets.tie(startPlace(index), endPlace(index), sizeOf(rect, axis))
  })
  // Where things are far off, what happens to hold says little.
  const held = off.reach <= LEAST_REACH ? HELD : 0
  const wishes = wishesAlong(untrue, axis, off, measure, seen)
  for (const wish of wishes) if (wish.off < 0.01) wish.rank -= held
  wishes.sort((a, b) => a.rank - b.rank || a.off - b.off)
  for (const { first, second, distance } of wishes) offsets.tie(first, second, distance)
  const settled = offsets.settled()
  return keepsOrder(untrue, seen, places, settled) ? placedAt(untrue, axis, settled) : untrue
}

/** Lets edges move to columns near them; a block that keeps its size goes there as a whole. */
function reachColumns({ blocks, columns }: Untrue, places: Float64Array, offsets: BoundedOffsets) {
  if (!columns) return
  blocks.forEach(({ rect, keepsSize }, index) => {
    const [start, end] = [startPlace(index), endPlace(index)]
    const first = nearestOf(columns.starts, places[start])
    const last = keepsSize ? first + rect.w : nearestOf(columns.ends, places[end])
    if (Math.abs(first - places[start]) <= COLUMN_REACH) offsets.reachTo(start, first)
    if (Math.abs(last - places[end]) <= COLUMN_REACH) offsets.reachTo(end, last)
  })
}

/** Whether nothing comes to stand in another or vanishes. */
function keepsOrder({ blocks }: Untrue, seen: Seen[], before: Float64Array, after: Float64Array): boolean {
  const isCrossing = seen.some(({ from, to }) => {
    if (from === undefined) return false
    const gap = (places: Float64Array) => places[startPlace(to)] - places[endPlace(from)]
    return gap(after) < -0.01 && gap(before) >= -0.01
  })
  return !isCrossing && blocks.every((_, index) => after[endPlace(index)] - after[startPlace(index)] >= 1)
}

function placedAt(untrue: Untrue, axis: Axis, places: Float64Array): Untrue {
  const blocks = untrue.blocks.map((one, index) => {
    const [from, to] = [places[startPlace(index)], places[endPlace(index)]]
    const rect =
      axis === 'x' ? { ...one.rect, x: from, w: to - from } : { ...one.rect, y: from, h: to - from }
    return { ...one, rect }
  })
  return { ...untrue, blocks }
}

/** The promise itself, checked at the end: no new overlap, and no more distinct gaps than before. */
function isNoWorse(before: Rect[], after: Rect[]): boolean {
  for (let one = 0; one < before.length; one++)
    for (let other = one + 1; other < before.length; other++)
      if (overlaps(after[one], after[other]) && !overlaps(before[one], before[other])) return false
  return distinctGaps(after) <= distinctGaps(before)
}

/** How many different gaps there are between blocks, to the whole px. */
export function distinctGaps(rects: Rect[]): number {
  const gaps = (axis: Axis) =>
    seenAlong(rects, axis, LEAST_REACH).flatMap(({ from, gap }) =>
      from === undefined ? [] : [Math.round(gap)],
    )
  return new Set([...gaps('x'), ...gaps('y')]).size
}
