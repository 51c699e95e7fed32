import { standsIn } from '@nolvex/core/snap/drawnPage'
import { beginMove, dropSpot, type DropSpot } from '@nolvex/core/snap/dropSpot'
import type { Gesture } from './gesture'

/** Selects what is pressed, and drags it; pressed inside what is selected already, all of that is dragged. */
export const moveBlocks: Gesture = {
  name: 'move',
  begin: ({ page, hit }) => {
    if (!hit) return undefined
    const drawn = page.drawn.value
    const around = page.selected.value.find(({ key }) => standsIn(drawn, hit.key, key))
    const grabbed = around ?? hit
    if (!around) page.select([hit.key])
    const click = around && around.key !== hit.key ? () => page.select([hit.key]) : undefined
    if (!page.blocks.value[grabbed.record] || page.blocks.value[grabbed.record].locked) return { click }
    const moving = beginMove(drawn, page.hits.value, grabbed, page.selection.value)
    let spot: DropSpot | undefined
    return {
      move: (by, at, { reach }) => {
        const ghost = { x: grabbed.x + by.x, y: grabbed.y + by.y, w: grabbed.w, h: grabbed.h }
        spot = dropSpot(moving, ghost, at, reach)
        const { mark = ghost, hints = [], says } = spot ?? {}
        return { ghost, mark, hints, says, operations: spot?.operations(), moves: grabbed.key }
      },
      commit: () => spot && { label: `Move ${page.nameOf(grabbed.key)}`, operations: spot.operations() },
      click,
    }
  },
}
