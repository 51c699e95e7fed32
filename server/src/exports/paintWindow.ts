import { Resvg } from '@resvg/resvg-js'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { marksBetween, PagePainter } from '@nolvex/core/paint/pagePainter'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { PAINTED_WIDE, type PaintWindow } from '@nolvex/core/review/hierarchy/orderFindings'
import { resvgFonts } from './svgToPng'

/** Paints what is seen of a page at once. @param pictures data addresses by asset id */
export const windowPainter =
  (pictures: Record<string, string>): PaintWindow =>
  (layout, { top, height }) => {
    const painter = new PagePainter(finishedFinish, ({ asset }) => (asset ? pictures[asset] : undefined))
    const svg = pictureSvg({
      ...{ width: layout.width, height: top + height, unit: 'px', title: 'Page' },
      ground: finishedFinish.colour(layout.ground, 'ground', layout.ground),
      marks: marksBetween(painter.sections(layout), top, top + height),
    })
    const fitTo = { mode: 'width' as const, value: PAINTED_WIDE }
    const { pixels, width, height: tall } = new Resvg(svg, { fitTo, font: resvgFonts() }).render()
    const skipped = Math.round((top * tall) / (top + height))
    return Promise.resolve({ width, height: tall - skipped, data: pixels.subarray(skipped * width * 4) })
  }
