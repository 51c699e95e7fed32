import { fontCatalogue, fontFileName, LAST_RESORT } from '@nolvex/core/text/fontCatalogue'
import { FontLibrary, type FontFile } from '@nolvex/core/text/fontLibrary'

let library: Promise<FontLibrary> | undefined

/** The shipped fonts with the shaper, loaded once; in the page and in workers alike. */
export function loadFontLibrary(): Promise<FontLibrary> {
  library ??= load()
  return library
}

async function load(): Promise<FontLibrary> {
  const [shaper, ...files] = await Promise.all([import('harfbuzzjs'), ...fontCatalogue.map(fetchFont)])
  return new FontLibrary(shaper, files, LAST_RESORT)
}

async function fetchFont(font: (typeof fontCatalogue)[number]): Promise<FontFile> {
  const response = await fetch(`/fonts/${fontFileName(font)}`)
  if (!response.ok) throw new Error(`The font ${font.family} did not load.`)
  const { family, weight, italic, setsByPairs } = font
  return { family, weight, italic, setsByPairs, bytes: new Uint8Array(await response.arrayBuffer()) }
}
