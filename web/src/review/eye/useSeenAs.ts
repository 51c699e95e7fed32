import { createGlobalState } from '@vueuse/core'
import { ref, shallowRef } from 'vue'

/** Ways to look at a page that leave out what one reads and show what stands out. */
export const SEEN_AS = {
  drawn: 'as drawn',
  squint: 'squinting',
  grey: 'in greys',
  heat: 'what stands out, as warmth',
} as const
export type SeenAs = keyof typeof SEEN_AS

/** What stands out by its pixels alone, as a picture over the first window of the page. */
export interface HeatPicture {
  address: string
  /** px of the page it lies over */
  width: number
  height: number
}

/** How the page that is drawn is looked at. */
export const useSeenAs = createGlobalState(() => ({
  seenAs: ref<SeenAs>('drawn'),
  heat: shallowRef<HeatPicture>(),
}))
