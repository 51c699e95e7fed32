import { watchDebounced } from '@vueuse/core'
import { wrap } from 'comlink'
import { onScopeDispose, ref, shallowRef, type Ref } from 'vue'
import type { Condition } from '@nolvex/core/review/sweep/conditions'
import type { SweptTrouble } from '@nolvex/core/review/sweep/sweepFindings'
import { useProject } from '../session/projectStore'
import type { Reviewer } from './reviewWorker'

const WAIT_MS = 500

/** What is wrong with a page at any width, kept up with its drawing in a worker of its own. */
export function useSweep(page: Ref<string>) {
  const project = useProject()
  const condition = ref<Condition>('drawn')
  const troubles = shallowRef<SweptTrouble[]>([])
  const isSweeping = ref(false)
  const worker = new Worker(new URL('./reviewWorker.ts', import.meta.url), { type: 'module' })
  const reviewer = wrap<Reviewer>(worker)
  onScopeDispose(() => worker.terminate())
  /** what the last answer, or the one that is awaited, was worked out of */
  let from: unknown[] = []

  watchDebounced(
    [page, condition, () => project.view.documents],
    async () => {
      const sources = project.sources(page.value)
      const now = [page.value, condition.value, sources.drawing, sources.site, sources.style, sources.around]
      if (now.every((one, index) => one === from[index])) return
      // What was found on another drawing is never shown on this one.
      if (now[0] !== from[0] || now[1] !== from[1]) troubles.value = []
      from = now
      isSweeping.value = true
      const found = await reviewer.sweep(page.value, sources, condition.value, project.id)
      if (from !== now) return
      isSweeping.value = false
      troubles.value = found ?? []
    },
    { immediate: true, debounce: WAIT_MS },
  )
  return { condition, troubles, isSweeping }
}
