import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import type { PartState } from '@nolvex/core/block/partState'
import { statesOfPage } from '@nolvex/core/edit/pageStateChanges'
import type { Moment } from '@nolvex/core/resolve/resolvePage'
import { USUAL_STATE } from '@nolvex/core/site/pageState'
import { useProject } from '../session/projectStore'

/** What a page is shown in: one of its own states, and the state of what is selected. */
export function useMoment(page: Ref<string>) {
  const project = useProject()
  const pageState = ref(USUAL_STATE)
  const pageStates = computed(() => statesOfPage(project.site.records, page.value))
  watch(page, () => (pageState.value = USUAL_STATE))
  watch(pageStates, (all) => {
    if (!all.includes(pageState.value)) pageState.value = USUAL_STATE
  })
  /** what is selected is shown in it, and what is changed of its looks counts in it alone */
  const blockState = ref<PartState>()
  /** instances that are selected */
  const held = shallowRef<string[]>([])
  const moment = computed((): Moment => {
    const { value: state } = blockState
    return {
      pageState: pageState.value,
      inStates: state && Object.fromEntries(held.value.map((key) => [key, state])),
    }
  })
  return { pageState, pageStates, blockState, held, moment }
}

export type PageMoment = ReturnType<typeof useMoment>
