import { mapSheets } from '@nolvex/core/paint/mapSheets'
import type { SiteDocument } from '@nolvex/core/site/site'
import { shippedFontLibrary } from '../fonts/shippedFonts'
import type { MapExport } from './jobModel'
import { sheetFiles } from './sheetFiles'

/** Everything a map is rendered from. */
export interface MapInput extends MapExport {
  title: string
  site: SiteDocument
}

/** Renders the map: a PDF of all sheets, or a picture of each; several pictures come in a zip. */
export function renderMap(input: MapInput): Promise<Uint8Array> {
  const sheets = mapSheets(input.site.records, shippedFontLibrary(), input)
  return sheetFiles(sheets, input.file, input.title)
}
