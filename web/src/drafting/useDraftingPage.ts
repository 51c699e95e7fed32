import { inject } from 'vue'
import { draftingPage, type DraftingPage } from './usePage'

/** The page being drawn, from within the drafting view. */
export function useDraftingPage(): DraftingPage {
  const page = inject(draftingPage)
  if (!page) throw new Error('This part works only within the drafting view.')
  return page
}
