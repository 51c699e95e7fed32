import type { Fits, Hint, HintKind, HintLine } from './hint'
import { neighbourAt, type HintGround } from './hintGround'
import {
  across,
  endOf,
  middleOf,
  movedAlong,
  overlapAcross,
  sizeOf,
  startOf,
  type Axis,
  type Rect,
} from './rect'

/** A rectangle brought to where a hint has it. */
export interface Hinted {
  /** px to move by */
  dx: number
  dy: number
  hints: Hint[]
}

/** One way to move along an axis, and why. */
interface Candidate {
  move: number
  kind: HintKind
  hint: (moved: Rect) => Hint
}

/** Of moves that are as short, what the designer set comes before what merely stands there. */
const RANK: HintKind[] = [
  'guides',
  'columns',
  'rows',
  'edges',
  'centres',
  'gaps',
  'sizes',
  'scale',
  'baseline',
]
const ALIKE = 0.01
/** px of a neighbour's own gaps that count as one */
const SAME = 0.5

/**
 * Where a moved rectangle goes and why: per axis the shortest move within reach that puts an edge or its middle on a line,
 * makes its gap equal to one beside it, or puts it on the spacing scale. O(log n + neighbours) in the number of blocks.
 * @param reach px; a move is never longer, and nought holds hints off
 */
export function hintMove(rect: Rect, ground: HintGround, reach: number): Hinted {
  if (reach <= 0) return { dx: 0, dy: 0, hints: [] }
  const dx = chosen([...lineMoves(rect, ground, 'x', reach), ...gapMoves(rect, ground, 'x')], reach)
  const beside = dx ? movedAlong(rect, 'x', dx.move) : rect
  const dy = chosen([...lineMoves(beside, ground, 'y', reach), ...gapMoves(beside, ground, 'y')], reach)
  const moved = dy ? movedAlong(beside, 'y', dy.move) : beside
  const hints = [dx, dy].flatMap((one) => (one ? [one.hint(moved)] : []))
  return { dx: dx?.move ?? 0, dy: dy?.move ?? 0, hints: [...hints, ...alsoOn(moved, ground, hints)] }
}

/**
 * Where an edge that is pulled goes and why: onto a line, to a size another block has, or to a gap on the scale.
 * @param side which edge of the rectangle, @param at px where it is pulled to
 */
export function hintEdge(
  rect: Rect,
  axis: Axis,
  side: 'start' | 'end',
  at: number,
  ground: HintGround,
  reach: number,
): { at: number; hints: Hint[] } {
  if (reach <= 0) return { at, hints: [] }
  const pulled = withEdge(rect, axis, side, at)
  const found = [
    ...edgeLines(ground.lines[axis], at, reach, 'edge').map((line) =>
      lineCandidate(line, line.at - at, axis),
    ),
    ...sizeMoves(pulled, ground, axis, side, reach),
    ...scaleMoves(pulled, ground, axis, side === 'start' ? -1 : 1),
  ]
  const best = chosen(found, reach)
  if (!best) return { at, hints: [] }
  return { at: at + best.move, hints: [best.hint(withEdge(rect, axis, side, at + best.move))] }
}

function withEdge(rect: Rect, axis: Axis, side: 'start' | 'end', at: number): Rect {
  const [from, to] = side === 'start' ? [at, endOf(rect, axis)] : [startOf(rect, axis), at]
  return axis === 'x' ? { ...rect, x: from, w: to - from } : { ...rect, y: from, h: to - from }
}

function chosen(found: Candidate[], reach: number): Candidate | undefined {
  let best: Candidate | undefined
  for (const one of found) {
    const isNearer = !best || Math.abs(one.move) < Math.abs(best.move) - ALIKE
    const isAsNear = best && Math.abs(Math.abs(one.move) - Math.abs(best.move)) <= ALIKE
    const isBefore = best && isAsNear && RANK.indexOf(one.kind) < RANK.indexOf(best.kind)
    if (Math.abs(one.move) <= reach && (isNearer || isBefore)) best = one
  }
  return best
}

// Lines.

function lineMoves(rect: Rect, { lines }: HintGround, axis: Axis, reach: number): Candidate[] {
  const on = (at: number, fits: Fits) =>
    edgeLines(lines[axis], at, reach, fits).map((line) => lineCandidate(line, line.at - at, axis))
  return [
    ...on(startOf(rect, axis), 'edge'),
    ...on(middleOf(rect, axis), 'centre'),
    ...on(endOf(rect, axis), 'edge'),
  ]
}

/** Lines near a place that take what lies there, the nearest of each kind. */
function edgeLines(lines: HintLine[], at: number, reach: number, fits: Fits): HintLine[] {
  const nearest = new Map<HintKind, HintLine>()
  for (let index = firstNotBelow(lines, at - reach); index < lines.length; index++) {
    const line = lines[index]
    if (line.at > at + reach) break
    if (line.fits !== 'any' && line.fits !== fits) continue
    const known = nearest.get(line.kind)
    if (!known || Math.abs(line.at - at) < Math.abs(known.at - at)) nearest.set(line.kind, line)
  }
  return [...nearest.values()]
}

function lineCandidate(line: HintLine, move: number, axis: Axis): Candidate {
  return {
    move,
    kind: line.kind,
    hint: (moved) => {
      const other = across(axis)
      const { extent } = line
      const shown = extent && {
        from: Math.min(extent.from, startOf(moved, other)),
        to: Math.max(extent.to, endOf(moved, other)),
      }
      const apart = extent && Math.max(startOf(moved, other) - extent.to, extent.from - endOf(moved, other))
      return {
        ...{ axis, kind: line.kind, what: line.what, line: { at: line.at, ...shown } },
        ...(apart !== undefined && apart > 0 ? { figure: apart } : {}),
      }
    },
  }
}

/** Other lines that the moved rectangle lies on too: at most one more for each edge and the middle. */
function alsoOn(moved: Rect, { lines }: HintGround, hints: Hint[]): Hint[] {
  const known = new Set(hints.flatMap(({ axis, line }) => (line ? [`${axis} ${line.at.toFixed(1)}`] : [])))
  const found: Hint[] = []
  for (const axis of ['x', 'y'] as const) {
    const places: [number, Fits][] = [
      [startOf(moved, axis), 'edge'],
      [middleOf(moved, axis), 'centre'],
      [endOf(moved, axis), 'edge'],
    ]
    for (const [at, fits] of places) {
      const [line] = edgeLines(lines[axis], at, ALIKE, fits)
      const name = `${axis} ${at.toFixed(1)}`
      if (!line || line.kind === 'baseline' || known.has(name)) continue
      known.add(name)
      found.push(lineCandidate(line, 0, axis).hint(moved))
    }
  }
  return found
}

// Gaps.

function gapMoves(rect: Rect, ground: HintGround, axis: Axis): Candidate[] {
  if (!ground.kinds.has('gaps') && !ground.kinds.has('scale')) return []
  const before = neighbourAt(ground, rect, axis, -1)
  const after = neighbourAt(ground, rect, axis, 1)
  const equal = ground.kinds.has('gaps') ? equalGaps(ground, axis, before, after) : []
  return [
    ...equal,
    ...scaleMoves(rect, ground, axis, -1, before),
    ...scaleMoves(rect, ground, axis, 1, after),
  ]
}

type Neighbour = ReturnType<typeof neighbourAt>

/** In the middle between two, or as far from one as that stands from the next. */
function equalGaps(ground: HintGround, axis: Axis, before: Neighbour, after: Neighbour): Candidate[] {
  const found: Candidate[] = []
  const other = across(axis)
  const at = (a: Rect, b: Rect) =>
    (Math.max(startOf(a, other), startOf(b, other)) + Math.min(endOf(a, other), endOf(b, other))) / 2
  const span = (a: Rect, b: Rect) => ({ from: endOf(a, axis), to: startOf(b, axis), at: at(a, b) })
  if (before && after) {
    const gap = (before.gap + after.gap) / 2
    found.push({
      move: gap - before.gap,
      kind: 'gaps',
      hint: (moved) => ({
        ...{ axis, kind: 'gaps', figure: gap, what: `between ${before.one.name} and ${after.one.name}` },
        spans: [span(before.one, moved), span(moved, after.one)],
      }),
    })
  }
  for (const [near, way] of [
    [before, -1],
    [after, 1],
  ] as const) {
    const next = near && neighbourAt(ground, near.one, axis, way)
    if (!next || next.gap < SAME) continue
    found.push({
      move: way === -1 ? next.gap - near.gap : near.gap - next.gap,
      kind: 'gaps',
      hint: (moved) => ({
        ...{ axis, kind: 'gaps', figure: next.gap, what: `as ${near.one.name} and ${next.one.name}` },
        spans:
          way === -1
            ? [span(next.one, near.one), span(near.one, moved)]
            : [span(moved, near.one), span(near.one, next.one)],
      }),
    })
  }
  return found
}

/** To a gap of the spacing scale from the block beside. */
function scaleMoves(
  rect: Rect,
  ground: HintGround,
  axis: Axis,
  way: -1 | 1,
  near: Neighbour = neighbourAt(ground, rect, axis, way),
): Candidate[] {
  if (!near || !ground.kinds.has('scale')) return []
  const other = across(axis)
  return ground.scale.map((step) => ({
    move: way === -1 ? step - near.gap : near.gap - step,
    kind: 'scale',
    hint: (moved): Hint => {
      const at = (startOf(moved, other) + Math.min(endOf(moved, other), endOf(near.one, other))) / 2
      const isBeside = overlapAcross(moved, near.one, axis)
      const [from, to] =
        way === -1
          ? [endOf(near.one, axis), startOf(moved, axis)]
          : [endOf(moved, axis), startOf(near.one, axis)]
      return {
        ...{ axis, kind: 'scale', figure: step, what: `from ${near.one.name}` },
        spans: isBeside ? [{ from, to, at }] : [],
      }
    },
  }))
}

/** To the width or height of another block. */
function sizeMoves(
  pulled: Rect,
  { sizes }: HintGround,
  axis: Axis,
  side: 'start' | 'end',
  reach: number,
): Candidate[] {
  const list = sizes[axis]
  const size = sizeOf(pulled, axis)
  const found: Candidate[] = []
  for (let index = firstSizeNotBelow(list, size - reach); index < list.length; index++) {
    const { size: like, name } = list[index]
    if (like > size + reach) break
    found.push({
      move: side === 'end' ? like - size : size - like,
      kind: 'sizes',
      hint: () => ({
        ...{ axis, kind: 'sizes', figure: like, what: `as ${axis === 'x' ? 'wide' : 'tall'} as ${name}` },
      }),
    })
  }
  return found
}

const firstNotBelow = (lines: HintLine[], wanted: number) =>
  search(lines.length, (at) => lines[at].at < wanted)
const firstSizeNotBelow = (list: { size: number }[], wanted: number) =>
  search(list.length, (at) => list[at].size < wanted)

/** The first index of a sorted list for which something no longer holds. */
function search(length: number, isBelow: (at: number) => boolean): number {
  let low = 0
  let high = length
  while (low < high) {
    const middle = (low + high) >> 1
    if (isBelow(middle)) low = middle + 1
    else high = middle
  }
  return low
}
