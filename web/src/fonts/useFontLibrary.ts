import { createSharedComposable } from '@vueuse/core'
import { computed, shallowRef, watch } from 'vue'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import type { StyleDocument } from '@nolvex/core/style/style'
import type { FontLibrary } from '@nolvex/core/text/fontLibrary'
import { useProject } from '../session/projectStore'
import { fontsWanted, loadFontLibrary, ownFont, type FontsWanted } from './loadFontLibrary'

/** The fonts a style guide's pages are set in; another library as soon as it names another family. */
export function useFontsOf(style: () => StyleDocument) {
  const project = useProject()
  const library = shallowRef<FontLibrary>()
  const wanted = computed(() => JSON.stringify(fontsWanted(style(), project.id)))
  watch(
    wanted,
    async (now) => {
      const fonts = JSON.parse(now) as FontsWanted
      await registerOwnFonts(fonts)
      const loaded = await loadFontLibrary(fonts)
      if (wanted.value === now) library.value = loaded
    },
    { immediate: true },
  )
  return library
}

const registered = new Set<string>()

/** Makes a project's own fonts known to the page, from the files the shaper reads; one that is gone gives way to others. */
async function registerOwnFonts({ own, project }: FontsWanted) {
  for (const font of own) {
    if (registered.has(font.asset)) continue
    registered.add(font.asset)
    const { family, weight, italic, bytes } = await ownFont(font, project)
    const style = italic ? 'italic' : 'normal'
    document.fonts.add(new FontFace(family, bytes as BufferSource, { weight: String(weight), style }))
  }
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
