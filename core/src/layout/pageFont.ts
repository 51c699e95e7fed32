import { rootFontSize, usualEnvironment, type Environment, type FontMeasures } from '../units/environment'
import { PAGE_FAMILY } from '../text/fontCatalogue'
import type { FontLibrary } from '../text/fontLibrary'
import { advanceAt, cachedSize } from '../text/fontMetrics'

/** The usual environment with a root font size, in %. */
export function environmentOf(rootSize = 100): Environment {
  return { ...usualEnvironment, rootSize }
}

/**
 * What em, ex and ch stand for where no text has been set, px: the page's own font at the root's size.
 * @param size px, where it is another
 */
export function pageFontMeasures(
  library: FontLibrary,
  environment: Environment,
  size = rootFontSize(environment),
): FontMeasures {
  const { metrics } = library.face({ family: PAGE_FAMILY, weight: 400, italic: false })
  return {
    size,
    xHeight: (metrics.xHeight * size) / metrics.unitsPerEm,
    zeroAdvance: advanceAt(metrics, metrics.zeroAdvance, cachedSize(size)),
  }
}
