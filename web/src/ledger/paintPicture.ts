import { wrap, type Remote } from 'comlink'
import type { PageSources } from '@nolvex/core/resolve/resolvePage'
import type { PicturePainter } from './pictureWorker'

let shared: Remote<PicturePainter> | undefined

/** An SVG of a page at the width a band is drawn at. One worker paints all pictures, one after another. */
export function paintPicture(sources: PageSources, band: string, width: number): Promise<string> {
  shared ??= wrap<PicturePainter>(
    new Worker(new URL('./pictureWorker.ts', import.meta.url), { type: 'module' }),
  )
  return shared.picture(sources, band, width)
}
