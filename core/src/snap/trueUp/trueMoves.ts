import { setLeaf } from '../../edit/blockChanges'
import { columnPositions } from '../../grid/columnGrid'
import type { Json, Operation } from '../../document/types'
import { blockValue } from '../../resolve/blockLayers'
import { roundTo } from '../../units/length'
import { anchoredPlace } from '../anchoredPlace'
import { childrenOf, insideBorder, type DrawnPage, type Placed } from '../drawnPage'
import type { Rect } from '../rect'
import { trueUp } from './trueUp'
import { nearestOf, type Untrue } from './wishes'

/** One figure of a move: what it is called, and px before and after. */
export interface TrueFigure {
  what: string
  from: number
  to: number
}

/** One thing that truing up would change. */
export interface TrueMove {
  /** stays the same while the block and what changes of it do */
  id: string
  /** the block whose value is written */
  key: string
  figures: TrueFigure[]
  /** px, the largest of them */
  size: number
  operations: Operation[]
}

/** px that are no difference */
const SAME = 0.5

/**
 * What truing up would change on a page: places and sizes of what stands freely, gaps and padding of what is arranged.
 * @param keys what is trued up, with all that stands in it; without any the whole page
 * @param unit px sizes are to be multiples of
 */
export function trueMoves(page: DrawnPage, keys: string[], unit: number): TrueMove[] {
  const chosen = new Set(keys)
  const isMeant = (one: Placed | undefined): boolean =>
    one !== undefined && (chosen.has(one.key) || isMeant(parentOf(page, one)))
  const all = [...page.placed.values()].filter((one) => chosen.size === 0 || isMeant(one))
  const free = new Map<string, Placed[]>()
  for (const one of all) {
    const parent = parentOf(page, one)
    if (parent?.box.arrange !== 'placed' || page.blocks[one.record]?.locked) continue
    free.set(parent.key, [...(free.get(parent.key) ?? []), one])
  }
  const arranged = all.filter((one) => one.box.arrange !== 'placed' && one.box.children.length > 0)
  const seen = new Set<string>()
  const moves = [
    ...[...free].flatMap(([key, ones]) => freeMoves(page, page.placed.get(key) as Placed, ones, unit)),
    ...arranged.flatMap((one) => arrangedMoves(page, one)),
  ]
  // Several copies and rows of one block write the same values.
  return moves.filter(({ id }) => !seen.has(id) && seen.add(id))
}

const parentOf = ({ placed }: DrawnPage, { parent }: Placed) =>
  parent === null ? undefined : placed.get(parent)

function freeMoves(page: DrawnPage, container: Placed, ones: Placed[], unit: number): TrueMove[] {
  const inside = insideBorder(container)
  const untrue: Untrue = {
    blocks: ones.map((one) => ({
      key: one.key,
      rect: { x: one.x - inside.x, y: one.y - inside.y, w: one.w, h: one.h },
      keepsSize: one.box.node.content.type === 'text',
    })),
    width: inside.w,
    height: inside.h,
    columns: columnsIn(page, inside),
  }
  const after = trueUp(untrue, { scale: page.scale, unit })
  return ones.flatMap((one, index) => {
    const rect = { ...after[index], x: after[index].x + inside.x, y: after[index].y + inside.y }
    const figures = figuresOf(one, rect)
    return figures.length ? [freeMove(page, container, one, rect, figures)] : []
  })
}

function columnsIn({ grid }: DrawnPage, inside: Rect): Untrue['columns'] {
  if (!grid) return undefined
  const columns = columnPositions(grid)
  return {
    starts: columns.map(({ left }) => left - inside.x),
    ends: columns.map(({ left, width }) => left + width - inside.x),
  }
}

function figuresOf(one: Rect, rect: Rect): TrueFigure[] {
  const figures = [
    { what: 'left', from: one.x, to: rect.x },
    { what: 'top', from: one.y, to: rect.y },
    { what: 'wide', from: one.w, to: rect.w },
    { what: 'tall', from: one.h, to: rect.h },
  ]
  return figures
    .filter(({ from, to }) => Math.abs(to - from) >= SAME)
    .map(({ what, from, to }) => ({ what, from: roundTo(from, 1), to: roundTo(to, 1) }))
}

function freeMove(
  page: DrawnPage,
  container: Placed,
  one: Placed,
  rect: Rect,
  figures: TrueFigure[],
): TrueMove {
  const has = (what: string) => figures.some((figure) => figure.what === what)
  const change = (place: string, size: string) => (has(size) ? 'size' : has(place) ? 'place' : undefined)
  const leaves = anchoredPlace(page, one, container, rect, {
    across: change('left', 'wide'),
    down: change('top', 'tall'),
  })
  return {
    id: `${one.record} place`,
    key: one.key,
    figures,
    size: largest(figures),
    operations: leaves.flatMap(([path, value]) => setLeaf([one.record], path, value, page.at)),
  }
}

const largest = (figures: TrueFigure[]) => Math.max(...figures.map(({ from, to }) => Math.abs(to - from)))

/** Gaps and padding that a block says itself and that are not on the scale. */
function arrangedMoves(page: DrawnPage, one: Placed): TrueMove[] {
  const block = page.blocks[one.record]
  if (!block) return []
  const { box } = one
  const [top, right, bottom, left] = box.border
  const spaces: [what: string, path: string[], px: number][] = [
    ['gap', ['arrange', 'gap'], box.arrange === 'column' ? box.rowGap : box.columnGap],
    ['gap of lines', ['arrange', 'rowGap'], box.rowGap],
    ['padding top', ['arrange', 'padding', 'top'], box.insetTop - top],
    ['padding right', ['arrange', 'padding', 'right'], box.insetRight - right],
    ['padding bottom', ['arrange', 'padding', 'bottom'], box.insetBottom - bottom],
    ['padding left', ['arrange', 'padding', 'left'], box.insetLeft - left],
  ]
  const own = spaces.flatMap(([what, path, px]) => spaceMove(page, one, what, path, px))
  const apart = childrenOf(page, one).flatMap((child) => {
    const { space } = child.box
    return space === undefined ? [] : spaceMove(page, child, 'space before', ['place', 'space'], space)
  })
  return [...own, ...apart]
}

function spaceMove(page: DrawnPage, one: Placed, what: string, path: string[], px: number): TrueMove[] {
  const block = page.blocks[one.record]
  const { value, source } = block ? blockValue(block, path, page.at) : { value: undefined, source: undefined }
  const isOwn = value !== undefined && source?.from !== 'kind' && typeof value === 'object'
  const to = onScale(page.scale, px)
  if (!isOwn || 'token' in (value as object) || Math.abs(to - px) < SAME) return []
  const figure = { what, from: roundTo(px, 1), to }
  return [
    {
      id: `${one.record} ${path.join('.')}`,
      key: one.key,
      figures: [figure],
      size: Math.abs(to - px),
      operations: setLeaf([one.record], path, page.write(to) as unknown as Json, page.at),
    },
  ]
}

/** The permitted gap nearest to another; nothing is one, and beyond the largest none is nearer than another. */
export function onScale(scale: number[], px: number): number {
  const largestStep = scale[scale.length - 1] ?? 0
  return px > largestStep + SAME ? px : nearestOf([0, ...scale], px)
}
