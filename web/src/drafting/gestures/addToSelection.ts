import type { Gesture } from './gesture'

/** Adds what is pressed to the selection, or takes it out. */
export const addToSelection: Gesture = {
  name: 'add to selection',
  begin: ({ page, hit, addsToSelection }) => {
    if (!hit || !addsToSelection) return undefined
    page.toggle(hit.key)
    return {}
  },
}
