import { Resvg } from '@resvg/resvg-js'
import { fontsInUse } from '../fonts/fontsInUse'
import { Problem } from '../http/problem'

/** Pixels of a PNG: each takes four bytes while it is drawn, and as much again while it is packed. */
export const MOST_PNG_PIXELS = 80_000_000

/** The fonts of drawings, and no others. */
export const resvgFonts = () => ({
  loadSystemFonts: false,
  fontFiles: fontsInUse().map(({ path }) => path),
  defaultFontFamily: 'Public Sans',
})

/**
 * A drawing as a PNG, set in the shipped fonts and the project's own.
 * @param size of the drawing, px
 * @param scale pixels for each px, both ways
 * @throws Problem when it would be too large
 */
export function svgToPng(svg: string, size: { width: number; height: number }, scale: number): Uint8Array {
  const pixels = Math.ceil(size.width * scale) * Math.ceil(size.height * scale)
  if (pixels > MOST_PNG_PIXELS) {
    const instead = scale > 1 ? 'Take it at 1x, or as SVG.' : 'Take it as SVG, or at a smaller size.'
    throw new Problem(
      422,
      `This would be a PNG of ${Math.round(pixels / 1e6)} megapixels, more than ${MOST_PNG_PIXELS / 1e6}. ${instead}`,
    )
  }
  const renderer = new Resvg(svg, {
    fitTo: { mode: 'zoom', value: scale },
    font: resvgFonts(),
  })
  return renderer.render().asPng()
}
