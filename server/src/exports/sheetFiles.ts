import { strToU8, zipSync } from 'fflate'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { leafMarks, type Picture } from '@nolvex/core/vector/mark'
import { fontsInUse } from '../fonts/fontsInUse'
import { fontFaces } from './embeddedFonts'
import { picturesPdf } from './pdfPicture'
import { svgToPng } from './svgToPng'

/** Pixels for each point of a PNG: 192 to the inch, and a little over. */
const PNG_SCALE = 2

/** Sheets as a PDF of them all, or as a picture of each; several pictures come in a zip. */
export async function sheetFiles(
  sheets: Picture[],
  file: 'pdf' | 'svg' | 'png',
  title: string,
): Promise<Uint8Array> {
  if (file === 'pdf') return picturesPdf(sheets, title)
  const pictures = sheets.map((sheet) =>
    file === 'svg'
      ? strToU8(pictureSvg(sheet, stylesFor(sheet)))
      : svgToPng(pictureSvg(sheet), inPixels(sheet), PNG_SCALE),
  )
  if (pictures.length === 1) return pictures[0]
  return zipSync(Object.fromEntries(pictures.map((bytes, index) => [`sheet-${index + 1}.${file}`, bytes])), {
    level: 6,
  })
}

/** The fonts a picture is set in, as CSS with the files in it. */
export function stylesFor({ marks }: Picture) {
  const used = new Set<string>()
  for (const mark of leafMarks(marks))
    if (mark.type === 'words') used.add(fontKey({ italic: false, ...mark }))
  return fontFaces(fontsInUse().filter((font) => used.has(fontKey(font))))
}

const fontKey = ({ family, weight, italic }: { family: string; weight: number; italic: boolean }) =>
  `${family} ${weight} ${italic}`

/** px for each point: an SVG's own unit is the CSS px. */
const inPixels = ({ width, height }: Picture) => ({ width: (width * 4) / 3, height: (height * 4) / 3 })
