import { refusesParent, standsOnPage, type Block } from '../block/block'
import { moveBlocks, setLeaf } from '../edit/blockChanges'
import type { Operation } from '../document/types'
import { anchoredPlace } from './anchoredPlace'
import { columnHints, columnsOf, columnWords, spanOf } from './containerColumns'
import {
  arrangesItself,
  childrenOf,
  outermostPlaced,
  standsIn,
  type DrawnPage,
  type Placed,
} from './drawnPage'
import { gridIndex, nearestColumn } from './dropInGrid'
import type { HitIndex } from './hitTest'
import type { Hint } from './hint'
import { hintGround, type HintGround } from './hintGround'
import { hintMove } from './hints'
import { calledInside, calledPage, calledPlaced } from './calledRects'
import type { Rect } from './rect'

interface Point {
  x: number
  y: number
}

/** Where a dragged block would go: what to show, and the change that puts it there. */
export interface DropSpot {
  /** the place in the flow, or the block itself where it is placed freely */
  mark: Rect
  /** why it stands just there */
  hints: Hint[]
  /** where that is, in words: among what, or on which columns */
  says: string
  operations: () => Operation[]
}

/** Blocks while they are dragged: the one under the pointer, all that go along, and what each container offers. */
export interface Moving {
  page: DrawnPage
  hits: HitIndex
  grabbed: Placed
  block: Block
  /** what goes along, each once */
  carried: Placed[]
  /** what gives hints in each container, worked out once */
  grounds: Map<string, HintGround>
}

const BAR = 3
/** px within which a hint moves something, unless the pointer is nearer to the page or farther from it */
export const REACH = 6

/** @param selection keys; all of it that is not locked goes along when the grabbed block is of it */
export function beginMove(page: DrawnPage, hits: HitIndex, grabbed: Placed, selection: string[]): Moving {
  const along = selection.includes(grabbed.key) ? outermostPlaced(page, selection) : [grabbed]
  const carried = along.filter(({ record }) => !page.blocks[record]?.locked)
  return { page, hits, grabbed, block: page.blocks[grabbed.record], carried, grounds: new Map() }
}

/**
 * The spot for a block dragged so that it now covers `rect`, the pointer being at a point, all px on the page.
 * @param reach px within which hints move it; nought holds them off
 */
export function dropSpot(
  moving: Moving,
  rect: Rect,
  pointer: Point,
  reach: number = REACH,
): DropSpot | undefined {
  const container = containerAt(moving, pointer)
  if (container === undefined) return undefined
  if (container === null) return inStack(moving, null, pointer.y, 'y')
  switch (container.box.arrange) {
    case 'row':
      return inStack(moving, container, pointer.x, 'x')
    case 'column':
      return inStack(moving, container, pointer.y, 'y')
    case 'grid':
      return onTracks(moving, container, rect)
    case 'placed':
      return placedFreely(moving, container, rect, reach)
  }
}

/** px beyond the edges of what places it freely within which a block is still moved there */
const AROUND = 32

/**
 * The innermost block under the pointer that may hold the dragged one; null is the page, undefined nothing. What places a
 * block freely keeps it until the pointer has clearly left.
 */
function containerAt({ page, hits, grabbed, block }: Moving, pointer: Point): Placed | null | undefined {
  if (standsOnPage(block)) return null
  const found = hits
    .at(pointer)
    .find(
      (one) =>
        arrangesItself(page, one) &&
        !refusesParent(page.blocks[one.record], block) &&
        !standsIn(page, one.key, grabbed.key),
    )
  const own = grabbed.parent === null ? undefined : page.placed.get(grabbed.parent)
  const isStill = own?.box.arrange === 'placed' && isNear(own, pointer)
  return isStill && !(found && standsIn(page, found.key, own.key)) ? own : found
}

const isNear = ({ x, y, w, h }: Rect, pointer: Point) =>
  pointer.x > x - AROUND && pointer.x < x + w + AROUND && pointer.y > y - AROUND && pointer.y < y + h + AROUND

/** Between the children of a row (along x) or a column (along y). */
function inStack(moving: Moving, container: Placed | null, at: number, axis: 'x' | 'y'): DropSpot {
  const { page, grabbed } = moving
  const size = axis === 'x' ? 'w' : 'h'
  const list = childrenOf(page, container).filter(({ key }) => key !== grabbed.key)
  const index = list.filter((one) => at > one[axis] + one[size] / 2).length
  const [before, after] = [list[index - 1], list[index]]
  const edge = container
    ? container[axis] + (axis === 'x' ? container.box.insetLeft : container.box.insetTop)
    : 0
  const line =
    before && after
      ? (before[axis] + before[size] + after[axis]) / 2
      : before
        ? before[axis] + before[size] + BAR
        : after
          ? after[axis] - BAR
          : edge
  const across = before ?? after ?? container ?? { x: 0, y: 0, w: page.width, h: 40 }
  const mark =
    axis === 'x'
      ? { x: line - 1, y: across.y, w: BAR, h: across.h }
      : { x: across.x, y: line - 1, w: across.w, h: BAR }
  const among = container ? container.box.node.name : 'the page'
  return {
    mark,
    hints: [],
    says: `${index + 1} of ${list.length + 1} in ${among}`,
    operations: () =>
      moveBlocks(
        page.blocks,
        recordsFor(moving, container),
        spotAmong(moving, container, list, index),
        page.at,
      ),
  }
}

/** The index counted among all children, the moved one included when it is one of them. */
function spotAmong({ page, grabbed }: Moving, container: Placed | null, list: Placed[], index: number) {
  const parent = container?.record ?? null
  if (grabbed.parent !== (container?.key ?? null)) return { parent, index }
  const after = list[index]?.key
  const all = childrenOf(page, container).map(({ key }) => key)
  return { parent, index: after ? all.indexOf(after) : all.length }
}

function onTracks(moving: Moving, container: Placed, rect: Rect): DropSpot {
  const { page, grabbed } = moving
  const others = childrenOf(page, container).filter(({ key }) => key !== grabbed.key)
  const columns = columnsOf(container)
  const span = spanOf(grabbed, columns.length)
  const isWhole = span === columns.length
  const start = isWhole ? 1 : nearestColumn({ columns }, rect.x, span)
  const wish = {
    column: { start: isWhole ? undefined : start, span },
    row: { span: grabbed.box.node.place.row.span },
  }
  const neighbours = others.map(({ box }) => ({ wish: box.node.place, row: box.row }))
  const index = gridIndex(neighbours, wish, rowAt(others, rect.y), columns.length)
  const last = columns[start + span - 2]
  const left = columns[start - 1].left
  const mark = { x: left, y: rect.y, w: last.left + last.width - left, h: rect.h }
  return {
    mark,
    hints: columnHints(start, span, mark),
    says: `${columnWords(start, span)} of ${columns.length}`,
    operations: () => {
      const records = recordsFor(moving, container)
      const spot = spotAmong(moving, container, others, index)
      return [
        ...moveBlocks(page.blocks, records, spot, page.at),
        ...(isWhole ? [] : setLeaf(records, ['place', 'column', 'start'], start, page.at)),
      ]
    },
  }
}

/** The row a block dropped at `y` is meant for: one that begins near there, or between two. */
function rowAt(others: Placed[], y: number): number {
  const tops = new Map<number, number>()
  for (const one of others) tops.set(one.box.row, Math.min(tops.get(one.box.row) ?? Infinity, one.y))
  const rows = [...tops].sort((a, b) => a[0] - b[0])
  const nearest = rows.reduce<[number, number] | undefined>(
    (best, row) => (!best || Math.abs(row[1] - y) < Math.abs(best[1] - y) ? row : best),
    undefined,
  )
  if (!nearest) return 1
  const last = others.reduce((bottom, one) => Math.max(bottom, one.y + one.h), 0)
  return y > last ? rows.length + 1 : nearest[0]
}

function placedFreely(moving: Moving, container: Placed, rect: Rect, reach: number): DropSpot {
  const { page, grabbed } = moving
  const { dx, dy, hints } = hintMove(rect, groundIn(moving, container), reach)
  const mark = { ...rect, x: settled(rect.x, dx), y: settled(rect.y, dy) }
  const by = { x: mark.x - grabbed.x, y: mark.y - grabbed.y }
  return {
    mark,
    hints,
    says: `in ${container.box.node.name}`,
    operations: () => {
      const along = carriedInto(moving, container)
      const spot = { parent: container.record, index: container.box.children.length }
      const coming = along.filter(({ parent }) => parent !== container.key).map(({ record }) => record)
      return [
        ...moveBlocks(page.blocks, coming, spot, page.at),
        ...along.flatMap((one) => {
          const at = { ...one, x: one.x + by.x, y: one.y + by.y }
          const leaves = anchoredPlace(page, one, container, at, { across: 'place', down: 'place' })
          return leaves.flatMap(([path, value]) => setLeaf([one.record], path, value, page.at))
        }),
      ]
    },
  }
}

/** Whole px, unless a hint says where exactly. */
const settled = (at: number, move: number) => (move === 0 ? Math.round(at) : at + move)

/** What gives hints in a container: its edges and those of what stays in it. */
function groundIn({ page, carried, grounds }: Moving, container: Placed): HintGround {
  const known = grounds.get(container.key)
  if (known) return known
  const still = childrenOf(page, container).filter((one) => !carried.includes(one))
  const ground = hintGround(page, still.map(calledPlaced), [...calledInside(container), calledPage(page)])
  grounds.set(container.key, ground)
  return ground
}

/** What goes along into a container (null: the page), but for what may not stand there and what it stands in. */
function carriedInto({ page, carried }: Moving, container: Placed | null): Placed[] {
  const above = container ? page.blocks[container.record] : undefined
  return carried.filter(
    (one) =>
      !(container && standsIn(page, container.key, one.key)) &&
      !refusesParent(above, page.blocks[one.record]),
  )
}

const recordsFor = (moving: Moving, container: Placed | null) =>
  carriedInto(moving, container).map(({ record }) => record)
