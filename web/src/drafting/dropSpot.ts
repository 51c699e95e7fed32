import { kindOf, refusesParent, type Block } from '@nolvex/core/block/block'
import { moveBlocks, outermost, setLeaf } from '@nolvex/core/edit/blockChanges'
import type { Operation } from '@nolvex/core/document/types'
import { gridIndex, nearestColumn } from '@nolvex/core/snap/dropInGrid'
import { snapRect, type Rect } from '@nolvex/core/snap/snapEdges'
import { trackWidths } from '@nolvex/core/layout/layoutGrid'
import { toPixels, toUnits } from '@nolvex/core/text/layoutUnit'
import { px } from '@nolvex/core/units/length'
import { snapTargets } from './snapTargets'
import type { DraftingPage, Placed } from './usePage'

/** Where a dragged block would go: what to show, and the change that puts it there. */
export interface DropSpot {
  /** the place in the flow, or the block itself where it is placed freely */
  mark: Rect
  /** lines it has snapped to */
  lines: { x: number[]; y: number[] }
  operations: () => Operation[]
}

const BAR = 3
const REACH = 6

/** The spot for a block dragged so that it now covers `rect`, the pointer being at (x, y), all px on the page. */
export function dropSpot(
  page: DraftingPage,
  block: Block,
  rect: Rect,
  pointer: { x: number; y: number },
): DropSpot | undefined {
  const container = containerAt(page, block, pointer)
  if (container === undefined) return undefined
  if (container === null)
    return inStack(
      page,
      block,
      null,
      [...page.placed.value.values()].filter(({ parent }) => parent === null),
      pointer.y,
      'y',
    )
  const siblings = container.box.children.map((child) => page.placed.value.get(child.node.key) as Placed)
  const others = siblings.filter(({ id }) => id !== block.id)
  switch (container.box.arrange) {
    case 'row':
      return inStack(page, block, container, others, pointer.x, 'x')
    case 'column':
      return inStack(page, block, container, others, pointer.y, 'y')
    case 'grid':
      return inGrid(page, block, container, others, rect)
    case 'placed':
      return placedFreely(page, block, container, others, rect)
  }
}

/** The innermost block under the pointer that may hold this one; null is the page, undefined nothing. */
function containerAt(
  page: DraftingPage,
  block: Block,
  { x, y }: { x: number; y: number },
): Placed | null | undefined {
  if (kindOf(block).standsOn === 'page') return null
  const { placed, blocks } = page
  const isInside = (id: string | null): boolean =>
    id !== null && (id === block.id || isInside(placed.value.get(id)?.parent ?? null))
  let found: Placed | undefined
  for (const one of placed.value.values()) {
    const holds = !refusesParent(blocks.value[one.id], block) && !isInside(one.id)
    const isOver = x >= one.x && x < one.x + one.w && y >= one.y && y < one.y + one.h
    if (holds && isOver && (!found || one.depth >= found.depth)) found = one
  }
  return found
}

/** Between the children of a row (along x) or a column (along y). */
function inStack(
  page: DraftingPage,
  block: Block,
  container: Placed | null,
  others: Placed[],
  at: number,
  axis: 'x' | 'y',
): DropSpot {
  const size = axis === 'x' ? 'w' : 'h'
  const list = others.filter(({ id }) => id !== block.id)
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
  const across = before ?? after ?? container ?? { x: 0, y: 0, w: page.pageWidth.value, h: 40 }
  const mark =
    axis === 'x'
      ? { x: line - 1, y: across.y, w: BAR, h: across.h }
      : { x: across.x, y: line - 1, w: across.w, h: BAR }
  return {
    mark,
    lines: { x: [], y: [] },
    operations: () =>
      moveBlocks(
        page.blocks.value,
        carried(page, block, container),
        spotAmong(page, block, container, list, index),
        page.at.value,
      ),
  }
}

/** The index counted among all children, the moved one included when it is one of them. */
function spotAmong(
  page: DraftingPage,
  block: Block,
  container: Placed | null,
  list: Placed[],
  index: number,
) {
  const parent = container?.id ?? null
  const own = page.placed.value.get(block.id)
  const isSibling = own && own.parent === parent
  if (!isSibling) return { parent, index }
  const after = list[index]?.id
  const all = container
    ? container.box.children.map(({ node }) => node.key)
    : [...page.placed.value.values()].filter((one) => one.parent === null).map(({ id }) => id)
  return { parent, index: after ? all.indexOf(after) : all.length }
}

/** The columns of a grid container, px on the page. */
export function columnsOf(container: Placed): { left: number; width: number }[] {
  const { box } = container
  const { tracks, trackWidth } = box.node.arrange
  const room = box.w - box.insetLeft - box.insetRight - box.columnGap * (tracks.length - 1)
  const widths =
    trackWidth === undefined ? trackWidths(tracks, toUnits(room)).map(toPixels) : tracks.map(() => trackWidth)
  let left = container.x + box.insetLeft
  return widths.map((width) => {
    const column = { left, width }
    left += width + box.columnGap
    return column
  })
}

/** Columns a block takes in a grid. */
export function spanIn(container: Placed, block: Placed): number {
  return Math.min(block.box.node.place.column.span, container.box.node.arrange.tracks.length)
}

function inGrid(page: DraftingPage, block: Block, container: Placed, others: Placed[], rect: Rect): DropSpot {
  const columns = columnsOf(container)
  const own = page.placed.value.get(block.id)
  const span = own ? Math.min(own.box.node.place.column.span, columns.length) : columns.length
  const start = span === columns.length ? 1 : nearestColumn({ columns }, rect.x, span)
  const row = rowAt(others, rect.y)
  const wish = {
    column: { start: span === columns.length ? undefined : start, span },
    row: { span: own?.box.node.place.row.span ?? 1 },
  }
  const index = gridIndex(
    others.map(({ box }) => box.node.place),
    wish,
    row,
    columns.length,
  )
  const right = columns[start + span - 2]
  const mark = {
    x: columns[start - 1].left,
    y: rect.y,
    w: right.left + right.width - columns[start - 1].left,
    h: rect.h,
  }
  return {
    mark,
    lines: { x: [mark.x, mark.x + mark.w], y: [] },
    operations: () => [
      ...moveBlocks(
        page.blocks.value,
        carried(page, block, container),
        spotAmong(page, block, container, others, index),
        page.at.value,
      ),
      ...(span === columns.length
        ? []
        : setLeaf(carried(page, block, container), ['place', 'column', 'start'], start, page.at.value)),
    ],
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

function placedFreely(
  page: DraftingPage,
  block: Block,
  container: Placed,
  others: Placed[],
  rect: Rect,
): DropSpot {
  const along = carried(page, block, container)
  const still = others.filter(({ id }) => !along.includes(id))
  const snapped = snapRect(rect, snapTargets(page, [...still, container]), REACH)
  const mark = { ...rect, x: Math.round(rect.x + snapped.dx), y: Math.round(rect.y + snapped.dy) }
  const own = page.placed.value.get(block.id) ?? mark
  const spot = { parent: container.id, index: container.box.children.length }
  return {
    mark,
    lines: snapped.lines,
    operations: () => [
      ...moveBlocks(
        page.blocks.value,
        along.filter((id) => page.blocks.value[id].parent !== container.id),
        spot,
        page.at.value,
      ),
      ...along.flatMap((id) => {
        const from = page.placed.value.get(id) ?? own
        return standAt(page, id, container, from.x + mark.x - own.x, from.y + mark.y - own.y)
      }),
    ],
  }
}

/** Anchors a block at a place in a container, given in px on the page. */
function standAt(page: DraftingPage, id: string, container: Placed, x: number, y: number): Operation[] {
  const [borderTop, , , borderLeft] = container.box.border
  const offset = (length: number) => px(Math.round(length)) as never
  const set = (path: string[], value: never) => setLeaf([id], ['place', ...path], value, page.at.value)
  return [
    ...set(['anchor', 'x'], 'start' as never),
    ...set(['anchor', 'y'], 'start' as never),
    ...set(['offset', 'left'], offset(x - container.x - borderLeft)),
    ...set(['offset', 'top'], offset(y - container.y - borderTop)),
  ]
}

/**
 * What goes along with a dragged block into a container (null: the page): the whole selection when the block is of it,
 * but for what may not stand there and what the container stands in.
 */
function carried(page: DraftingPage, block: Block, container: Placed | null): string[] {
  const selected = page.selection.value
  const { blocks, placed } = page
  const above = container ? blocks.value[container.id] : undefined
  const around = new Set<string>()
  for (let here = container; here; here = placed.value.get(here.parent ?? '') ?? null) around.add(here.id)
  const all = selected.includes(block.id) ? outermost(blocks.value, selected) : [block.id]
  return all.filter((id) => !around.has(id) && !refusesParent(above, blocks.value[id]))
}
