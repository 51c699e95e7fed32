import Flatbush from 'flatbush'
import { columnPositions, type ColumnGrid } from '../grid/columnGrid'
import { baselineLines, rowPositions, type Baseline, type RowGrid } from '../grid/rowGrid'
import type { HintKind, HintLine } from './hint'
import { across, endOf, sizeOf, startOf, type Axis, type Rect } from './rect'

/** Lines on the page itself, by the axis their places are counted along. */
export type PageLines = Record<Axis, HintLine[]>

/** What lies over a page: the lines of its columns, rows and baseline, and its guides. Only kinds that are switched on. */
export function pageLines(
  kinds: ReadonlySet<HintKind>,
  lies: {
    columns?: ColumnGrid
    rows?: RowGrid
    baseline?: Baseline
    guides: { axis: Axis; position: number }[]
    /** px of the page */
    height: number
  },
): PageLines {
  const line = (at: number, kind: HintKind, what: string): HintLine => ({ at, kind, fits: 'edge', what })
  const columns = kinds.has('columns') && lies.columns ? columnLines(lies.columns) : []
  const rows = kinds.has('rows') && lies.rows ? rowPositions(lies.rows) : []
  const baseline = kinds.has('baseline') && lies.baseline ? baselineLines(lies.baseline, lies.height) : []
  const guides = (axis: Axis) =>
    kinds.has('guides') ? lies.guides.filter((guide) => guide.axis === axis) : []
  const guideLine = ({ position }: { position: number }): HintLine => ({
    ...line(position, 'guides', `guide at ${Math.round(position)}`),
    fits: 'any',
  })
  return {
    x: [...columns.map(([at, what]) => line(at, 'columns', what)), ...guides('x').map(guideLine)],
    y: [
      ...rows.flatMap(({ top, height }, index) => [
        line(top, 'rows', `row ${index + 1}`),
        line(top + height, 'rows', `end of row ${index + 1}`),
      ]),
      ...baseline.map((at) => line(at, 'baseline', 'baseline')),
      ...guides('y').map(guideLine),
    ],
  }
}

function columnLines(grid: ColumnGrid): [at: number, what: string][] {
  const columns = columnPositions(grid)
  return columns.flatMap(({ left, width }, index): [number, string][] => {
    const isLast = index === columns.length - 1
    return [
      [left, index === 0 ? 'left margin' : `column ${index + 1}`],
      [left + width, isLast ? 'right margin' : `end of column ${index + 1}`],
    ]
  })
}

/** A rectangle with what it is called: a block that stays where it is, or what it stands in. */
export interface Called extends Rect {
  name: string
}

/** Everything that gives hints while something moves in one container; made once for a whole drag. */
export interface HintGround {
  kinds: ReadonlySet<HintKind>
  /** sorted by place */
  lines: Record<Axis, HintLine[]>
  /** px, rising */
  scale: number[]
  neighbours: Called[]
  /** sorted widths and heights with whose they are */
  sizes: Record<Axis, { size: number; name: string }[]>
  index: Flatbush | undefined
}

const NAMES = { x: ['left edge', 'centre', 'right edge'], y: ['top', 'middle', 'foot'] } as const

/**
 * What gives hints among some blocks in what they stand in.
 * @param neighbours what stays, @param around what it stands in (its edges, the inside of its padding), the outermost last
 */
export function hintGround(
  page: { lines: PageLines; hintKinds: ReadonlySet<HintKind>; scale: number[] },
  neighbours: Called[],
  around: Called[],
): HintGround {
  const kinds = page.hintKinds
  const lines = (axis: Axis) =>
    [...page.lines[axis], ...[...neighbours, ...around].flatMap((one) => linesOf(one, axis, kinds))].sort(
      (a, b) => a.at - b.at,
    )
  const sizes = (axis: Axis) =>
    kinds.has('sizes')
      ? neighbours.map((one) => ({ size: sizeOf(one, axis), name: one.name })).sort((a, b) => a.size - b.size)
      : []
  return {
    kinds,
    lines: { x: lines('x'), y: lines('y') },
    scale: [...page.scale].sort((a, b) => a - b),
    neighbours,
    sizes: { x: sizes('x'), y: sizes('y') },
    index: indexOf(neighbours),
  }
}

function linesOf(one: Called, axis: Axis, kinds: ReadonlySet<HintKind>): HintLine[] {
  const other = across(axis)
  const extent = { from: startOf(one, other), to: endOf(one, other) }
  const [start, middle, end] = NAMES[axis]
  const edge = (at: number, what: string): HintLine => ({
    ...{ at, extent, kind: 'edges', fits: 'edge', what: `${what} of ${one.name}` },
  })
  const edges = kinds.has('edges') ? [edge(startOf(one, axis), start), edge(endOf(one, axis), end)] : []
  const at = startOf(one, axis) + sizeOf(one, axis) / 2
  const centre: HintLine = { at, extent, kind: 'centres', fits: 'centre', what: `${middle} of ${one.name}` }
  return kinds.has('centres') ? [...edges, centre] : edges
}

function indexOf(rects: Rect[]): Flatbush | undefined {
  if (rects.length === 0) return undefined
  const index = new Flatbush(rects.length)
  for (const { x, y, w, h } of rects) index.add(x, y, x + w, y + h)
  index.finish()
  return index
}

/** px beyond which nothing is a neighbour */
const SIGHT = 600

/** The nearest block that stands beside a rectangle on one side of it, with the gap between, px. */
export function neighbourAt(
  { index, neighbours }: HintGround,
  rect: Rect,
  axis: Axis,
  way: -1 | 1,
): { one: Called; gap: number } | undefined {
  if (!index) return undefined
  const from = way === -1 ? startOf(rect, axis) - SIGHT : endOf(rect, axis)
  const to = way === -1 ? startOf(rect, axis) : endOf(rect, axis) + SIGHT
  const other = across(axis)
  const [near, far] = [startOf(rect, other) + EDGE, endOf(rect, other) - EDGE]
  const found = axis === 'x' ? index.search(from, near, to, far) : index.search(near, from, far, to)
  let best: { one: Called; gap: number } | undefined
  for (const at of found) {
    const one = neighbours[at]
    const gap = way === -1 ? startOf(rect, axis) - endOf(one, axis) : startOf(one, axis) - endOf(rect, axis)
    if (gap >= 0 && (!best || gap < best.gap)) best = { one, gap }
  }
  return best
}
/** px by which blocks that only touch along their edges do not stand beside one another */
const EDGE = 0.01
