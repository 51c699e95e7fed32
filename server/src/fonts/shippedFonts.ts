import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import * as harfbuzz from 'harfbuzzjs'
import { fontCatalogue, LAST_RESORT, type ShippedFont } from '@nolvex/core/text/fontCatalogue'
import { FontLibrary, type FontFile } from '@nolvex/core/text/fontLibrary'

const require = createRequire(import.meta.url)

/** Where a shipped font lies on this machine. */
export const shippedFontPath = (font: ShippedFont): string => require.resolve(`${font.package}/${font.file}`)

let files: FontFile[] | undefined

/** The shipped fonts with their bytes, read once. */
export function shippedFonts(): FontFile[] {
  files ??= fontCatalogue.map((font) => {
    const { family, weight, italic, setsByPairs } = font
    return { family, weight, italic, setsByPairs, bytes: new Uint8Array(readFileSync(shippedFontPath(font))) }
  })
  return files
}

/** The shipped fonts ready to shape. */
export function shippedFontLibrary(): FontLibrary {
  return new FontLibrary(harfbuzz, shippedFonts(), LAST_RESORT)
}
