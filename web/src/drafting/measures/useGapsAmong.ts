import { computed } from 'vue'
import { distributeBlocks } from '@nolvex/core/snap/alignBlocks'
import { gapsAmong } from '@nolvex/core/snap/gapsAmong'
import type { TypedMeasure } from '../../forms/LengthInput.vue'
import type { DraftingPage } from '../usePage'

/** The gaps between several blocks that are selected, and making all of them as large as is typed. */
export function useGapsAmong(page: DraftingPage) {
  const among = computed(() => gapsAmong(page.selected.value))

  function typeGaps(typed: TypedMeasure) {
    if (!among.value || !typed || !('px' in typed)) return
    const { axis } = among.value
    page.arrange(
      'Make gaps equal',
      distributeBlocks(page.drawn.value, page.selected.value, axis, { gap: typed.px }),
    )
  }
  return { among, typeGaps }
}
