import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import * as harfbuzz from 'harfbuzzjs'
import { fontCatalogue, LAST_RESORT, type ShippedFont } from '@nolvex/core/text/fontCatalogue'
import { FontLibrary, type FontFile } from '@nolvex/core/text/fontLibrary'

const require = createRequire(import.meta.url)

/** Where a shipped font lies on this machine. */
export const shippedFontPath = (font: ShippedFont): string => require.resolve(`${font.package}/${font.file}`)

/** A font with where its file lies. */
export interface FontOnDisk extends FontFile {
  path: string
}

let shipped: FontOnDisk[] | undefined

/** The shipped fonts with their bytes, read once. */
export function shippedFonts(): FontOnDisk[] {
  shipped ??= fontCatalogue.map((font) => {
    const { family, weight, italic, setsByPairs } = font
    const path = shippedFontPath(font)
    return { family, weight, italic, setsByPairs, path, bytes: new Uint8Array(readFileSync(path)) }
  })
  return shipped
}

/** The shipped fonts, and a project's own, ready to shape. */
export function fontLibraryWith(own: FontFile[] = []): FontLibrary {
  return new FontLibrary(harfbuzz, [...shippedFonts(), ...own], LAST_RESORT)
}

/** The shipped fonts ready to shape. */
export const shippedFontLibrary = (): FontLibrary => fontLibraryWith()
