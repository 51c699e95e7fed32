import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import * as harfbuzz from 'harfbuzzjs'
import type { BlockNode, PageNode } from '@nolvex/core/resolve/node'
import { fallbackFace, twinFamily, twinWeight, type FallbackFace } from '@nolvex/core/text/fallbackFace'
import { FontLibrary, type FontStyle } from '@nolvex/core/text/fontLibrary'
import { fontLibraryInUse } from './fontsInUse'

const require = createRequire(import.meta.url)

/** Faces as wide as the common ones of most computers. They are only measured, never offered nor sent along. */
const TWINS: [family: string, weight: number, path: string][] = [
  ['Arimo', 400, '@expo-google-fonts/arimo/400Regular/Arimo_400Regular.ttf'],
  ['Arimo', 700, '@expo-google-fonts/arimo/700Bold/Arimo_700Bold.ttf'],
  ['Tinos', 400, '@expo-google-fonts/tinos/400Regular/Tinos_400Regular.ttf'],
  ['Tinos', 700, '@expo-google-fonts/tinos/700Bold/Tinos_700Bold.ttf'],
]

let library: FontLibrary | undefined

/** The faces measured in place of a visitor's. */
export function twinLibrary(): FontLibrary {
  library ??= new FontLibrary(
    harfbuzz,
    TWINS.map(([family, weight, path]) => ({
      ...{ family, weight, italic: false },
      bytes: new Uint8Array(readFileSync(require.resolve(path))),
    })),
    'Arimo',
  )
  return library
}

/** What stands in for fonts of pages until they have come, measured on the words that are set in them. */
export function withFallbacks<Font extends FontStyle>(
  pages: PageNode[],
  fonts: Font[],
): (Font & { fallback?: FallbackFace })[] {
  const words = wordsByFamily(pages)
  return fonts.map((font) => ({ ...font, fallback: fallbackOf(font, words.get(font.family) ?? []) }))
}

/** What stands in for one face, measured on the texts set in it; nothing where all letters are of one width. */
export function fallbackOf(font: FontStyle, texts: readonly string[]): FallbackFace | undefined {
  const family = twinFamily(font.family)
  if (!family) return undefined
  const twin = twinLibrary().face({ family, weight: twinWeight(font.weight), italic: false })
  return fallbackFace(fontLibraryInUse().face(font), twin, texts)
}

/** Enough words of a family to tell how wide it runs. */
const MOST_TEXTS = 400

function wordsByFamily(pages: PageNode[]): Map<string, string[]> {
  const words = new Map<string, Set<string>>()
  const walk = ({ content, look, children }: BlockNode) => {
    const { family } = look.level
    const known = words.get(family) ?? new Set<string>()
    if (content.type === 'text' && known.size < MOST_TEXTS)
      for (const { text } of content.runs) known.add(text)
    words.set(family, known)
    children.forEach(walk)
  }
  for (const page of pages) page.children.forEach(walk)
  return new Map([...words].map(([family, texts]) => [family, [...texts]]))
}
