import { wrap, type Remote } from 'comlink'
import type { Painted, PageTop, PicturePainter } from './pictureWorker'

let shared: Remote<PicturePainter> | undefined

/** One worker paints all pictures, one after another. */
function painter(): Remote<PicturePainter> {
  shared ??= wrap<PicturePainter>(
    new Worker(new URL('./pictureWorker.ts', import.meta.url), { type: 'module' }),
  )
  return shared
}

/** An SVG of a page at the width a band is drawn at. */
export const paintPicture = (page: Painted, band: string, width: number): Promise<string> =>
  painter().picture(page, band, width)

/** The top of a page, to be drawn in the page itself. @param until px */
export const paintTop = (page: Painted, band: string, width: number, until: number): Promise<PageTop> =>
  painter().top(page, band, width, until)
