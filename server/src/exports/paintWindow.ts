import { Resvg } from '@resvg/resvg-js'
import sharp from 'sharp'
import type { PageLayout } from '@nolvex/core/layout/pageLayout'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { PagePainter } from '@nolvex/core/paint/pagePainter'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { PAINTED_WIDE, type PaintedHow, type PaintWindow } from '@nolvex/core/review/hierarchy/orderFindings'
import type { PageWindow } from '@nolvex/core/review/hierarchy/judgedBlocks'
import type { Pixels } from '@nolvex/core/review/hierarchy/pixels'
import { withoutWords } from '@nolvex/core/vector/mark'
import type { PackAsset } from './packPages'
import { resvgFonts } from './svgToPng'

/** px a picture is wide at most where only its colours count */
const SMALL = 480

/** Paints what is seen of a page at once. */
export function windowPainter(assets: PackAsset[]): PaintWindow {
  let pictures: Promise<Record<string, string>> | undefined
  // Several windows of a page are asked for one after another.
  let last: { layout: PageLayout; key: string; page: PaintedPage } | undefined
  return async (layout, window, how = {}) => {
    const key = JSON.stringify(how)
    if (last?.layout !== layout || last.key !== key) {
      pictures ??= smallPictures(assets)
      last = { layout, key, page: wholePage(layout, how, await pictures) }
    }
    return windowOf(last.page, layout, window)
  }
}

interface PaintedPage {
  pixels: Uint8Array
  width: number
  height: number
}

/** Pictures as data addresses by id. What cannot be read is left out: what stands beside it counts all the same. */
async function smallPictures(assets: PackAsset[]): Promise<Record<string, string>> {
  const found: Record<string, string> = {}
  for (const { id, type, bytes } of assets) {
    if (!type.startsWith('image/')) continue
    const small = sharp(bytes).autoOrient().resize({ width: SMALL, withoutEnlargement: true }).png()
    const shown = await small.toBuffer().catch(() => undefined)
    if (shown) found[id] = `data:image/png;base64,${shown.toString('base64')}`
  }
  return found
}

function windowOf(
  { pixels, width, height: tall }: PaintedPage,
  layout: PageLayout,
  window: PageWindow,
): Pixels {
  const scale = width / layout.width
  const from = Math.min(tall - 1, Math.round(window.top * scale))
  const until = Math.min(tall, Math.max(from + 1, Math.round((window.top + window.height) * scale)))
  return { width, height: until - from, data: pixels.subarray(from * width * 4, until * width * 4) }
}

/** A page is painted whole: resvg ends the process at a shadow that lies just outside of what it paints. */
function wholePage(
  layout: PageLayout,
  { wide = PAINTED_WIDE, withoutWords: isBare }: PaintedHow,
  pictures: Record<string, string>,
): PaintedPage {
  const painter = new PagePainter(finishedFinish, ({ asset }) => (asset ? pictures[asset] : undefined))
  const marks = painter.sections(layout).map(({ painted: section }) => section.group)
  const svg = pictureSvg({
    ...{ width: layout.width, height: Math.max(1, layout.height), unit: 'px', title: 'Page' },
    ground: finishedFinish.colour(layout.ground, 'ground', layout.ground),
    marks: isBare ? withoutWords(marks) : marks,
  })
  const rendered = new Resvg(svg, { fitTo: { mode: 'width', value: wide }, font: resvgFonts() }).render()
  const { pixels, width, height } = rendered
  return { pixels, width, height }
}
