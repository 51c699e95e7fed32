import { wrap } from 'comlink'
import type { MainColour } from '@nolvex/core/colour/mainColours'
import type { ColourFinder } from './colourWorker'

let finder: ReturnType<typeof wrap<ColourFinder>> | undefined

/** The main colours of a picture file, found away from the page's own thread. @throws Error for what is no picture */
export async function picturesColours(file: Blob, most = 6): Promise<MainColour[]> {
  finder ??= wrap<ColourFinder>(new Worker(new URL('./colourWorker.ts', import.meta.url), { type: 'module' }))
  return finder(file, most)
}
