import { PageLayouter, type PageLayout } from '../../layout/pageLayout'
import type { PageSources } from '../../resolve/pageSources'
import { bandsOf, PageResolver, type ShownAs } from '../../resolve/resolvePage'
import type { Band } from '../../site/site'
import { overlayAt } from '../../site/overlay'
import type { ColourSet } from '../../style/token'
import type { FontLibrary } from '../../text/fontLibrary'
import { usualEnvironment } from '../../units/environment'

/**
 * The width a page is laid out in, px: that of the viewport. What an overlay leaves of it is taken away as a scroll bar
 * would be: bands and vw still go by the viewport.
 */
export function widthOf(
  { site }: Pick<PageSources, 'site'>,
  page: string,
  band: string,
  viewportWidth: number,
) {
  const overlay = site.records.overlays[page]
  if (!overlay) return { viewportWidth }
  const { width } = overlayAt(overlay, bandsOf(site), band, viewportWidth)
  return { viewportWidth, scrollBar: viewportWidth - width }
}

/** One way a page is laid out, with what the last time left. */
interface Kept {
  resolver: PageResolver
  layouter: PageLayouter
}

/**
 * Lays a page out at the widths its bands are drawn at, again and again: what did not change since is neither resolved
 * nor laid out anew. A layout is good until the next of the same band, showing and set.
 */
export class KeptLayouts {
  private kept = new Map<string, Kept>()

  constructor(private library: FontLibrary) {}

  layout(sources: PageSources, { id, drawnAt }: Band, as: ShownAs, set: ColourSet = 'light'): PageLayout {
    const { resolver, layouter } = this.keptFor(`${id} ${as} ${set}`, as, set)
    const environment = { ...usualEnvironment, ...widthOf(sources, sources.drawing.id, id, drawnAt) }
    return layouter.layout(resolver.resolve(sources, id), environment)
  }

  private keptFor(way: string, as: ShownAs, set: ColourSet): Kept {
    let kept = this.kept.get(way)
    if (!kept) {
      const resolver = new PageResolver({ withHidden: false, withStates: as === 'mockup', as, set })
      this.kept.set(way, (kept = { resolver, layouter: new PageLayouter(this.library) }))
    }
    return kept
  }
}
