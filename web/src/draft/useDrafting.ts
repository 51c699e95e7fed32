import { ref } from 'vue'
import { draftPages } from '@nolvex/core/draft/draftPages'
import type { DraftSources } from '@nolvex/core/draft/planPage'
import type { Page } from '@nolvex/core/site/page'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'

/** ms of work after which the page gets a turn */
const SLICE = 30

/** Drawing pages from the map: slice by slice, with what is done so far, until it is done or broken off. */
export function useDrafting() {
  const project = useProject()
  /** pages drawn so far, of how many; nothing while nothing is drawn */
  const progress = ref<{ done: number; of: number }>()
  let isStopped = false

  const sources = (): DraftSources => ({
    site: project.site,
    content: project.content,
    style: project.style,
    name: project.name,
  })

  /** @returns whether the pages were drawn; broken off, nothing is changed */
  async function draft(pages: Page[]): Promise<boolean> {
    isStopped = false
    progress.value = { done: 0, of: pages.length }
    const making = draftPages(sources(), pages, newId)
    let begun = performance.now()
    let step = making.next()
    for (; !step.done && !isStopped; step = making.next()) {
      if (performance.now() - begun < SLICE) continue
      progress.value = { done: step.value, of: pages.length }
      await new Promise((resolve) => setTimeout(resolve))
      begun = performance.now()
    }
    progress.value = undefined
    if (!step.done) return false
    project.change(pages.length === 1 ? `Draft ${pages[0].title}` : `Draft ${pages.length} pages`, step.value)
    return true
  }

  return { progress, draft, stop: () => (isStopped = true), sources }
}
