import { proxy, wrap } from 'comlink'
import type { ArtworkScene } from '@nolvex/core/resolve/artworkScene'
import type { FinalOptions } from './finalPicture'
import type { PictureRenderer } from './pictureWorker'

/** Renders a picture away from the page's own thread. @returns nothing where it was stopped */
export async function renderedPicture(
  scene: ArtworkScene,
  options: FinalOptions,
  tell: (done: number) => boolean,
): Promise<Blob | undefined> {
  const worker = new Worker(new URL('./pictureWorker.ts', import.meta.url), { type: 'module' })
  try {
    return await wrap<PictureRenderer>(worker)(scene, options, proxy(tell))
  } finally {
    worker.terminate()
  }
}
