import type { Block } from '@nolvex/core/block/block'
import { setLeaf } from '@nolvex/core/edit/blockChanges'
import type { Operation } from '@nolvex/core/document/types'
import { nearestColumn, nearestSpan } from '@nolvex/core/snap/dropInGrid'
import { snapRect, type Rect } from '@nolvex/core/snap/snapEdges'
import { px } from '@nolvex/core/units/length'
import { columnsOf } from './dropSpot'
import { snapTargets } from './snapTargets'
import type { DraftingPage, Placed } from './usePage'

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

/** What a block becomes when a handle is pulled: its outline, and the change. By columns in a grid, by px elsewhere. */
export function resized(
  page: DraftingPage,
  block: Block,
  { x, y }: Handle,
  dx: number,
  dy: number,
): { mark: Rect; operations: () => Operation[] } | undefined {
  const own = page.placed.value.get(block.id)
  if (!own) return undefined
  const parent = own.parent ? page.placed.value.get(own.parent) : undefined
  const across =
    x === 0
      ? undefined
      : parent?.box.arrange === 'grid'
        ? byColumns(own, parent, x, dx)
        : byPixels(page, own, x, dx)
  const bottom = snapEdge(page, own, 'y', own.y + own.h + dy)
  const height = y === 0 ? own.h : Math.max(LEAST, Math.round(bottom - own.y))
  const mark = { x: across?.left ?? own.x, y: own.y, w: across?.width ?? own.w, h: height }
  return {
    mark,
    operations: () => [
      ...(across?.leaves ?? []).flatMap(([path, value]) =>
        setLeaf([block.id], path, value as never, page.at.value),
      ),
      ...(y === 0 ? [] : setLeaf([block.id], ['place', 'height'], px(height) as never, page.at.value)),
    ],
  }
}

interface Across {
  left: number
  width: number
  leaves: [path: string[], value: unknown][]
}

function byColumns(own: Placed, parent: Placed, side: -1 | 1, dx: number): Across {
  const columns = columnsOf(parent)
  const tracks = { columns }
  const end = own.box.column + Math.min(own.box.node.place.column.span, columns.length) - 1
  const start = side === 1 ? own.box.column : Math.min(end, nearestColumn(tracks, own.x + dx, 1))
  const span = side === 1 ? nearestSpan(tracks, start, own.x + own.w + dx) : end - start + 1
  const last = columns[start + span - 2]
  const leaves: Across['leaves'] = [
    [['place', 'width'], 'fill'],
    [['place', 'column', 'span'], span],
    [['place', 'column', 'start'], start],
  ]
  return { left: columns[start - 1].left, width: last.left + last.width - columns[start - 1].left, leaves }
}

function byPixels(page: DraftingPage, own: Placed, side: -1 | 1, dx: number): Across {
  const edge = snapEdge(page, own, 'x', side === 1 ? own.x + own.w + dx : own.x + dx)
  const width = Math.max(LEAST, Math.round(side === 1 ? edge - own.x : own.x + own.w - edge))
  const left = side === 1 ? own.x : own.x + own.w - width
  const leaves: Across['leaves'] = [[['place', 'width'], px(width)]]
  const isPlaced = own.parent && page.placed.value.get(own.parent)?.box.arrange === 'placed'
  if (side === -1 && isPlaced)
    leaves.push([['place', 'offset', 'left'], px(Math.round(own.box.x + left - own.x))])
  return { left, width, leaves }
}

/** An edge on the nearest column line or edge of a sibling, where one is near. */
function snapEdge(page: DraftingPage, own: Placed, axis: 'x' | 'y', at: number): number {
  const siblings = [...page.placed.value.values()].filter(
    ({ parent, id }) => parent === own.parent && id !== own.id,
  )
  const lines = snapTargets(page, siblings)
  const edge = axis === 'x' ? { x: at, y: -1e6, w: 0, h: 0 } : { x: -1e6, y: at, w: 0, h: 0 }
  const { dx, dy } = snapRect(edge, lines, REACH)
  return at + (axis === 'x' ? dx : dy)
}
