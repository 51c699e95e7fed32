import { inArea } from '@nolvex/core/snap/selecting'
import type { Gesture, Point } from './gesture'

const between = (a: Point, b: Point) => ({
  x: Math.min(a.x, b.x),
  y: Math.min(a.y, b.y),
  w: Math.abs(a.x - b.x),
  h: Math.abs(a.y - b.y),
})

/**
 * Selects what a rectangle touches or encloses: drawn from beside all blocks or from a section's own ground, and from
 * anywhere while the key for it is held.
 */
export const selectArea: Gesture = {
  name: 'select by a rectangle',
  begin: ({ page, hit, point, wantsArea, addsToSelection }) => {
    const isGround = !hit || (hit.parent === null && !page.selection.value.includes(hit.key))
    if (!wantsArea && (!isGround || (hit && addsToSelection))) return undefined
    const before = addsToSelection ? page.selection.value : []
    let found: string[] = []
    return {
      move: (_by, at, { onlyEnclosed }) => {
        const mark = between(point, at)
        found = inArea(page.drawn.value, mark, onlyEnclosed).map(({ key }) => key)
        const count = found.length === 1 ? '1 block' : `${found.length} blocks`
        return { mark, hints: [], says: onlyEnclosed ? `${count} enclosed` : count }
      },
      commit: () => ({ label: '', operations: [], selects: [...new Set([...before, ...found])] }),
      click: () => page.select(hit ? [...before, hit.key] : []),
    }
  },
}
