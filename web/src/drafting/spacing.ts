import type { Json } from '@nolvex/core/document/types'
import { px } from '@nolvex/core/units/length'
import { gapsAround, type Gap } from '@nolvex/core/snap/gaps'
import type { DraftingPage, Placed } from './usePage'

/** The gaps around a block as they stand. */
export function gapsOf(page: DraftingPage, block: Placed): Gap[] {
  const all = [...page.placed.value.values()]
  const siblings = all.filter(({ parent, id }) => parent === block.parent && id !== block.id)
  const container = (block.parent && page.placed.value.get(block.parent)) || {
    x: 0,
    y: 0,
    w: page.pageWidth.value,
    h: page.layout.value?.height ?? 0,
  }
  return gapsAround(block, siblings, container)
}

/** The leaf a gap comes from, and whose it is: the parent's gap or padding, or a freely placed block's offset. */
export interface GapSource {
  id: string
  path: string[]
  /** the value to write for a gap of so many px */
  value: (size: number) => Json
}

const length = (size: number) => px(Math.max(0, size)) as unknown as Json

/** Where a gap's figure comes from, or nothing when it follows from other figures. */
export function gapSource(page: DraftingPage, block: Placed, gap: Gap): GapSource | undefined {
  const parent = block.parent ? page.placed.value.get(block.parent) : undefined
  if (!parent) return undefined
  const { arrange } = parent.box
  const isVertical = gap.side === 'above' || gap.side === 'below'
  if (arrange === 'placed') return offsetSource(block, gap)
  if (gap.to) return gapBetween(page, parent, isVertical)
  const side = { above: 'top', below: 'bottom', left: 'left', right: 'right' }[gap.side]
  const isTight = tightlyFollows(parent, gap)
  return isTight ? { id: parent.id, path: ['arrange', 'padding', side], value: length } : undefined
}

function offsetSource(block: Placed, gap: Gap): GapSource | undefined {
  const { x, y } = block.box.node.place
  if (gap.to) return undefined
  if (gap.side === 'left' && x === 'start')
    return { id: block.id, path: ['place', 'offset', 'left'], value: length }
  if (gap.side === 'above' && y === 'start')
    return { id: block.id, path: ['place', 'offset', 'top'], value: length }
  return undefined
}

function gapBetween(page: DraftingPage, parent: Placed, isVertical: boolean): GapSource | undefined {
  const { arrange } = parent.box
  const onColumns = arrange === 'grid' && !isVertical
  const along =
    (arrange === 'row' && !isVertical) ||
    (arrange === 'column' && isVertical) ||
    (arrange === 'grid' && isVertical)
  if (onColumns || !along) return undefined
  const block = page.blocks.value[parent.id]
  const hasRowGap = isVertical && block && page.value(block, ['arrange', 'rowGap']).value !== undefined
  return { id: parent.id, path: ['arrange', hasRowGap ? 'rowGap' : 'gap'], value: length }
}

/** Whether the gap to the container's edge is its padding and nothing else. */
function tightlyFollows(parent: Placed, gap: Gap): boolean {
  const inset = {
    above: parent.box.insetTop,
    below: parent.box.insetBottom,
    left: parent.box.insetLeft,
    right: parent.box.insetRight,
  }[gap.side]
  return (
    Math.abs(inset - gap.size) < 0.5 &&
    (gap.side === 'above' || gap.side === 'below' || !parent.box.node.arrange.inset)
  )
}
