import { createSharedComposable } from '@vueuse/core'
import { ref } from 'vue'

/** The page alone: no lines over it, no panels beside it, nothing of the application but the page. */
export const usePresentation = createSharedComposable(() => ({ isAlone: ref(false) }))
