import { blocksFrom, labelOfPut, type ShelfItem } from '@nolvex/core/block/shelf'
import { beginDropNew, dropNew, waitAtEnd } from '@nolvex/core/snap/dropNew'
import type { DropSpot } from '@nolvex/core/snap/dropSpot'
import { newId } from '../../session/newId'
import type { DraftingPage } from '../usePage'
import type { Following } from './gesture'

/** Drags a new block from the shelf onto the page: begun there, it goes on like any other gesture. */
export function putFromShelf(page: DraftingPage, item: ShelfItem): Following {
  const made = blocksFrom(item, newId)
  const [block] = made
  const waiting = waitAtEnd(page.blocks.value, made, newId(), page.at.value)
  const stood = page.standAfter(waiting.operations)
  const moving = stood && beginDropNew({ ...page.drawn.value, ...stood }, waiting)
  if (!moving) return {}
  const { w, h } = moving.grabbed
  let spot: DropSpot | undefined
  return {
    move: (_by, at, { reach }) => {
      const ghost = { x: at.x - w / 2, y: at.y - h / 2, w, h }
      spot = dropNew(moving, waiting, ghost, at, reach)
      const { mark, hints, says } = spot
      return { mark, hints, says, operations: spot.operations(), moves: block.id }
    },
    commit: () => spot && { label: labelOfPut(item), operations: spot.operations(), selects: [block.id] },
  }
}
