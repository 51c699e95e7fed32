import { bandsOf, PageResolver } from '../../resolve/resolvePage'
import type { PageSources } from '../../resolve/pageSources'
import type { FontLibrary } from '../../text/fontLibrary'
import { widthOf } from '../drawing/keptLayouts'
import { pageUnder, sourcesUnder, textZoomOf, type Condition } from './conditions'
import { sweeping, type TroubleRange } from './sweepPage'

/**
 * Sweeps a page as a mockup under a condition, in steps between which other work may go first.
 * @param most widths laid out in one go
 */
export function sweepUnder(
  sources: PageSources,
  condition: Condition,
  library: FontLibrary,
  most?: number,
): Generator<undefined, TroubleRange[]> {
  const filled = sourcesUnder(sources, condition)
  const resolver = new PageResolver({ withHidden: false, as: 'mockup' })
  const resolve = (band: string) => pageUnder(resolver.resolve(filled, band), condition)
  const environment = (band: string, width: number) => ({
    ...widthOf(sources, sources.drawing.id, band, width),
    textZoom: textZoomOf(condition),
  })
  return sweeping({ library, bands: bandsOf(sources.site).inOrder, resolve, environment }, most)
}
