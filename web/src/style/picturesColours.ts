import { wrap } from 'comlink'
import type { ColourFinder, FoundColours } from './colourWorker'

let finder: ReturnType<typeof wrap<ColourFinder>> | undefined

/** The main colours of a picture file, found away from the page's own thread. @throws Error for what is no picture */
export async function picturesColours(file: Blob, most = 6): Promise<FoundColours> {
  finder ??= wrap<ColourFinder>(new Worker(new URL('./colourWorker.ts', import.meta.url), { type: 'module' }))
  return finder(file, most)
}
