import { createSharedComposable, watchDebounced } from '@vueuse/core'
import { wrap } from 'comlink'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import type { Finding } from '@nolvex/core/review/finding'
import { useMapAnalysis } from '../map/useMapAnalysis'
import { useProject } from '../session/projectStore'
import { useStages } from '../stages/useStages'
import type { Reviewer } from './reviewWorker'

const WAIT_MS = 600

/** What was found on a page, and what it was found in. */
interface Looked {
  from: unknown[]
  findings: Finding[]
}

/** Findings on the map and on all drawings, kept up with what changes, page by page in a worker. */
export const useReview = createSharedComposable(() => {
  const project = useProject()
  const { drawable, isDrawn } = useStages()
  const { findings: onMap } = useMapAnalysis()
  const looked = shallowRef<ReadonlyMap<string, Looked>>(new Map())
  /** pages still to be looked at; nothing where all were */
  const waiting = ref<number>()
  const worker = new Worker(new URL('./reviewWorker.ts', import.meta.url), { type: 'module' })
  const reviewer = wrap<Reviewer>(worker)
  onScopeDispose(() => worker.terminate())
  let turn = 0

  async function look() {
    const own = ++turn
    const pages = drawable.value.filter(({ id }) => isDrawn(id))
    const kept = new Map<string, Looked>()
    for (const [index, { id }] of pages.entries()) {
      const sources = project.sources(id)
      const from = [sources.drawing, sources.site, sources.style, sources.around]
      const before = looked.value.get(id)
      const isSame = before?.from.every((one, at) => one === from[at])
      waiting.value = pages.length - index
      const found =
        isSame && before ? before.findings : await reviewer.page(id, sources, project.name, project.id)
      // Something changed meanwhile: what was found so far stays, and a later turn looks again.
      if (own !== turn) return
      kept.set(id, { from, findings: found })
      if (!isSame) looked.value = new Map([...looked.value, [id, { from, findings: found }]])
    }
    looked.value = kept
    waiting.value = undefined
  }
  watchDebounced(
    [() => project.view.documents, () => project.isLoaded],
    () => project.isLoaded && void look(),
    {
      immediate: true,
      debounce: WAIT_MS,
    },
  )

  watch(
    () => project.id,
    () => (looked.value = new Map()),
  )

  const onDrawings = computed(() => [...looked.value.values()].flatMap(({ findings }) => findings))
  const findings = computed((): Finding[] => [...onMap.value, ...onDrawings.value])

  /** The page a finding is about, where it is about one. */
  function pageOf({ place }: Finding): string | undefined {
    if (place.collection === 'pages') return place.id
    return (
      place.page ?? (place.collection === 'items' ? project.content.records.items[place.id]?.page : undefined)
    )
  }
  const countByPage = computed(() => {
    const counts = new Map<string, number>()
    for (const finding of findings.value) {
      const page = pageOf(finding)
      if (page) counts.set(page, (counts.get(page) ?? 0) + 1)
    }
    return counts
  })

  return { findings, onDrawings, waiting, pageOf, countByPage }
})
