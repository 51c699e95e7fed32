import { createSharedComposable } from '@vueuse/core'
import { computed, shallowRef, watch } from 'vue'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { familiesInUse } from '@nolvex/core/style/families'
import type { StyleDocument } from '@nolvex/core/style/style'
import type { FontLibrary } from '@nolvex/core/text/fontLibrary'
import { useProject } from '../session/projectStore'
import { loadFontLibrary } from './loadFontLibrary'

/** The fonts a style guide's pages are set in; another library as soon as it names another family. */
export function useFontsOf(style: () => StyleDocument) {
  const library = shallowRef<FontLibrary>()
  const families = computed(() => familiesInUse(style()).join())
  watch(
    families,
    async (wanted) => {
      const loaded = await loadFontLibrary(wanted.split(','))
      if (families.value === wanted) library.value = loaded
    },
    { immediate: true },
  )
  return library
}

/** The fonts the open project is set in. */
export const useFontLibrary = createSharedComposable(() => {
  const project = useProject()
  return useFontsOf(() => project.style)
})

/** A layouter that keeps what it measured, made anew where the fonts are others. */
export function keptLayouter(): (library: FontLibrary) => PageLayouter {
  let made: { library: FontLibrary; layouter: PageLayouter } | undefined
  return (library) => {
    if (made?.library !== library) made = { library, layouter: new PageLayouter(library) }
    return made.layouter
  }
}
