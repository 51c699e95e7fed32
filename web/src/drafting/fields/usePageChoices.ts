import { computed } from 'vue'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import { useProject } from '../../session/projectStore'

/** How far a choice is pushed in for each level of the tree. */
export const STEP = '\u2003'

/** The pages of the map as a list to choose from, by id, pushed in as deep as they stand. */
export function usePageChoices() {
  const project = useProject()
  return computed(() =>
    pagesInOrder(project.site.records.pages).map(({ page, depth }): [string, string] => [
      page.id,
      `${STEP.repeat(depth)}${page.title || 'Untitled'}`,
    ]),
  )
}
