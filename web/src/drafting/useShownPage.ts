import { computed } from 'vue'
import { environmentOf } from '@nolvex/core/layout/pageFont'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { marksBetween, PagePainter } from '@nolvex/core/paint/pagePainter'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { PageResolver, type PageSources, type ShownAs } from '@nolvex/core/resolve/resolvePage'
import { keptLayouter, useFontLibrary } from '../fonts/useFontLibrary'
import { pictureAddress } from '../session/api'
import { useProject } from '../session/projectStore'

/** A page that is only looked at: what is shown, at which band and width, and how far down. */
export interface ShownPage {
  sources: PageSources
  band: string
  /** px */
  width: number
  until?: number
}

/** A page laid out and painted anew with every change, where nobody draws on it. */
export function useShownPage(shown: () => ShownPage | undefined, as: ShownAs = 'mockup') {
  const project = useProject()
  const library = useFontLibrary()
  const resolver = new PageResolver({ withHidden: false, as })
  const layouter = keptLayouter()
  const painter = new PagePainter(as === 'mockup' ? finishedFinish : plainFinish, (picture) =>
    pictureAddress(project.id, picture),
  )
  const layout = computed(() => {
    const page = shown()
    if (!library.value || !page) return undefined
    const { rootSize } = project.site.records.settings.site
    return layouter(library.value).layout(resolver.resolve(page.sources, page.band), {
      ...environmentOf(rootSize),
      viewportWidth: page.width,
    })
  })
  const groups = computed(() =>
    layout.value ? marksBetween(painter.sections(layout.value), 0, shown()?.until ?? Infinity) : [],
  )
  return { layout, groups }
}
