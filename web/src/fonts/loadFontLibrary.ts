import { BASE_FAMILIES, fontCatalogue, fontFileName, LAST_RESORT } from '@nolvex/core/text/fontCatalogue'
import { FontLibrary, type FontFile } from '@nolvex/core/text/fontLibrary'

type Shipped = (typeof fontCatalogue)[number]

const files = new Map<Shipped, Promise<FontFile>>()
const libraries = new Map<string, Promise<FontLibrary>>()

/**
 * Shipped fonts with the shaper, each loaded once; in the page and in workers alike.
 * @param families those wanted beside the ones that are always needed
 */
export function loadFontLibrary(families: readonly string[] = []): Promise<FontLibrary> {
  const wanted = [...new Set([...BASE_FAMILIES, ...families])].sort()
  const key = wanted.join()
  let library = libraries.get(key)
  if (!library) libraries.set(key, (library = load(wanted)))
  // What did not load is asked for anew the next time.
  library.catch(() => libraries.delete(key))
  return library
}

async function load(families: string[]): Promise<FontLibrary> {
  const shipped = fontCatalogue.filter(({ family }) => families.includes(family))
  const [shaper, ...loaded] = await Promise.all([import('harfbuzzjs'), ...shipped.map(fontFile)])
  return new FontLibrary(shaper, loaded, LAST_RESORT)
}

function fontFile(font: Shipped): Promise<FontFile> {
  let file = files.get(font)
  if (!file) files.set(font, (file = fetchFont(font)))
  file.catch(() => files.delete(font))
  return file
}

async function fetchFont(font: Shipped): Promise<FontFile> {
  const response = await fetch(`/fonts/${fontFileName(font)}`)
  if (!response.ok) throw new Error(`The font ${font.family} did not load.`)
  const { family, weight, italic, setsByPairs } = font
  return { family, weight, italic, setsByPairs, bytes: new Uint8Array(await response.arrayBuffer()) }
}
