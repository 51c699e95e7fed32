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
      move: ({ x, y }, _at, held) => {
        last = resized(resizing, handle, x, y, held)
        const { mark, hints, says } = last
        return { mark, hints, says, operations: last.operations(), moves: own.key }
      },
      commit: () => last && { label: `Resize ${page.nameOf(own.key)}`, operations: last.operations() },
    }
  },
}
