import { leafShownBy } from '@nolvex/core/block/block'
import { blocksFrom, labelOfPut } from '@nolvex/core/block/shelf'
import { drawnBlock, holderAt } from '@nolvex/core/snap/drawNew'
import { beginDropNew, dropNew, waitAtEnd } from '@nolvex/core/snap/dropNew'
import type { DropSpot } from '@nolvex/core/snap/dropSpot'
import { newId } from '../../session/newId'
import type { Gesture } from './gesture'

/** Draws a rectangle where a new block is to stand, after it was chosen on the shelf to be drawn. */
export const drawFromShelf: Gesture = {
  name: 'draw',
  begin: ({ page, point }) => {
    const item = page.toDraw.value
    if (!item) return undefined
    const [block, ...below] = blocksFrom(item, newId)
    const section = newId()
    const isText = leafShownBy(block, 'richText') !== undefined
    let spot: DropSpot | undefined
    return {
      move: (_by, at, { reach }) => {
        const rect = {
          ...{ x: Math.min(point.x, at.x), y: Math.min(point.y, at.y) },
          ...{ w: Math.max(1, Math.abs(at.x - point.x)), h: Math.max(1, Math.abs(at.y - point.y)) },
        }
        const drawn = page.drawn.value
        const made = drawnBlock(block, holderAt(drawn, page.hits.value, block, rect), rect, isText)
        const waiting = waitAtEnd(page.blocks.value, [made, ...below], section, page.at.value)
        const stood = page.standAfter(waiting.operations)
        const moving = stood && beginDropNew({ ...drawn, ...stood }, waiting)
        if (!moving) return undefined
        const middle = { x: rect.x + rect.w / 2, y: rect.y + rect.h / 2 }
        spot = dropNew(moving, waiting, rect, middle, reach)
        const { hints, says } = spot
        return { ghost: rect, mark: spot.mark, hints, says, operations: spot.operations(), moves: block.id }
      },
      commit: () => {
        page.toDraw.value = undefined
        return spot && { label: labelOfPut(item), operations: spot.operations(), selects: [block.id] }
      },
      click: () => (page.toDraw.value = undefined),
    }
  },
}
