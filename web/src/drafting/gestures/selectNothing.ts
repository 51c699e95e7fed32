import type { Gesture } from './gesture'

/** A press beside all blocks. */
export const selectNothing: Gesture = {
  name: 'select nothing',
  begin: ({ page, hit }) => {
    if (hit) return undefined
    page.select([])
    return {}
  },
}
