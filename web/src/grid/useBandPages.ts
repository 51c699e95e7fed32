import { computed, type Ref } from 'vue'
import { contentCarried, type ContentCarried } from '@nolvex/core/layout/contentCarried'
import type { PageLayout } from '@nolvex/core/layout/pageLayout'
import { bandsOf, PageResolver } from '@nolvex/core/resolve/resolvePage'
import { gridOfPage } from '@nolvex/core/site/pageGrid'
import type { BandGrid } from '@nolvex/core/grid/bandGrid'
import type { Band } from '@nolvex/core/site/site'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { keptLayouter, useFontLibrary } from '../fonts/useFontLibrary'
import { useProject } from '../session/projectStore'

/** A page as one band shows it, at the width the band is drawn at. */
export interface BandPage {
  band: Band
  grid: BandGrid
  layout: PageLayout
  carried: ContentCarried
}

/** A page laid out at every band, kept up with every change. */
export function useBandPages(page: Ref<string | undefined>) {
  const project = useProject()
  const library = useFontLibrary()
  const kept = new Map<string, { resolver: PageResolver; layouter: ReturnType<typeof keptLayouter> }>()

  return computed((): BandPage[] => {
    const { value: fonts } = library
    const id = page.value
    if (!fonts || !id) return []
    const sources = project.sources(id)
    return bandsOf(project.site).inOrder.map((band) => {
      const own = kept.get(band.id) ?? { resolver: new PageResolver(), layouter: keptLayouter() }
      kept.set(band.id, own)
      const tree = own.resolver.resolve(sources, band.id)
      const layout = own.layouter(fonts).layout(tree, { ...usualEnvironment, viewportWidth: band.drawnAt })
      const grid = gridOfPage(project.site.records, id, band.id)
      return { band, grid, layout, carried: contentCarried(layout) }
    })
  })
}
