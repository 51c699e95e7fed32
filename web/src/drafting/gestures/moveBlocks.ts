import { standsIn, type Placed } from '@nolvex/core/snap/drawnPage'
import { beginMove, dropSpot, type DropSpot } from '@nolvex/core/snap/dropSpot'
import type { DraftingPage } from '../usePage'
import type { Gesture, Point } from './gesture'

/** px and ms within which presses are at one place, and within which they are one double press */
const [SAME, DOUBLE] = [4, 500]
let last = { x: -1e9, y: -1e9, index: 0, time: 0 }

/** What a press selects: the innermost block, and pressed there again, after a while, what lies under it. */
function nextInStack(stack: Placed[], { x, y }: Point): Placed {
  const time = performance.now()
  const isThere = Math.hypot(x - last.x, y - last.y) < SAME && last.index < stack.length
  const isDouble = time - last.time < DOUBLE
  const index = !isThere || isDouble ? 0 : (last.index + 1) % stack.length
  last = { x, y, index, time }
  return stack[index]
}

/** Whether a block, or anything that goes along with it, is locked in its place. */
const isHeld = (page: DraftingPage, { record }: Placed) => page.blocks.value[record].locked === true

/** Selects what is pressed, and drags it; pressed inside what is selected already, all of that is dragged. */
export const moveBlocks: Gesture = {
  name: 'move',
  begin: ({ page, hit, stack, point }) => {
    if (!hit) return undefined
    const next = nextInStack(stack, point)
    const drawn = page.drawn.value
    const around = page.selected.value.find(({ key }) => standsIn(drawn, hit.key, key))
    const grabbed = around ?? hit
    if (!around) page.select([hit.key])
    const click = around ? () => page.select([next.key]) : undefined
    if (!page.blocks.value[grabbed.record] || isHeld(page, grabbed)) return { click }
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
