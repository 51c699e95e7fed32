import type { Placed } from './drawnPage'
import type { Distance } from './distances'
import { across, endOf, startOf, type Axis } from './rect'

/** The gaps between several blocks that stand in a line, px. */
export interface GapsAmong {
  axis: Axis
  gaps: (Distance & { before: string; after: string })[]
  areEqual: boolean
}

/** px by which gaps may differ and still be equal */
const SAME = 0.5

/**
 * The gaps between blocks that follow one another without overlapping, along the axis on which they do; nothing where they
 * do on neither.
 */
export function gapsAmong(ones: Placed[]): GapsAmong | undefined {
  if (ones.length < 2) return undefined
  const [x, y] = (['x', 'y'] as const).map((axis) => along(ones, axis))
  if (x && y) return spread(x) >= spread(y) ? x : y
  return x ?? y
}

/** Of two ways to see them in a line, the one they reach farther along is meant. */
const spread = ({ gaps }: GapsAmong) => gaps[gaps.length - 1].to - gaps[0].from

function along(ones: Placed[], axis: Axis): GapsAmong | undefined {
  const other = across(axis)
  const sorted = [...ones].sort((a, b) => startOf(a, axis) - startOf(b, axis))
  const gaps: GapsAmong['gaps'] = []
  for (let index = 1; index < sorted.length; index++) {
    const [one, next] = [sorted[index - 1], sorted[index]]
    const [from, to] = [endOf(one, axis), startOf(next, axis)]
    if (to < from - SAME) return undefined
    const shared = {
      from: Math.max(startOf(one, other), startOf(next, other)),
      to: Math.min(endOf(one, other), endOf(next, other)),
    }
    const at = (shared.from + shared.to) / 2
    gaps.push({ axis, from, to, at, size: Math.max(0, to - from), before: one.key, after: next.key })
  }
  const sizes = gaps.map(({ size }) => size)
  return { axis, gaps, areEqual: Math.max(...sizes) - Math.min(...sizes) <= SAME }
}
