import { guideSheets, type GuideSheetOptions, type GuideSources } from '@nolvex/core/paint/guideSheets'
import { fontLibraryInUse } from '../fonts/fontsInUse'
import type { GuideExport } from './jobModel'
import { sheetFiles } from './sheetFiles'

/** Everything the sheets of a style guide are rendered from. */
export interface GuideInput extends GuideExport, GuideSources {
  title: string
  approved?: GuideSheetOptions['approved']
}

/** Renders the style guide on sheets of paper. */
export function renderGuide(input: GuideInput): Promise<Uint8Array> {
  const sheets = guideSheets(input, fontLibraryInUse(), input)
  return sheetFiles(sheets, input.file, `${input.title}: style guide`)
}
