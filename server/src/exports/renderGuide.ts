import { strToU8, zipSync } from 'fflate'
import { guideHtml, type BrandFile } from '@nolvex/core/formats/guideHtml'
import { guideSheets, type GuideSheetOptions, type GuideSources } from '@nolvex/core/paint/guideSheets'
import { inOrder } from '@nolvex/core/document/tree'
import { cssSheet } from '@nolvex/core/text/cssWriter'
import { rootFontSize, usualEnvironment } from '@nolvex/core/units/environment'
import { fontLibraryInUse } from '../fonts/fontsInUse'
import type { GuideExport } from './jobModel'
import { sheetPictures } from './sheetPictures'
import { sheetFiles, stylesFor } from './sheetFiles'

/** Everything the sheets of a style guide are rendered from; files of the brand as data addresses by asset id. */
export interface GuideInput extends GuideExport, GuideSources {
  title: string
  approved?: GuideSheetOptions['approved']
  pictures: Record<string, string>
}

/** Renders the style guide: on sheets of paper, or as a zip with one page that needs nothing else. */
export async function renderGuide(input: GuideInput): Promise<Uint8Array> {
  const { file, title, style, site, pictures } = input
  const shown = await sheetPictures(pictures)
  const fileAddress = (asset: string) => shown[asset]
  const sheets = guideSheets(input, fontLibraryInUse(), { ...input, fileAddress })
  if (file !== 'html') return sheetFiles(sheets, file, `${title}: style guide`)
  const { rootSize = 100 } = site.records.settings.site
  const html = guideHtml({
    ...{ title, style, sheets },
    fonts: cssSheet([stylesFor({ ...sheets[0], marks: sheets.flatMap(({ marks }) => marks) })]),
    brand: brandFiles(input, pictures),
    root: rootFontSize({ ...usualEnvironment, rootSize }),
  })
  return zipSync({ 'style-guide.html': strToU8(html) })
}

function brandFiles({ style }: GuideSources, pictures: Record<string, string>): BrandFile[] {
  return inOrder(Object.values(style.records.marks)).flatMap((mark) => {
    const address = mark.file.asset && pictures[mark.file.asset]
    if (!address) return []
    const ending = /^data:image\/(\w+)/.exec(address)?.[1] ?? 'png'
    const fileName = `${mark.name.replace(/[^\p{L}\p{N} ._-]+/gu, '-')}.${ending}`
    return [{ mark, fileName, address }]
  })
}
