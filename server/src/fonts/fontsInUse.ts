import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { FontLibrary } from '@nolvex/core/text/fontLibrary'
import { fontLibraryWith, shippedFonts, type FontOnDisk } from './shippedFonts'

/** A font of a project's own, as it lies in the folder of an export. */
export interface OwnFontFile {
  family: string
  weight: number
  italic: boolean
  file: string
}

/** An export runs in a process of its own: what it is given stands beside the shipped fonts until its end. */
let own: FontOnDisk[] = []

/** Makes a project's own fonts known to everything this process renders. */
export function useOwnFonts(folder: string, files: OwnFontFile[]) {
  own = files.map(({ family, weight, italic, file }) => {
    const path = join(folder, file)
    return { family, weight, italic, path, bytes: new Uint8Array(readFileSync(path)) }
  })
}

/** All fonts this process renders with. */
export const fontsInUse = (): FontOnDisk[] => [...shippedFonts(), ...own]

/** All of them ready to shape. */
export const fontLibraryInUse = (): FontLibrary => fontLibraryWith(own)
