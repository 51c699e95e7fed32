import { boundsOf, type Rect } from '../rect'
import { cutsAlong, partedBy, thresholds, type Cut } from './cuts'
import { descriptionCost } from './descriptionCost'
import { insideOf, type Found, type FoundPlaced } from './found'
import { gridOfCuts, gridOfEdges } from './foundGrid'
import { foundLine } from './foundLine'
import { estimateTolerance } from './tolerance'

/** A block to be arranged, px. */
export interface Loose {
  key: string
  rect: Rect
  /** whether others may come to stand in it */
  takesBlocks: boolean
}

export interface Structure {
  found: Found
  /** px within which edges count as one */
  tolerance: number
}

/** So many subsets are described in more than one way. */
const BUDGET = 3000
/** Beyond so many things in one subset, it is met only once anyway. */
const MOST_KEPT = 400

/**
 * The rows, columns and grids that loosely placed blocks stand in: of all ways to cut them apart with straight lines the
 * one that takes the fewest values to say. What overlaps stays placed.
 * @param loose at least one
 */
export function findStructure(loose: Loose[]): Structure {
  const tolerance = estimateTolerance(loose.map(({ rect }) => rect))
  return { found: new Search(tolerance).best(nested(loose, tolerance)), tolerance }
}

const area = ({ w, h }: Rect) => w * h

/** What stands wholly in a block that takes others stands in it. */
function nested(loose: Loose[], tolerance: number): Found[] {
  const bySize = [...loose].sort((a, b) => area(a.rect) - area(b.rect))
  const holders = new Map(
    bySize.map((one, index) => [
      one,
      bySize.slice(index + 1).find((other) => other.takesBlocks && holds(other.rect, one.rect, tolerance)),
    ]),
  )
  // In the order they came in: what is later lies over what is earlier.
  const inside = new Map<Loose | undefined, Loose[]>()
  for (const one of loose) {
    const holder = holders.get(one)
    inside.set(holder, [...(inside.get(holder) ?? []), one])
  }
  const foundOf = (one: Loose): Found => {
    const { key, rect } = one
    const own = inside.get(one)
    if (!own) return { type: 'block', key, rect }
    return { type: 'holder', key, rect, inside: new Search(tolerance).best(own.map(foundOf)) }
  }
  return (inside.get(undefined) ?? []).map(foundOf)
}

/** A holder is a little larger than what it holds: two of one size lie over one another. */
const holds = (outer: Rect, inner: Rect, tolerance: number) =>
  inner.x >= outer.x - tolerance &&
  inner.y >= outer.y - tolerance &&
  inner.x + inner.w <= outer.x + outer.w + tolerance &&
  inner.y + inner.h <= outer.y + outer.h + tolerance &&
  area(outer) > area(inner) * 1.02

/** Looks for the description with the fewest values; what was described before is not described again. */
class Search {
  private known = new Map<string, Found>()
  private left = BUDGET

  constructor(private tolerance: number) {}

  best(all: Found[]): Found {
    if (all.length === 1) return all[0]
    const apart = togetherWhereOverlapping(all, this.tolerance)
    if (apart.length < all.length) return apart.length === 1 ? apart[0] : this.best(apart)
    const name = apart.length <= MOST_KEPT ? apart.map(nameOf).sort().join() : ''
    const before = name && this.known.get(name)
    if (before) return before
    const found = this.choose(apart)
    if (name) this.known.set(name, found)
    return found
  }

  private choose(all: Found[]): Found {
    const { tolerance } = this
    const across = cutsAlong(all, 'x', tolerance)
    const down = cutsAlong(all, 'y', tolerance)
    const [canAcross, canDown] = [across.parts.length > 1, down.parts.length > 1]
    const grid =
      all.length >= 3
        ? ((canAcross && canDown ? gridOfCuts(all, across, down, tolerance) : undefined) ??
          gridOfEdges(all, tolerance))
        : undefined
    const ways: [Cut, 'row' | 'column'][] = []
    if (canAcross) ways.push([across, 'row'])
    if (canDown) ways.push([down, 'column'])
    // The likelier way first: when the budget is spent, it is the one that is taken.
    if (ways.length === 2 && widest(down) >= widest(across) - tolerance / 2) ways.reverse()
    if (ways.length === 0) return grid ?? placed(all)
    if (this.left <= 0) return grid ?? this.stacked(...ways[0], thresholds(ways[0][0].gaps, tolerance)[0])
    this.left--
    const options: Found[] = grid ? [grid] : []
    for (const [cut, type] of ways)
      for (const over of thresholds(cut.gaps, tolerance)) options.push(this.stacked(cut, type, over))
    return options.reduce((best, one) =>
      descriptionCost(one, tolerance) < descriptionCost(best, tolerance) - 1e-9 ? one : best,
    )
  }

  private stacked(cut: Cut, type: 'row' | 'column', over: number): Found {
    const { parts, gaps } = partedBy(cut, over)
    return foundLine(
      parts.map((part) => this.best(part)),
      type,
      gaps,
      this.tolerance,
    )
  }
}

const widest = ({ gaps }: Cut) => Math.max(...gaps)

const nameOf = (found: Found): string =>
  found.type === 'block' || found.type === 'holder' ? found.key : `(${insideOf(found).map(nameOf).join('+')})`

const placed = (children: Found[]): FoundPlaced => ({
  type: 'placed',
  rect: boundsOf(children.map(({ rect }) => rect)),
  children,
})

/** Things that overlap by more than the tolerance both ways are one placed group each. */
function togetherWhereOverlapping(all: Found[], tolerance: number): Found[] {
  const group = all.map((_, index) => index)
  const rootOf = (index: number): number => (group[index] === index ? index : rootOf(group[index]))
  const sorted = all.map((_, index) => index).sort((a, b) => all[a].rect.x - all[b].rect.x)
  sorted.forEach((index, at) => {
    const one = all[index].rect
    for (let next = at + 1; next < sorted.length; next++) {
      const other = all[sorted[next]].rect
      if (other.x >= one.x + one.w) break
      const dx = Math.min(one.x + one.w, other.x + other.w) - other.x
      const dy = Math.min(one.y + one.h, other.y + other.h) - Math.max(one.y, other.y)
      if (dx > tolerance && dy > tolerance) group[rootOf(sorted[next])] = rootOf(index)
    }
  })
  const groups = new Map<number, Found[]>()
  all.forEach((one, index) => {
    const root = rootOf(index)
    groups.set(root, [...(groups.get(root) ?? []), one])
  })
  return [...groups.values()].map((ones) => (ones.length === 1 ? ones[0] : placed(ones)))
}
