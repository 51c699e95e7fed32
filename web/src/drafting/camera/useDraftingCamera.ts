import { inject } from 'vue'
import { draftingCamera, type Camera } from './camera'

/** How the page being drawn is looked at, from within its desk. */
export function useDraftingCamera(): Camera {
  const camera = inject(draftingCamera)
  if (!camera) throw new Error('This part works only on the desk of the drafting view.')
  return camera
}
