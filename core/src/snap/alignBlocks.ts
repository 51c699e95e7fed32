import type { Json, Operation } from '../document/types'
import { setLeaf } from '../edit/blockChanges'
import { anchoredPlace } from './anchoredPlace'
import { columnsOf, spanOf } from './containerColumns'
import { childrenOf, insideBorder, type DrawnPage, type Placed } from './drawnPage'
import { boundsOf, endOf, middleOf, movedAlong, sizeOf, startOf, type Axis, type Rect } from './rect'
import { isPlacedFreely } from './typedFigure'

/** What of blocks comes into line. */
export type AlignTo = 'start' | 'centre' | 'end' | 'baseline'

/** What they come into line with: one another, what they stand in, the page, its columns, or one of them. */
export type AlignWithin = 'selection' | 'parent' | 'page' | 'columns' | { key: string }

/** A change with what it does in words, or why there is none. */
export type Arranged = { operations: Operation[]; says: string } | { reason: string }

/** What is moved comes into line here. */
interface Wanted {
  axis: Axis
  to: AlignTo
  within: AlignWithin
}

/**
 * Brings blocks into line. Those that stand freely are moved; in a row, a column or a grid the arrangement or the columns
 * change instead, which is what it means there, and the change says so.
 */
export function alignBlocks(page: DrawnPage, ones: Placed[], wanted: Wanted): Arranged {
  const open = ones.filter(({ record }) => !page.blocks[record]?.locked)
  if (open.length === 0)
    return { reason: ones.length ? 'All of it is locked.' : 'Select what is to come into line.' }
  if (open.every((one) => isPlacedFreely(page, one))) return alignFree(page, open, wanted)
  const parent = sharedParent(page, open)
  if (!parent)
    return {
      reason: 'These blocks stand in different boxes. Select blocks of one box, or blocks that stand freely.',
    }
  return parent.box.arrange === 'grid' && wanted.axis === 'x'
    ? alignOnColumns(page, open, parent, wanted)
    : alignArranged(page, parent, wanted)
}

/** The block that all of some others stand in. */
export function sharedParent({ placed }: DrawnPage, [first, ...others]: Placed[]): Placed | undefined {
  if (first.parent === null || others.some(({ parent }) => parent !== first.parent)) return undefined
  return placed.get(first.parent)
}

function alignFree(page: DrawnPage, ones: Placed[], { axis, to, within }: Wanted): Arranged {
  if (to === 'baseline') return alignBaselines(page, ones, within)
  if (ones.length === 1 && within === 'selection')
    return { reason: 'One block alone is in line with itself. Choose its parent, the page or the columns.' }
  const operations = ones.flatMap((one) => {
    const frame = frameFor(page, ones, one, axis, to, within)
    const by =
      to === 'start'
        ? startOf(frame, axis) - startOf(one, axis)
        : to === 'end'
          ? endOf(frame, axis) - endOf(one, axis)
          : middleOf(frame, axis) - middleOf(one, axis)
    return moveFree(page, one, axis, by)
  })
  return { operations, says: '' }
}

/** Moves a freely placed block along an axis by so many px. */
export function moveFree(page: DrawnPage, one: Placed, axis: Axis, by: number): Operation[] {
  const container = one.parent === null ? undefined : page.placed.get(one.parent)
  if (!container || Math.abs(by) < 0.005) return []
  const changes = axis === 'x' ? { across: 'place' as const } : { down: 'place' as const }
  const leaves = anchoredPlace(page, one, container, movedAlong(one, axis, by), changes)
  return leaves.flatMap(([path, value]) => setLeaf([one.record], path, value, page.at))
}

/** What a block is brought into line with. */
function frameFor(
  page: DrawnPage,
  ones: Placed[],
  one: Placed,
  axis: Axis,
  to: AlignTo,
  within: AlignWithin,
): Rect {
  if (within === 'selection') return boundsOf(ones)
  if (within === 'page') return { x: 0, y: 0, w: page.width, h: page.height }
  if (within === 'columns') return axis === 'x' ? columnFrame(page, one, to) : boundsOf(ones)
  if (typeof within === 'object') return page.placed.get(within.key) ?? one
  const parent = one.parent === null ? undefined : page.placed.get(one.parent)
  return parent ? insideBorder(parent) : one
}

/** The columns whose edge is nearest to that of a block. */
function columnFrame({ lines }: DrawnPage, one: Placed, to: AlignTo): Rect {
  const edge = to === 'end' ? endOf(one, 'x') : to === 'start' ? startOf(one, 'x') : middleOf(one, 'x')
  const places = lines.x.filter(({ kind }) => kind === 'columns').map(({ at }) => at)
  const [starts, ends] = [places.filter((_, at) => at % 2 === 0), places.filter((_, at) => at % 2 === 1)]
  const middles = starts.map((start, at) => (start + ends[at]) / 2)
  const among = to === 'end' ? ends : to === 'start' ? starts : middles
  if (among.length === 0) return one
  const nearest = among.reduce((best, at) => (Math.abs(at - edge) < Math.abs(best - edge) ? at : best))
  return { ...one, x: nearest, w: 0 }
}

/** px from a block's top to the baseline of its first line of text, its own or of what stands in it. */
export function baselineOf({ box }: Pick<Placed, 'box'>): number | undefined {
  if (box.font) return box.insetTop + box.font.baseline
  for (const child of box.children) {
    const own = baselineOf({ box: child })
    if (own !== undefined) return child.y + own
  }
  return undefined
}

function alignBaselines(page: DrawnPage, ones: Placed[], within: AlignWithin): Arranged {
  const key = typeof within === 'object' ? within.key : undefined
  const worded = ones.filter((one) => baselineOf(one) !== undefined)
  if (worded.length < 2) return { reason: 'Baselines are of text: select two blocks or more that have some.' }
  const first = worded.find((one) => one.key === key) ?? worded[0]
  const line = first.y + (baselineOf(first) ?? 0)
  return {
    operations: worded.flatMap((one) => moveFree(page, one, 'y', line - one.y - (baselineOf(one) ?? 0))),
    says: '',
  }
}

/** On columns edges come into line by the column that blocks begin or end at. */
function alignOnColumns(page: DrawnPage, ones: Placed[], parent: Placed, { to, within }: Wanted): Arranged {
  const count = columnsOf(parent).length
  const spans = ones.map((one) => spanOf(one, count))
  const keyed = typeof within === 'object' ? ones.findIndex(({ key }) => key === within.key) : -1
  const ends = ones.map((one, at) => one.box.column + spans[at] - 1)
  const isWhole = within === 'parent' || within === 'page' || ones.length === 1
  const [first, last] =
    keyed >= 0
      ? [ones[keyed].box.column, ends[keyed]]
      : isWhole
        ? [1, count]
        : [Math.min(...ones.map(({ box }) => box.column)), Math.max(...ends)]
  if (to === 'baseline')
    return { reason: 'On columns, baselines follow from the rows. Change how they stand across.' }
  const operations = ones.flatMap((one, at) => {
    const start =
      to === 'start'
        ? first
        : to === 'end'
          ? last - spans[at] + 1
          : Math.round((first + last - spans[at] + 1) / 2)
    const wanted = Math.min(count - spans[at] + 1, Math.max(1, start))
    return setLeaf([one.record], ['place', 'column', 'start'], wanted, page.at)
  })
  return { operations, says: `They keep to the columns of ${parent.box.node.name}.` }
}

const ALONG_WORDS = { start: 'at the start', centre: 'in the middle', end: 'at the end', baseline: '' }

/** In a row or a column the arrangement says where all of them stand. */
function alignArranged(page: DrawnPage, parent: Placed, { axis, to }: Wanted): Arranged {
  const { arrange, node } = parent.box
  if (to === 'baseline')
    return {
      reason: `${node.name} arranges what stands in it. Baselines come into line where blocks stand freely.`,
    }
  const isAlong = (arrange === 'row') === (axis === 'x')
  const leaf = isAlong && arrange !== 'grid' ? 'justify' : 'align'
  const count = childrenOf(page, parent).length
  return {
    operations: setLeaf([parent.record], ['arrange', leaf], to, page.at),
    says: `${node.name} now has all ${count} of its blocks ${ALONG_WORDS[to]}.`,
  }
}

/** How gaps are made: alike between the outer two, or of so many px. */
export type Spread = 'equal' | { gap: number }

/**
 * Spreads blocks along an axis: with equal gaps the outer two stay, with a given gap the first stays. In a row or a column
 * the arrangement changes instead.
 */
export function distributeBlocks(page: DrawnPage, ones: Placed[], axis: Axis, how: Spread): Arranged {
  const open = ones.filter(({ record }) => !page.blocks[record]?.locked)
  if (typeof how === 'object' && !(Number.isFinite(how.gap) && Math.abs(how.gap) <= 10_000))
    return { reason: 'Type a gap from 0 to 10,000 px.' }
  if (open.every((one) => isPlacedFreely(page, one))) return distributeFree(page, open, axis, how)
  const parent = open.length ? sharedParent(page, open) : undefined
  if (!parent) return { reason: 'Select blocks of one box, or blocks that stand freely.' }
  const { arrange, node } = parent.box
  const isAlong = arrange === 'grid' || (arrange === 'row') === (axis === 'x')
  if (!isAlong) return { reason: `In ${node.name} blocks follow one another the other way.` }
  if (typeof how === 'object') {
    const leaf = arrange === 'grid' && axis === 'y' ? 'rowGap' : 'gap'
    const gap = page.write(Math.max(0, how.gap)) as unknown as Json
    return {
      operations: setLeaf([parent.record], ['arrange', leaf], gap, page.at),
      says: `The gap of ${node.name} was changed, between all of its blocks.`,
    }
  }
  if (arrange === 'grid')
    return { reason: `The gaps of ${node.name} are equal already: they are its columns’ and rows’.` }
  return {
    operations: setLeaf([parent.record], ['arrange', 'justify'], 'between', page.at),
    says: `${node.name} now spreads all of its blocks out.`,
  }
}

function distributeFree(page: DrawnPage, ones: Placed[], axis: Axis, how: Spread): Arranged {
  const needed = how === 'equal' ? 3 : 2
  if (ones.length < needed) return { reason: `Select ${needed} blocks or more to spread them.` }
  const sorted = [...ones].sort((a, b) => startOf(a, axis) - startOf(b, axis))
  const [first, last] = [sorted[0], sorted[sorted.length - 1]]
  const taken = sorted.reduce((sum, one) => sum + sizeOf(one, axis), 0)
  const gap =
    how === 'equal' ? (endOf(last, axis) - startOf(first, axis) - taken) / (sorted.length - 1) : how.gap
  let at = startOf(first, axis)
  const operations = sorted.flatMap((one) => {
    const moved = moveFree(page, one, axis, at - startOf(one, axis))
    at += sizeOf(one, axis) + gap
    return moved
  })
  return { operations, says: '' }
}
