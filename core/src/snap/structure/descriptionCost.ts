import { across, sizeOf } from '../rect'
import {
  areEven,
  insideOf,
  median,
  type Found,
  type FoundGrid,
  type FoundHolder,
  type FoundLine,
} from './found'
import { axisOf } from './foundLine'

/**
 * What each thing one has to say costs. Found by trying them on generated layouts whose structure is known; a gap that
 * differs from the others costs as much as several sizes, since people rarely mean one.
 */
const PRICE = {
  container: 0.5,
  unevenGap: 4,
  offset: 2.5,
  grid: 3,
  span: 1,
  emptyCell: 1,
  placedChild: 4,
}

const known = new WeakMap<Found, number>()

/** How many values it takes to say where everything stands: sizes no others give, gaps, alignments, exceptions, containers. */
export function descriptionCost(found: Found, tolerance: number): number {
  const before = known.get(found)
  if (before !== undefined) return before
  const cost =
    insideOf(found).reduce((sum, one) => sum + descriptionCost(one, tolerance), 0) + ownCost(found, tolerance)
  known.set(found, cost)
  return cost
}

function ownCost(found: Found, tolerance: number): number {
  switch (found.type) {
    case 'block':
      return 0
    case 'holder':
      return holderCost(found, tolerance)
    case 'placed':
      return 3 + PRICE.placedChild * found.children.length
    case 'grid':
      return gridCost(found, tolerance)
    default:
      return lineCost(found, tolerance)
  }
}

/** Values that lie together count once. */
function distinct(values: number[], within: number): number {
  let count = 0
  let from = -Infinity
  for (const value of [...values].sort((a, b) => a - b))
    if (value - from > within) {
      count++
      from = value
    }
  return count
}

function holderCost({ rect, inside }: FoundHolder, tolerance: number): number {
  const { x, y, w, h } = inside.rect
  const padding = [y - rect.y, rect.x + rect.w - x - w, rect.y + rect.h - y - h, x - rect.x]
  return distinct(padding, 2 * tolerance) + (inside.type === 'block' ? 1 : 0)
}

function lineCost({ type, children, gaps, align, offsets }: FoundLine, tolerance: number): number {
  const axis = axisOf(type)
  const gap = median(gaps)
  const isEven = areEven(gaps, tolerance)
  const isOffFours = Math.abs(gap / 4 - Math.round(gap / 4)) * 4 > tolerance / 2 + 0.01
  const uneven = isEven
    ? isOffFours
      ? 0.5
      : 0
    : PRICE.unevenGap * (gaps.filter((one) => Math.abs(one - gap) > tolerance).length + 1)
  const blocks = children.filter((one) => one.type === 'block')
  const isStretched = align === 'stretch' && offsets.some((one) => one === undefined)
  const free = children.filter(
    (one, index) => one.type === 'block' && (!isStretched || offsets[index] !== undefined),
  )
  return (
    PRICE.container +
    1.5 +
    uneven +
    distinct(
      blocks.map(({ rect }) => sizeOf(rect, axis)),
      2 * tolerance,
    ) +
    PRICE.offset * offsets.filter((one) => one !== undefined).length +
    distinct(
      free.map(({ rect }) => sizeOf(rect, across(axis))),
      2 * tolerance,
    ) +
    (isStretched ? 1 : 0)
  )
}

function gridCost(grid: FoundGrid, tolerance: number): number {
  const { children, cells, columns, rows, columnGaps, rowGaps } = grid
  const within = 2 * tolerance
  const isOneGap = Math.abs(median(columnGaps) - median(rowGaps)) <= within
  const taken = cells.reduce((sum, cell) => sum + cell.columns * cell.rows, 0)
  const spans = cells.filter((cell) => cell.columns * cell.rows > 1).length
  const sizes = (stretch: 'across' | 'down', side: 'w' | 'h') =>
    children.flatMap(({ type, rect }, index) =>
      type === 'block' && cells[index][stretch] !== 'stretch' ? [rect[side]] : [],
    )
  const ways = (how: 'across' | 'down') => Math.max(0, new Set(cells.map((cell) => cell[how])).size - 1)
  return (
    PRICE.grid +
    1 +
    distinct(columns, within) +
    distinct(rows, within) +
    (isOneGap ? 1 : 2) +
    distinct(sizes('across', 'w'), within) +
    distinct(sizes('down', 'h'), within) +
    0.75 * (ways('across') + ways('down')) +
    PRICE.span * spans +
    PRICE.emptyCell * (columns.length * rows.length - taken)
  )
}
