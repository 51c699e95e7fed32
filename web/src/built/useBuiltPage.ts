import { computed, nextTick, ref, shallowRef, watch, type Ref } from 'vue'
import { builtDifferences, type BuiltDifference } from '@nolvex/core/review/built/builtDifferences'
import { drawnParts } from '@nolvex/core/review/built/drawnParts'
import { bandsOf, resolvePage } from '@nolvex/core/resolve/resolvePage'
import { familiesInUse } from '@nolvex/core/style/families'
import type { FontLibrary } from '@nolvex/core/text/fontLibrary'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { keptLayouter, useFontLibrary } from '../fonts/useFontLibrary'
import { openPage, type OpenedPage, type PageFont } from '../found/layOutPage'
import type { PageFiles } from '../found/readPageFiles'
import { useProject } from '../session/projectStore'
import { builtFonts } from './builtFonts'
import { readBuiltParts } from './readBuiltParts'

/** What differs at a band, and how high the built page is there. */
export interface BuiltAtBand {
  differences: BuiltDifference[]
  /** px */
  height: number
}

/** A built page beside its drawing: laid out at every band in a frame, and compared there. */
export function useBuiltPage(page: Ref<string | undefined>, frame: Ref<HTMLIFrameElement | undefined>) {
  const project = useProject()
  const library = useFontLibrary()
  const layouter = keptLayouter()
  const files = shallowRef<PageFiles>()
  const found = shallowRef<ReadonlyMap<string, BuiltAtBand>>(new Map())
  const isReading = ref(false)
  const trouble = ref('')
  const bands = computed(() => bandsOf(project.site))
  const band = ref(bands.value.lead)
  const width = computed(() => bands.value.inOrder.find(({ id }) => id === band.value)?.drawnAt ?? 1440)
  let opened: OpenedPage | undefined
  let turn = 0

  /** Reads a page, and lays it out at every band. */
  async function open(chosen: PageFiles) {
    files.value = chosen
    await compare()
  }

  async function compare() {
    const own = ++turn
    const { value: fonts } = library
    if (!files.value || !page.value || !fonts) return
    isReading.value = true
    trouble.value = ''
    await nextTick()
    try {
      const { value: shown } = files
      const { value: into } = frame
      if (!into) return
      opened = await openPage(into, shown, width.value, (css) => fontsFor(css, shown, fonts))
      if (own !== turn) return
      found.value = new Map(bands.value.inOrder.map(({ id, drawnAt }) => [id, atBand(id, drawnAt, fonts)]))
    } catch (error) {
      if (own === turn) trouble.value = (error as Error).message
    }
    if (own !== turn) return
    if (frame.value) frame.value.style.width = `${width.value}px`
    isReading.value = false
  }

  function atBand(id: string, drawnAt: number, fonts: FontLibrary): BuiltAtBand {
    if (!opened || !page.value || !frame.value) return { differences: [], height: 0 }
    frame.value.style.width = `${drawnAt}px`
    const built = readBuiltParts(opened)
    const layout = layouter(fonts).layout(resolvePage(project.sources(page.value), id, 'mockup'), {
      ...usualEnvironment,
      viewportWidth: drawnAt,
    })
    const height = Math.max(300, ...built.map(({ y, h }) => y + h))
    return { differences: builtDifferences(drawnParts(layout), built), height }
  }

  /** Fonts the page brings, and those of the guide it names and does not bring. */
  function fontsFor(css: string[], shown: PageFiles, fonts: FontLibrary): PageFont[] {
    const own = builtFonts(css, shown)
    const brought = new Set(own.map(({ family }) => family))
    const missing = familiesInUse(project.style).filter((family) => !brought.has(family))
    const ours = missing.flatMap((family) =>
      fonts.filesOf(family).map(({ weight, italic, bytes }) => {
        return { family, weight: String(weight), style: italic ? 'italic' : 'normal', bytes }
      }),
    )
    return [...own, ...ours]
  }

  watch(width, (px) => {
    if (frame.value && opened) frame.value.style.width = `${px}px`
  })
  watch([page, () => project.view.documents, library], () => void compare())

  function close() {
    turn++
    files.value = undefined
    found.value = new Map()
    opened = undefined
  }
  return { files, found, isReading, trouble, bands, band, width, open, close }
}
