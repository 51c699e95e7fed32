import { computed, onScopeDispose } from 'vue'
import { homePage } from '@nolvex/core/site/address'
import { useProject } from '../session/projectStore'
import { useStages } from '../stages/useStages'

/** The page somebody who has the project open is drawing on; the home page until then. */
export function useFollowedPage() {
  const project = useProject()
  const { isDrawn, drawable } = useStages()
  // Whoever hears of somebody new says where they are at once.
  project.beAt({ document: 'site', selected: [] })
  onScopeDispose(() => project.beAt(null))

  const isPage = (id: string) => project.site.records.pages[id] !== undefined && isDrawn(id)
  return computed((): string | undefined => {
    const drawnOn = project.others.map(({ where }) => where.document).findLast(isPage)
    const home = homePage(project.site.records.pages)?.id
    return drawnOn ?? (home && isPage(home) ? home : drawable.value.find(({ id }) => isDrawn(id))?.id)
  })
}
