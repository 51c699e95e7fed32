import { computed } from 'vue'
import { PageResolver } from '@nolvex/core/resolve/resolvePage'
import { unfinished } from '@nolvex/core/review/mockup/unfinished'
import { useProject } from '../session/projectStore'
import { useDraftingPage } from './useDraftingPage'

/** What the page still lacks to be a mockup, as its lead band has it. */
export function useUnfinished() {
  const project = useProject()
  const page = useDraftingPage()
  const resolver = new PageResolver({ withHidden: false, as: 'mockup' })
  return computed(() => {
    const resolved = resolver.resolve(project.sources(page.page.value), page.bands.value.lead)
    return unfinished(resolved, project.view.documents, page.page.value)
  })
}
