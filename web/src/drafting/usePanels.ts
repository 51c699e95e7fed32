import { useStorage } from '@vueuse/core'

type Side = 'left' | 'right'
const USUAL: Record<Side, number> = { left: 208, right: 268 }

/** How wide the panels beside the page are, 0 when closed; kept in this browser. */
export function usePanels() {
  const panels = useStorage<Record<Side, number>>('nolvex-panels', USUAL, undefined, { mergeDefaults: true })
  const toggle = (side: Side) => (panels.value[side] = panels.value[side] ? 0 : USUAL[side])
  return { panels, toggle }
}
