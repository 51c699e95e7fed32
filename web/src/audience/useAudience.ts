import { createSharedComposable } from '@vueuse/core'
import { computed } from 'vue'
import type { Json, Operation } from '@nolvex/core/document/types'
import { histogram, totalVisits, visitsBy, type ViewportSize } from '@nolvex/core/viewport/audience'
import { sharePerBand } from '@nolvex/core/site/bandShares'
import { cutText } from '@nolvex/core/text/cutText'
import { useProject } from '../session/projectStore'

const NOBODY: ViewportSize[] = []

/** The project's audience, and what follows from it. */
export const useAudience = createSharedComposable(() => {
  const project = useProject()
  const record = computed(() => project.site.records.audience.audience)
  const sizes = computed(() => record.value?.sizes ?? NOBODY)
  const total = computed(() => totalVisits(sizes.value))
  const byWidth = computed(() => visitsBy(sizes.value, 'width'))
  const byHeight = computed(() => visitsBy(sizes.value, 'height'))
  /** visits in steps of 40 px of width, for the width rail */
  const steps = computed(() => histogram(byWidth.value, 40))
  const perBand = computed(() => sharePerBand(sizes.value, Object.values(project.site.records.bands)))

  function set(found: ViewportSize[], source: string) {
    const fields: { sizes: Json; source: string } = {
      sizes: found as unknown as Json,
      source: cutText(source, 200),
    }
    const operations: Operation[] = record.value
      ? (['sizes', 'source'] as const).map((field) => {
          return { type: 'set', collection: 'audience', id: 'audience', path: [field], value: fields[field] }
        })
      : [{ type: 'put', collection: 'audience', id: 'audience', record: { id: 'audience', ...fields } }]
    project.changeSite('Set the audience', operations)
  }
  const clear = () =>
    project.changeSite('Take the audience away', [{ type: 'remove', collection: 'audience', id: 'audience' }])

  return { record, sizes, total, byWidth, byHeight, steps, perBand, set, clear }
})

/** A share in per cent, as precisely as it means something. */
export const percent = (share: number) =>
  `${share >= 0.1 || share === 0 ? Math.round(share * 100) : Math.round(share * 1000) / 10} %`
