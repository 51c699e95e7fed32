import type { Json } from '../document/types'
import { blockValue } from '../resolve/blockLayers'
import { childrenOf, insideBorder, type DrawnPage, type Placed } from './drawnPage'
import { gapsAround, type Gap } from './gaps'

/** The gaps around a block as they stand, to its siblings or the inside of what it stands in. */
export function gapsOf(page: DrawnPage, block: Placed): Gap[] {
  const parent = block.parent === null ? null : (page.placed.get(block.parent) ?? null)
  const siblings = childrenOf(page, parent).filter(({ key }) => key !== block.key)
  const container = parent ? insideBorder(parent) : { x: 0, y: 0, w: page.width, h: page.height }
  return gapsAround(
    block,
    siblings.map(({ key, x, y, w, h }) => ({ id: key, x, y, w, h })),
    container,
  )
}

/**
 * The leaf a gap comes from, and whose it is: the parent's gap or padding, a block's own space, or a freely placed
 * block's offset.
 */
export interface GapSource {
  record: string
  path: string[]
  /** the value to write for a gap of so many px */
  value: (size: number) => Json
  /** between two blocks that follow one another: the later, whose own space this is or can be made */
  space?: { record: string; isOwn: boolean }
}

/** A block's own space before it. */
export const SPACE_BEFORE = ['place', 'space']

/** Where a gap's figure comes from, or nothing when it follows from other figures. */
export function gapSource(page: DrawnPage, block: Placed, gap: Gap): GapSource | undefined {
  const parent = block.parent === null ? undefined : page.placed.get(block.parent)
  if (!parent) return undefined
  const isVertical = gap.side === 'above' || gap.side === 'below'
  const value = (size: number) => page.write(Math.max(0, size)) as unknown as Json
  if (parent.box.arrange === 'placed') {
    const side = gap.to ? undefined : anchoredSide(block, gap.side)
    return side === undefined ? undefined : { record: block.record, path: ['place', 'offset', side], value }
  }
  if (gap.to) {
    const leaf = leafBetween(page, parent, isVertical)
    if (leaf === undefined) return undefined
    const space = spaceAt(page, parent, gap.side === 'below' || gap.side === 'right' ? gap.to : block.key)
    if (space?.isOwn) return { record: space.record, path: SPACE_BEFORE, value, space }
    return { record: parent.record, path: ['arrange', leaf], value, space }
  }
  const side = SIDES[gap.side]
  return isPadding(parent, gap)
    ? { record: parent.record, path: ['arrange', 'padding', side], value }
    : undefined
}

/** Whether the space before a child is its own, where its parent lets it have one. */
function spaceAt({ placed, blocks, at }: DrawnPage, parent: Placed, child: string): GapSource['space'] {
  const { type, wrap } = parent.box.node.arrange
  const record = placed.get(child)?.record
  if (record === undefined || (type !== 'column' && (type !== 'row' || wrap))) return undefined
  return { record, isOwn: blockValue(blocks[record], SPACE_BEFORE, at).value !== undefined }
}

const SIDES = { above: 'top', below: 'bottom', left: 'left', right: 'right' } as const

/** The offset a freely placed block keeps at a side, if its anchors hold it there. */
function anchoredSide({ box }: Placed, side: Gap['side']): string | undefined {
  const { x, y } = box.node.place
  const anchor = side === 'above' || side === 'below' ? y : x
  const held = side === 'above' || side === 'left' ? 'start' : 'end'
  return anchor === held || anchor === 'both' ? SIDES[side] : undefined
}

/** The leaf the gap between children comes from, where it is one the arrangement sets. */
function leafBetween(page: DrawnPage, parent: Placed, isVertical: boolean): 'gap' | 'rowGap' | undefined {
  const { arrange } = parent.box
  const along = arrange === 'row' ? !isVertical : isVertical
  if (!along) return undefined
  const block = page.blocks[parent.record]
  const hasRowGap =
    isVertical && block && blockValue(block, ['arrange', 'rowGap'], page.at).value !== undefined
  return hasRowGap ? 'rowGap' : 'gap'
}

/** Whether the gap to the container's edge is its padding and nothing else; the grid's margins are not. */
function isPadding({ box }: Placed, gap: Gap): boolean {
  const [top, right, bottom, left] = box.border
  const padding = {
    above: box.insetTop - top,
    below: box.insetBottom - bottom,
    left: box.insetLeft - left,
    right: box.insetRight - right,
  }[gap.side]
  const isAcross = gap.side === 'left' || gap.side === 'right'
  return Math.abs(padding - gap.size) < 0.5 && !(isAcross && box.node.arrange.inset)
}
