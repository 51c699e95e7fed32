import { createSharedComposable, watchDebounced } from '@vueuse/core'
import { proxy, wrap } from 'comlink'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { reviewedPage, reviewedPages } from '@nolvex/core/review/drawing/reviewedPages'
import type { Finding } from '@nolvex/core/review/finding'
import { sortFindings } from '@nolvex/core/review/leftFindings'
import { sweepFindings, type SweptTrouble } from '@nolvex/core/review/sweep/sweepFindings'
import { useMapAnalysis } from '../map/useMapAnalysis'
import { useProject } from '../session/projectStore'
import { pixelsOf } from './eye/paintedWindow'
import type { Reviewer } from './reviewWorker'

const WAIT_MS = 600

/** What was found on a page, and what it was found in. */
interface Looked<Found> {
  from: unknown[]
  found: Found
}
type ByPage<Found> = ReadonlyMap<string, Looked<Found>>

/** Findings on the map and on all drawings, kept up with what changes, page by page in a worker. */
export const useReview = createSharedComposable(() => {
  const project = useProject()
  const { findings: onMap } = useMapAnalysis()
  const looked = shallowRef<ByPage<Finding[]>>(new Map())
  const met = shallowRef<ByPage<Finding[]>>(new Map())
  const swept = shallowRef<ByPage<SweptTrouble[]>>(new Map())
  const under = shallowRef<ByPage<Finding[]>>(new Map())
  /** pages still to be looked at; nothing where all were */
  const waiting = ref<number>()
  /** whether somebody looks at the list: only then pages are painted to see what is met first on them */
  const watchers = ref(0)
  const isWatched = computed(() => watchers.value > 0)
  /** whether pages are still painted for that */
  const isPainting = ref(false)
  /** whether pages are still laid out at every width */
  const isSweeping = ref(false)
  /** why not all was looked at */
  const trouble = ref('')
  const worker = new Worker(new URL('./reviewWorker.ts', import.meta.url), { type: 'module' })
  const reviewer = wrap<Reviewer>(worker)
  onScopeDispose(() => worker.terminate())
  let turn = 0

  const madeFrom = (id: string) => {
    const { drawing, site, style, around } = project.sources(id)
    return [drawing, site, style, around]
  }

  /** Asks the worker for each page of which something changed; gives up when something changes meanwhile. */
  async function keepUp<Found>(
    into: typeof looked | typeof met | typeof swept | typeof under,
    own: number,
    ask: (id: string) => Promise<Found | undefined>,
    left: (count: number) => void,
  ): Promise<boolean> {
    const pages = reviewedPages(project.view.documents)
    const all = into as unknown as { value: ByPage<Found> }
    const kept = new Map<string, Looked<Found>>()
    for (const [index, { id }] of pages.entries()) {
      const from = madeFrom(id)
      const before = all.value.get(id)
      const isSame = before?.from.every((one, at) => one === from[at])
      left(pages.length - index)
      const found = isSame && before ? before.found : await ask(id)
      // Something changed meanwhile: what was found so far stays, and a later turn looks again.
      if (own !== turn || found === undefined) return false
      kept.set(id, { from, found })
      if (!isSame) all.value = new Map([...all.value, [id, { from, found }]])
    }
    all.value = kept
    return true
  }

  async function look() {
    const own = ++turn
    trouble.value = ''
    try {
      await lookAtAll(own)
    } catch (error) {
      if (own !== turn) return
      trouble.value = (error as Error).message
      waiting.value = undefined
      isPainting.value = false
      isSweeping.value = false
    }
  }
  async function lookAtAll(own: number) {
    void reviewer.stop()
    const page = (id: string) => reviewer.page(id, project.sources(id), project.name, project.id)
    if (!(await keepUp(looked, own, page, (count) => (waiting.value = count)))) return
    waiting.value = undefined
    if (isWatched.value) {
      isPainting.value = true
      const draw = proxy(pixelsOf)
      const order = (id: string) => reviewer.met(id, project.sources(id), project.name, project.id, draw)
      if (!(await keepUp(met, own, order, () => {}))) return
      isPainting.value = false
    }
    isSweeping.value = true
    const conditions = (id: string) => reviewer.conditions(id, project.sources(id), project.id)
    if (!(await keepUp(under, own, conditions, () => {}))) return
    const sweep = (id: string) => reviewer.sweep(id, project.sources(id), 'drawn', project.id)
    const isDone = await keepUp(swept, own, sweep, () => {})
    if (isDone) isSweeping.value = false
  }
  watchDebounced(
    [() => project.view.documents, () => project.isLoaded, isWatched],
    () => project.isLoaded && void look(),
    {
      immediate: true,
      debounce: WAIT_MS,
    },
  )

  watch(
    () => project.id,
    () => {
      looked.value = new Map()
      met.value = new Map()
      swept.value = new Map()
      under.value = new Map()
    },
  )

  /** What is met first is not looked at again while nobody asks: what was found of a page that has changed is not shown. */
  const metStill = computed(() => [...met.value].flatMap(([id, { found }]) => (isPainted(id) ? found : [])))
  /** Whether a page was painted and looked at as it is now. */
  function isPainted(page: string): boolean {
    const now = madeFrom(page)
    return met.value.get(page)?.from.every((one, at) => one === now[at]) ?? false
  }
  const onDrawings = computed(() => [
    ...[...looked.value.values()].flatMap(({ found }) => found),
    ...metStill.value,
  ])
  const atWidths = computed(() =>
    [...swept.value].flatMap(([id, { found }]) => {
      const page = reviewedPage(project.site, id)
      return page ? sweepFindings(page, project.site, found) : []
    }),
  )
  const otherwise = computed(() => [...under.value.values()].flatMap(({ found }) => found))
  const sorted = computed(() =>
    sortFindings([...onDrawings.value, ...atWidths.value, ...otherwise.value, ...onMap.value], project.site),
  )
  const findings = computed((): Finding[] => sorted.value.open)

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

  /** Has pages painted for what is met first, as long as that is wanted. */
  function watchOrder(isWanted: () => boolean) {
    let counts = false
    const count = (wants: boolean) => {
      if (wants !== counts) watchers.value += wants ? 1 : -1
      counts = wants
    }
    watch(isWanted, count, { immediate: true })
    onScopeDispose(() => count(false))
  }

  return {
    findings,
    sorted,
    waiting,
    isPainted,
    watchOrder,
    isPainting,
    isSweeping,
    trouble,
    pageOf,
    countByPage,
  }
})
