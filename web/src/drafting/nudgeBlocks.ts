import { setLeaf } from '@nolvex/core/edit/blockChanges'
import type { Json, Operation } from '@nolvex/core/document/types'
import type { Box } from '@nolvex/core/layout/box'
import type { Axis } from '@nolvex/core/resolve/node'
import { px } from '@nolvex/core/units/length'
import type { DraftingPage } from './usePage'

/** Whether all blocks of a selection are placed freely, so that they can be nudged. */
export function canNudge({ selection, placed }: DraftingPage): boolean {
  const isPlaced = (id: string) => {
    const parent = placed.value.get(id)?.parent
    return Boolean(parent) && placed.value.get(parent as string)?.box.arrange === 'placed'
  }
  return selection.value.length > 0 && selection.value.every(isPlaced)
}

/** Operations that move freely placed blocks by some px, each by the offsets its anchors go by. */
export function nudgeBlocks({ selection, placed, at }: DraftingPage, dx: number, dy: number): Operation[] {
  return selection.value.flatMap((id) => {
    const box = placed.value.get(id)?.box
    if (!box) return []
    return offsetsAfter(box, dx, dy).flatMap(([side, value]) =>
      setLeaf([id], ['place', 'offset', side], px(value) as unknown as Json, at.value),
    )
  })
}

function offsetsAfter({ node, offsets }: Box, dx: number, dy: number): [side: string, px: number][] {
  const { x, y } = node.place
  const across = dx ? axisAfter(x, dx, ['left', 'right', 'x'], [offsets.left, offsets.right, offsets.x]) : []
  const down = dy ? axisAfter(y, dy, ['top', 'bottom', 'y'], [offsets.top, offsets.bottom, offsets.y]) : []
  return [...across, ...down]
}

function axisAfter(
  axis: Axis,
  by: number,
  [start, end, middle]: [string, string, string],
  [fromStart, fromEnd, fromMiddle]: (number | undefined)[],
): [side: string, px: number][] {
  const moved = (side: string, value: number | undefined, step: number): [string, number][] =>
    value === undefined ? [] : [[side, value + step]]
  switch (axis) {
    case 'start':
      return moved(start, fromStart, by)
    case 'end':
      return moved(end, fromEnd, -by)
    case 'centre':
      return moved(middle, fromMiddle, by)
    case 'both':
      return [...moved(start, fromStart, by), ...moved(end, fromEnd, -by)]
    case 'proportion':
      return []
  }
}
