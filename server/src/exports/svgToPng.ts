import { Resvg } from '@resvg/resvg-js'
import { fontCatalogue } from '@nolvex/core/text/fontCatalogue'
import { shippedFontPath } from '../fonts/shippedFonts'

const MOST_PIXELS = 100_000_000

/**
 * A drawing as a PNG, set in the shipped fonts.
 * @param scale pixels for each px
 * @throws Error when it would be too large
 */
export function svgToPng(svg: string, scale: number): Uint8Array {
  const renderer = new Resvg(svg, {
    fitTo: { mode: 'zoom', value: scale },
    font: {
      loadSystemFonts: false,
      fontFiles: fontCatalogue.map(shippedFontPath),
      defaultFontFamily: 'Public Sans',
    },
  })
  if (renderer.width * renderer.height * scale > MOST_PIXELS) {
    throw new Error('This is too large for a PNG of this size. Take it at 1x, or as SVG.')
  }
  return renderer.render().asPng()
}
