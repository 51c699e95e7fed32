import { setLeaf } from '../edit/blockChanges'
import type { Json, Operation } from '../document/types'
import { anchoredPlace, type LeafValue } from './anchoredPlace'
import { columnsOf, spanOf } from './containerColumns'
import { childrenOf, type DrawnPage, type Placed } from './drawnPage'
import { nearestColumn, nearestSpan } from './dropInGrid'
import { snapRect, type Rect, type SnapLines } from './snapEdges'
import { targetsAmong } from './snapTargets'

/** A handle of the selection: which edges it moves. */
export interface Handle {
  name: string
  x: -1 | 0 | 1
  y: 0 | 1
}

/** The handles there are. Blocks grow downwards: what is above keeps its place. */
export const handles: Handle[] = [
  { name: 'left edge', x: -1, y: 0 },
  { name: 'right edge', x: 1, y: 0 },
  { name: 'foot', x: 0, y: 1 },
  { name: 'corner', x: 1, y: 1 },
]

const LEAST = 8
const REACH = 6

/** A block while its handles are pulled, with what it may snap to. */
export interface Resizing {
  page: DrawnPage
  own: Placed
  parent: Placed | undefined
  targets: SnapLines
}

export function beginResize(page: DrawnPage, own: Placed): Resizing {
  const parent = own.parent === null ? undefined : page.placed.get(own.parent)
  const siblings = childrenOf(page, parent ?? null).filter(({ key }) => key !== own.key)
  return { page, own, parent, targets: targetsAmong(page, siblings) }
}

/** What a block becomes when a handle is pulled: its outline, and the change. By columns in a grid, by px elsewhere. */
export function resized(
  resizing: Resizing,
  { x, y }: Handle,
  dx: number,
  dy: number,
): { mark: Rect; operations: () => Operation[] } {
  const { page, own, parent } = resizing
  // Panes stand in parts of their block, whatever that says of how its children stand.
  const inGrid = x !== 0 && parent?.box.arrange === 'grid' && parent.box.children.includes(own.box)
  const columns = inGrid ? byColumns(own, parent, x, dx) : undefined
  const rect: Rect = {
    ...(columns?.across ?? acrossPulled(resizing, x, dx)),
    y: own.y,
    h: y === 0 ? own.h : downPulled(resizing, dy),
  }
  const leaves = (): LeafValue[] => {
    if (parent?.box.arrange === 'placed')
      return anchoredPlace(page, own, parent, rect, {
        across: x === 0 ? undefined : 'size',
        down: y === 0 ? undefined : 'size',
      })
    const size = (px: number) => page.write(px) as unknown as Json
    const width: LeafValue[] = x === 0 ? [] : [[['place', 'width'], size(rect.w)]]
    return [
      ...(columns?.leaves ?? width),
      ...(y === 0 ? [] : [[['place', 'height'], size(rect.h)] as LeafValue]),
    ]
  }
  return {
    mark: { x: rect.x, y: rect.y, w: rect.w, h: rect.h },
    operations: () => leaves().flatMap(([path, value]) => setLeaf([own.record], path, value, page.at)),
  }
}

type Across = Pick<Rect, 'x' | 'w'>

function byColumns(
  own: Placed,
  parent: Placed,
  side: -1 | 0 | 1,
  dx: number,
): { across: Across; leaves: LeafValue[] } {
  const columns = columnsOf(parent)
  const tracks = { columns }
  const end = own.box.column + spanOf(own, columns.length) - 1
  const start = side === 1 ? own.box.column : Math.min(end, nearestColumn(tracks, own.x + dx, 1))
  const span = side === 1 ? nearestSpan(tracks, start, own.x + own.w + dx) : end - start + 1
  const [first, last] = [columns[start - 1], columns[start + span - 2]]
  return {
    across: { x: first.left, w: last.left + last.width - first.left },
    leaves: [
      [['place', 'width'], 'fill'],
      [['place', 'column', 'span'], span],
      [['place', 'column', 'start'], start],
    ],
  }
}

function acrossPulled({ own, targets }: Resizing, side: -1 | 0 | 1, dx: number): Across {
  if (side === 0) return { x: own.x, w: own.w }
  const edge = snapped(targets, 'x', side === 1 ? own.x + own.w + dx : own.x + dx)
  const w = Math.max(LEAST, Math.round(side === 1 ? edge - own.x : own.x + own.w - edge))
  return { x: side === 1 ? own.x : own.x + own.w - w, w }
}

function downPulled({ own, targets }: Resizing, dy: number): number {
  return Math.max(LEAST, Math.round(snapped(targets, 'y', own.y + own.h + dy) - own.y))
}

/** An edge on the nearest line, where one is near. */
function snapped(targets: SnapLines, axis: 'x' | 'y', at: number): number {
  const edge = axis === 'x' ? { x: at, y: -1e6, w: 0, h: 0 } : { x: -1e6, y: at, w: 0, h: 0 }
  const { dx, dy } = snapRect(edge, targets, REACH)
  return at + (axis === 'x' ? dx : dy)
}
