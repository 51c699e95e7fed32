import { setLeaf } from '../edit/blockChanges'
import type { Json, Operation } from '../document/types'
import { anchoredPlace, type LeafValue } from './anchoredPlace'
import { calledInside, calledPage, calledPlaced } from './calledRects'
import { columnHints, columnsOf, columnWords, spanOf } from './containerColumns'
import { childrenOf, type DrawnPage, type Placed } from './drawnPage'
import { nearestColumn, nearestSpan } from './dropInGrid'
import { REACH } from './dropSpot'
import type { Hint } from './hint'
import { hintGround, type HintGround } from './hintGround'
import { hintEdge } from './hints'
import { endOf, sizeOf, startOf, type Axis, type Rect } from './rect'

type Side = -1 | 0 | 1

/** A handle of the selection: which edges it moves. */
export interface Handle {
  name: string
  x: Side
  y: Side
}

/** The handles of a block that stands freely. */
export const handles: Handle[] = [
  { name: 'left edge', x: -1, y: 0 },
  { name: 'right edge', x: 1, y: 0 },
  { name: 'foot', x: 0, y: 1 },
  { name: 'corner', x: 1, y: 1 },
  { name: 'head', x: 0, y: -1 },
  { name: 'first corner', x: -1, y: -1 },
  { name: 'upper corner', x: 1, y: -1 },
  { name: 'lower corner', x: -1, y: 1 },
]

/** Those of a block that stands among others, which grows downwards: what is above keeps its place. */
export const flowHandles = handles.slice(0, 4)

const LEAST = 8

/** A block while its handles are pulled, with what gives hints. */
export interface Resizing {
  page: DrawnPage
  own: Placed
  parent: Placed | undefined
  ground: HintGround
}

/** How a handle is pulled: within what reach hints count, whether the shape is kept, and whether the middle stays. */
export interface Pull {
  reach?: number
  keepsShape?: boolean
  fromCentre?: boolean
}

export function beginResize(page: DrawnPage, own: Placed): Resizing {
  const parent = own.parent === null ? undefined : page.placed.get(own.parent)
  const siblings = childrenOf(page, parent ?? null).filter(({ key }) => key !== own.key)
  const around = [...(parent ? calledInside(parent) : []), calledPage(page)]
  return { page, own, parent, ground: hintGround(page, siblings.map(calledPlaced), around) }
}

/** What becomes of a block whose handle is pulled: its outline, why just that, and the change. */
export interface Resized {
  mark: Rect
  hints: Hint[]
  says: string
  operations: () => Operation[]
}

/** By columns in a grid, by px elsewhere. @param dx,dy px pulled */
export function resized(
  resizing: Resizing,
  { x, y }: Handle,
  dx: number,
  dy: number,
  pull: Pull = {},
): Resized {
  const { page, own, parent } = resizing
  // Panes stand in parts of their block, whatever that says of how its children stand.
  const inGrid = x !== 0 && parent?.box.arrange === 'grid' && parent.box.children.includes(own.box)
  const columns = inGrid ? byColumns(own, parent, x, dx) : undefined
  const alongX = columns ? { from: columns.rect.x, size: columns.rect.w, hints: columns.hints } : undefined
  const acrossPage = alongX ?? pulled(resizing, 'x', x, dx, pull)
  const down = pulled(resizing, 'y', y, dy, pull)
  const shaped = pull.keepsShape ? inShape(own, { x, y }, acrossPage, down, pull) : { acrossPage, down }
  const mark: Rect = {
    x: shaped.acrossPage.from,
    w: shaped.acrossPage.size,
    y: shaped.down.from,
    h: shaped.down.size,
  }
  const changes = {
    across: mark.w !== own.w || mark.x !== own.x,
    down: mark.h !== own.h || mark.y !== own.y,
  }
  const leaves = (): LeafValue[] => {
    if (parent?.box.arrange === 'placed')
      return anchoredPlace(page, own, parent, mark, {
        across: changes.across ? 'size' : undefined,
        down: changes.down ? 'size' : undefined,
      })
    const size = (px: number) => page.write(px) as unknown as Json
    return [
      ...(columns?.leaves ?? (changes.across ? [[['place', 'width'], size(mark.w)] as LeafValue] : [])),
      ...(changes.down ? [[['place', 'height'], size(mark.h)] as LeafValue] : []),
    ]
  }
  const hints = [...acrossPage.hints, ...down.hints]
  const alike = hints.filter(({ kind }) => kind === 'sizes').map(({ what }) => `, ${what}`)
  return {
    mark,
    hints,
    says: columns?.says ?? `${Math.round(mark.w)} × ${Math.round(mark.h)}${alike.join('')}`,
    operations: () => leaves().flatMap(([path, value]) => setLeaf([own.record], path, value, page.at)),
  }
}

function byColumns(own: Placed, parent: Placed, side: Side, dx: number) {
  const columns = columnsOf(parent)
  const tracks = { columns }
  const end = own.box.column + spanOf(own, columns.length) - 1
  const start = side === 1 ? own.box.column : Math.min(end, nearestColumn(tracks, own.x + dx, 1))
  const span = side === 1 ? nearestSpan(tracks, start, own.x + own.w + dx) : end - start + 1
  const [first, last] = [columns[start - 1], columns[start + span - 2]]
  const rect = { ...own, x: first.left, w: last.left + last.width - first.left }
  const leaves: LeafValue[] = [
    [['place', 'width'], 'fill'],
    [['place', 'column', 'span'], span],
    [['place', 'column', 'start'], start],
  ]
  return {
    rect,
    leaves,
    hints: columnHints(start, span, rect),
    says: `${columnWords(start, span)} of ${columns.length}`,
  }
}

/** Where a block begins and how long it is along an axis. */
interface Stretch {
  from: number
  size: number
  hints: Hint[]
}

function pulled({ own, ground }: Resizing, axis: Axis, side: Side, by: number, pull: Pull): Stretch {
  const [from, to, size] = [startOf(own, axis), endOf(own, axis), sizeOf(own, axis)]
  if (side === 0) return { from, size, hints: [] }
  const wanted = (side === 1 ? to : from) + by
  const { at, hints } = hintEdge(own, axis, side === 1 ? 'end' : 'start', wanted, ground, pull.reach ?? REACH)
  const moved = side === 1 ? at - to : from - at
  const next = Math.max(LEAST, size + moved * (pull.fromCentre ? 2 : 1))
  // A hint says where exactly; else whole px.
  const settled = hints.length ? next : Math.round(next)
  return { from: startAfter(from, size, settled, side, pull), size: settled, hints }
}

function startAfter(from: number, size: number, next: number, side: Side, { fromCentre }: Pull): number {
  if (fromCentre) return from - (next - size) / 2
  return side === -1 ? from + size - next : from
}

/** Both lengths in the ratio they had: the one that was pulled more leads. */
function inShape(own: Placed, side: { x: Side; y: Side }, acrossPage: Stretch, down: Stretch, pull: Pull) {
  const ratio = own.h > 0 ? own.w / own.h : 1
  const isWider = acrossPage.size / own.w >= down.size / Math.max(1, own.h)
  const leadsAcross = side.y === 0 || (side.x !== 0 && isWider)
  const [w, h] = leadsAcross
    ? [acrossPage.size, Math.max(1, acrossPage.size / ratio)]
    : [Math.max(1, down.size * ratio), down.size]
  return {
    acrossPage: { ...acrossPage, size: w, from: startAfter(own.x, own.w, w, side.x, pull) },
    down: { ...down, size: h, from: startAfter(own.y, own.h, h, side.y, pull) },
  }
}
