import { gridSheet, type GridSheetOptions } from '@nolvex/core/paint/gridSheet'
import type { SiteDocument } from '@nolvex/core/site/site'
import { shippedFontLibrary } from '../fonts/shippedFonts'
import type { GridExport } from './jobModel'
import { sheetFiles } from './sheetFiles'

/** Everything a grid sheet is rendered from. */
export interface GridInput extends GridExport {
  title: string
  site: SiteDocument
  agreed?: GridSheetOptions['agreed']
}

/** Renders the grid sheet for the developer. */
export function renderGrid(input: GridInput): Promise<Uint8Array> {
  const sheet = gridSheet(input.site.records, shippedFontLibrary(), input)
  return sheetFiles([sheet], input.file, sheet.title)
}
