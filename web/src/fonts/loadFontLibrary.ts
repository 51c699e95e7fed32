import { BASE_FAMILIES, fontCatalogue, fontFileName, LAST_RESORT } from '@nolvex/core/text/fontCatalogue'
import { FontLibrary, type FontFile } from '@nolvex/core/text/fontLibrary'
import { familiesInUse, ownFonts, type OwnFont } from '@nolvex/core/style/families'
import type { StyleDocument } from '@nolvex/core/style/style'
import { assetAddress } from '../session/api'

/** What a library is made of: shipped families, and fonts of a project's own. */
export interface FontsWanted {
  families: readonly string[]
  own: OwnFont[]
  project: string
}

type Shipped = (typeof fontCatalogue)[number]

const files = new Map<string, Promise<FontFile>>()
const libraries = new Map<string, Promise<FontLibrary>>()

/** The fonts the pages of a guide are set in. @param project whose own fonts they may be */
export const fontsWanted = (style: Pick<StyleDocument, 'records'>, project: string): FontsWanted => ({
  families: familiesInUse(style),
  own: ownFonts(style),
  project,
})

/** Fonts with the shaper, each loaded once; in the page and in workers alike. Without more: those always needed. */
export function loadFontLibrary(
  { families, own, project }: FontsWanted = { families: BASE_FAMILIES, own: [], project: '' },
): Promise<FontLibrary> {
  const key = JSON.stringify([[...families].sort(), own])
  let library = libraries.get(key)
  if (!library) {
    const shipped = fontCatalogue.filter(({ family }) => families.includes(family)).map(shippedFont)
    libraries.set(key, (library = load([...shipped, ...own.map((font) => ownFont(font, project))])))
    // What did not load is asked for anew the next time.
    library.catch(() => libraries.delete(key))
  }
  return library
}

async function load(fonts: Promise<FontFile>[]): Promise<FontLibrary> {
  const [shaper, ...loaded] = await Promise.all([import('harfbuzzjs'), ...fonts])
  return new FontLibrary(shaper, loaded, LAST_RESORT)
}

const shippedFont = (font: Shipped) => fontFile(`/fonts/${fontFileName(font)}`, font)

/** A font of the project's own; what it is shaped by is checked on the server before it is stored. */
export const ownFont = ({ asset, ...font }: OwnFont, project: string) =>
  fontFile(assetAddress(project, asset), font)

/** Keeps a font that came with something that was opened, so that it need not be fetched. @param project as `fontsWanted` has it */
export function keepFont({ asset, ...font }: OwnFont, project: string, bytes: Uint8Array) {
  files.set(assetAddress(project, asset), Promise.resolve({ ...font, bytes }))
}

function fontFile(address: string, font: Omit<FontFile, 'bytes'>): Promise<FontFile> {
  let file = files.get(address)
  if (!file) {
    files.set(address, (file = fetchFont(address, font)))
    file.catch(() => files.delete(address))
  }
  return file
}

async function fetchFont(
  address: string,
  { family, weight, italic, setsByPairs }: Omit<FontFile, 'bytes'>,
): Promise<FontFile> {
  const response = await fetch(address)
  if (!response.ok) throw new Error(`The font ${family} did not load.`)
  return { family, weight, italic, setsByPairs, bytes: new Uint8Array(await response.arrayBuffer()) }
}
