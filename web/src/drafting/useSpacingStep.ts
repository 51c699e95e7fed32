import { computed } from 'vue'
import { useProject } from '../session/projectStore'

const USUAL_STEP = 8

/** The step blocks are nudged by and sizes are multiples of, px. */
export function useSpacingStep() {
  const project = useProject()
  return computed({
    get: () => project.site.records.settings.site.step ?? USUAL_STEP,
    set: (px) => project.setSite('Change the spacing step', 'settings', 'site', ['step'], px),
  })
}
