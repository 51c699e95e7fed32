import { endOf, sizeOf, startOf, type Axis, type Rect } from '../rect'
import { median } from '../structure/found'
import type { Seen } from './seen'

/** A block that may be trued up; a text keeps its size. */
export interface Trued {
  key: string
  rect: Rect
  keepsSize: boolean
}

/** Blocks in what they stand in, whose corner is at nought. */
export interface Untrue {
  blocks: Trued[]
  width: number
  height: number
  /** where the columns begin and end, px */
  columns?: { starts: number[]; ends: number[] }
}

/** What gaps and sizes are to be. */
export interface Measure {
  /** permitted gaps, px, rising */
  scale: number[]
  /** sizes are multiples of it, px */
  unit: number
}

/** How far things are off, as it is estimated from how like edges lie apart. */
export interface Off {
  /** px within which edges are one line and gaps one gap */
  reach: number
  /** px an edge may move */
  most: number
}

/** A distance that two places are wished to have; those of the least rank are tried first. */
export interface Wish {
  first: number
  second: number
  distance: number
  rank: number
  /** px they are off it now */
  off: number
}

/** px columns draw an edge from, farther than anything else does */
export const COLUMN_REACH = 6

/** Places are numbered: the start and the end of the frame, then both edges of each block. */
export const startPlace = (index: number) => 2 + 2 * index
export const endPlace = (index: number) => 3 + 2 * index

/** The places along an axis, px. */
export function placesAlong({ blocks, width, height }: Untrue, axis: Axis): Float64Array {
  const places = new Float64Array(2 + 2 * blocks.length)
  places[1] = axis === 'x' ? width : height
  blocks.forEach(({ rect }, index) => {
    places[startPlace(index)] = startOf(rect, axis)
    places[endPlace(index)] = endOf(rect, axis)
  })
  return places
}

export const nearestOf = (values: number[], to: number) =>
  values.reduce((best, one) => (Math.abs(one - to) < Math.abs(best - to) ? one : best), values[0])

/**
 * Everything that is wished of edges along an axis, with how far it is trusted: columns before lines of like edges
 * before gaps of the scale before whole sizes, what is nearer before what is farther, what many share before what few do.
 * @param seen which blocks see each other along the axis
 * The figures were found by trying them on sections whose truth is known.
 */
export function wishesAlong(
  untrue: Untrue,
  axis: Axis,
  { reach, most }: Off,
  measure: Measure,
  seen: Seen[],
): Wish[] {
  const places = placesAlong(untrue, axis)
  const wishes: Wish[] = []
  const wish: Add = (first, second, distance, rank) => {
    wishes.push({ first, second, distance, rank, off: Math.abs(places[second] - places[first] - distance) })
  }
  if (axis === 'x') columnWishes(untrue, Math.max(most, COLUMN_REACH), wish)
  const lines = lineWishes(untrue, axis, reach, wish)
  gapWishes(seen, reach, measure.scale, (place) => lines.get(place) ?? places[place], wish)
  sizeWishes(untrue, axis, reach, measure.unit, wish)
  return wishes
}

type Add = (first: number, second: number, distance: number, rank: number) => void

function columnWishes({ blocks, columns }: Untrue, reach: number, wish: Add) {
  if (!columns) return
  blocks.forEach(({ rect, keepsSize }, index) => {
    const start = nearestOf(columns.starts, rect.x)
    if (Math.abs(start - rect.x) <= reach) wish(0, startPlace(index), start, 1)
    const end = nearestOf(columns.ends, rect.x + rect.w)
    if (!keepsSize && Math.abs(end - rect.x - rect.w) <= reach) wish(0, endPlace(index), end, 1)
  })
}

/** Like edges come to lie on one line: the one nearest to their middle. @returns the middle each place is near */
function lineWishes({ blocks }: Untrue, axis: Axis, reach: number, wish: Add): Map<number, number> {
  const middles = new Map<number, number>()
  const all = blocks.map((_, index) => index)
  const ends = all.filter((index) => !(blocks[index].keepsSize && axis === 'x'))
  for (const [indexes, placeOf, edgeOf, trust] of [
    [all, startPlace, startOf, 2],
    [ends, endPlace, endOf, 2.5],
  ] as const) {
    const edge = (index: number) => edgeOf(blocks[index].rect, axis)
    for (const group of together(indexes, edge, reach)) {
      if (group.length < 2) continue
      const middle = median(group.map(edge))
      const nearest = group.reduce((best, one) =>
        Math.abs(edge(one) - middle) < Math.abs(edge(best) - middle) ? one : best,
      )
      for (const index of group) {
        middles.set(placeOf(index), middle)
        if (index === nearest) continue
        const rank = trust - Math.min(0.4, 0.05 * group.length) + 0.02 * Math.abs(edge(index) - middle)
        wish(placeOf(nearest), placeOf(index), 0, rank)
      }
    }
  }
  return middles
}

/** Indexes whose values lie within a reach of one another. */
function together(indexes: number[], value: (index: number) => number, reach: number): number[][] {
  const groups: number[][] = []
  for (const index of [...indexes].sort((a, b) => value(a) - value(b))) {
    const group = groups.at(-1)
    if (group && value(index) - value(group[0]) <= reach) group.push(index)
    else groups.push([index])
  }
  return groups
}

function gapWishes(seen: Seen[], reach: number, scale: number[], at: (place: number) => number, wish: Add) {
  const gaps = seen.map(({ from, to }) => {
    const [first, second] = [from === undefined ? 0 : endPlace(from), startPlace(to)]
    return { first, second, gap: at(second) - at(first), isInner: from !== undefined }
  })
  const inner = gaps.filter(({ isInner }) => isInner).map(({ gap }) => gap)
  const votes = scale.map((step) =>
    inner.reduce((sum, gap) => sum + Math.exp(-(((gap - step) / (0.5 * reach + 0.5)) ** 2)), 0),
  )
  const mostVotes = Math.max(1e-6, ...votes)
  const fewest = fewestSteps(inner, scale, reach)
  for (const { first, second, gap } of gaps) {
    scale.forEach((step, index) => {
      const off = Math.abs(step - gap)
      if (off > reach + 0.01) return
      const nearness = 0.01 * Math.max(0, gap) + (0.6 * off) / reach
      wish(first, second, step, 2.1 + nearness - votes[index] / mostVotes - (fewest.has(step) ? 1 : 0))
    })
  }
}

/** The fewest steps of the scale that explain the gaps, taken one after another: the one that explains most first. */
function fewestSteps(gaps: number[], scale: number[], reach: number): Set<number> {
  const chosen = new Set<number>()
  let open = gaps.filter((gap) => gap <= scale[scale.length - 1] + reach)
  while (open.length) {
    const explains = (step: number) =>
      open.reduce((sum, gap) => sum + Math.max(0, 1 - Math.abs(gap - step) / (reach + 1)), 0)
    const best = scale.reduce((one, other) => (explains(other) > explains(one) ? other : one), scale[0])
    if (explains(best) < 0.3) break
    chosen.add(best)
    open = open.filter((gap) => Math.abs(best - gap) >= reach + 1)
  }
  return chosen
}

function sizeWishes({ blocks }: Untrue, axis: Axis, reach: number, unit: number, wish: Add) {
  blocks.forEach(({ rect, keepsSize }, index) => {
    if (keepsSize) return
    const size = sizeOf(rect, axis)
    for (const whole of [Math.floor(size / unit) * unit, Math.ceil(size / unit) * unit]) {
      const off = Math.abs(whole - size)
      if (off <= reach) wish(startPlace(index), endPlace(index), whole, 3.2 + (0.6 * off) / reach)
    }
  })
}
