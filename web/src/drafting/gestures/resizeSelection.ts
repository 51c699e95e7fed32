import { beginResize, resized } from '@nolvex/core/snap/resizeBlock'
import type { Gesture } from './gesture'

/** Pulls a handle of the selected block. */
export const resizeSelection: Gesture = {
  name: 'resize',
  begin: ({ page, handle }) => {
    const [own] = page.selected.value
    if (!handle || !own) return undefined
    if (page.one.value?.locked) return {}
    const resizing = beginResize(page.drawn.value, own)
    let last: ReturnType<typeof resized> | undefined
    return {
      move: ({ x, y }) => {
        last = resized(resizing, handle, x, y)
        const { mark } = last
        const lines = { x: [mark.x, mark.x + mark.w], y: [] }
        return { mark, lines, operations: last.operations(), moves: own.key }
      },
      commit: () => last && { label: `Resize ${page.nameOf(own.key)}`, operations: last.operations() },
    }
  },
}
