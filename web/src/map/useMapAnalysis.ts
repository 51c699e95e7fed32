import { createSharedComposable, watchDebounced } from '@vueuse/core'
import { wrap } from 'comlink'
import { onScopeDispose, shallowRef, toRaw } from 'vue'
import type { Finding } from '@nolvex/core/review/finding'
import type { JobSize } from '@nolvex/core/review/map/jobSize'
import { useProject } from '../session/projectStore'
import type { MapAnalyst } from './mapWorker'

/** Findings on the map and the size of the job, kept up with what is planned. */
export const useMapAnalysis = createSharedComposable(() => {
  const project = useProject()
  const findings = shallowRef<Finding[]>([])
  const size = shallowRef<JobSize>()
  const worker = new Worker(new URL('./mapWorker.ts', import.meta.url), { type: 'module' })
  const analyst = wrap<MapAnalyst>(worker)
  onScopeDispose(() => worker.terminate())
  watchDebounced(
    [() => project.site, () => project.content],
    async () => {
      const found = await analyst.analyse(toRaw(project.site), toRaw(project.content))
      findings.value = found.findings
      size.value = found.size
    },
    { immediate: true, debounce: 150 },
  )
  return { findings, size }
})
