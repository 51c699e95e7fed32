import { createSharedComposable } from '@vueuse/core'
import { ref } from 'vue'

/** What the boxes over a page are tinted by. */
export const TINTED_BY = { depth: 'how deep they stand', shows: 'what they hold' } as const

/** How the boxes of a page are shown over it while its skeleton is looked at. */
export const useSkeleton = createSharedComposable(() => ({
  by: ref<keyof typeof TINTED_BY>('depth'),
  /** boxes no deeper than this; all without */
  deepest: ref<number>(),
  /** only those that hold this */
  shows: ref<string>(),
  /** so many of them from the top, while one goes through them one by one; all without */
  upTo: ref<number>(),
}))
