import { createGlobalState } from '@vueuse/core'
import { ref } from 'vue'

/** Ways to look at a page that leave out what one reads and show what stands out. */
export const SEEN_AS = { drawn: 'as drawn', squint: 'squinting', grey: 'in greys' } as const
export type SeenAs = keyof typeof SEEN_AS

/** How the page that is drawn is looked at. */
export const useSeenAs = createGlobalState(() => ({ seenAs: ref<SeenAs>('drawn') }))
