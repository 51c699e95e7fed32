import { computed } from 'vue'
import type { Page } from '@nolvex/core/site/page'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import { useMap } from '../map/mapStore'
import { useReview } from '../review/useReview'
import { useProject } from '../session/projectStore'

interface ContentCount {
  all: number
  final: number
  missing: number
}

/** A page in the Ledger: where it stands in the tree, and how far its content is. */
export interface LedgerRow {
  id: string
  page: Page
  depth: number
  content: ContentCount
  findings: number
}

/** The pages of the project in the map's order, with what is known of each. */
export function useLedgerRows() {
  const project = useProject()
  const map = useMap()
  const { countByPage } = useReview()

  const content = computed(() => {
    const counts = new Map<string, ContentCount>()
    for (const { page, state } of Object.values(project.content.records.items)) {
      if (!page) continue
      const count = counts.get(page) ?? { all: 0, final: 0, missing: 0 }
      count.all++
      if (state === 'final') count.final++
      if (state === 'missing') count.missing++
      counts.set(page, count)
    }
    return counts
  })

  return computed((): LedgerRow[] =>
    pagesInOrder(map.pages)
      .filter(({ page }) => page.kind !== 'external')
      .map(({ page, depth }) => ({
        id: page.id,
        page,
        depth,
        content: content.value.get(page.id) ?? { all: 0, final: 0, missing: 0 },
        findings: countByPage.value.get(page.id) ?? 0,
      })),
  )
}
