import { wrap } from 'comlink'
import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import { emptyContent, type ContentDocument } from '@nolvex/core/content/content'
import type { Documents } from '@nolvex/core/document/types'
import { pageSources } from '@nolvex/core/resolve/pageSources'
import { reviewedPages } from '@nolvex/core/review/drawing/reviewedPages'
import type { Finding, Severity } from '@nolvex/core/review/finding'
import { sortFindings } from '@nolvex/core/review/leftFindings'
import { mapFacts } from '@nolvex/core/review/map/mapFacts'
import { mapFindings } from '@nolvex/core/review/map/mapRules'
import { severityCounts } from '@nolvex/core/review/severityCounts'
import type { SiteDocument } from '@nolvex/core/site/site'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useVersions } from '../versions/versionStore'
import type { Reviewer } from './reviewWorker'

/** versions that are looked over, the newest ones */
const MOST = 12

/** What was found of a version, or of what there is now. */
export interface Looked {
  name: string
  /** ISO 8601; nothing for now */
  at?: string
  count: Record<Severity, number>
}

/**
 * What today's rules find in each kept version and in what there is now, the oldest first, in a worker of its own.
 * What is seen only at other widths or by painting is not counted: it would take minutes.
 */
export function useOverTime() {
  const project = useProject()
  const store = useVersions()
  const looked = shallowRef<Looked[]>([])
  /** versions still to be looked over */
  const left = ref(0)
  const trouble = ref('')
  const worker = new Worker(new URL('./reviewWorker.ts', import.meta.url), { type: 'module' })
  const reviewer = wrap<Reviewer>(worker)
  let turn = 0
  onScopeDispose(() => {
    turn++
    worker.terminate()
  })

  async function countsOf(documents: Documents, isWanted: () => boolean) {
    const site = documents.site as unknown as SiteDocument
    const content = (documents.content ?? emptyContent) as unknown as ContentDocument
    const found: Finding[] = mapFindings(mapFacts(site, content, newId))
    for (const { id } of reviewedPages(documents)) {
      if (!isWanted()) return undefined
      found.push(...(await reviewer.page(id, pageSources(documents, id), project.name, project.id)))
    }
    return severityCounts(sortFindings(found, site).open)
  }

  async function look() {
    const own = ++turn
    const isWanted = () => own === turn
    const versions = store.versions.slice(0, MOST).reverse()
    looked.value = []
    trouble.value = ''
    left.value = versions.length + 1
    try {
      for (const version of [...versions, undefined]) {
        const documents = version ? await store.documentsOf(version.id) : project.view.documents
        const count = await countsOf(documents, isWanted)
        if (!count || !isWanted()) return
        looked.value = [...looked.value, { name: version?.name ?? 'Now', at: version?.createdAt, count }]
        left.value--
      }
    } catch (error) {
      if (isWanted()) trouble.value = (error as Error).message
    }
  }
  watch(
    [() => store.versions, () => project.isLoaded],
    () => {
      if (project.isLoaded) void look()
    },
    { immediate: true },
  )
  return { looked, left, trouble }
}
