import { strToU8, zipSync } from 'fflate'
import PdfDocument from 'pdfkit'
import { sheetSvg, type Mark, type Sheet } from '@nolvex/core/paint/sheet'
import { fontCatalogue } from '@nolvex/core/text/fontCatalogue'
import { shippedFontPath, shippedFonts } from '../fonts/shippedFonts'
import { fontFaces } from './embeddedFonts'
import { svgToPng } from './svgToPng'

/** Pixels for each point of a PNG: 192 to the inch, and a little over. */
const PNG_SCALE = 2

/** Sheets as a PDF of them all, or as a picture of each; several pictures come in a zip. */
export async function sheetFiles(
  sheets: Sheet[],
  file: 'pdf' | 'svg' | 'png',
  title: string,
): Promise<Uint8Array> {
  if (file === 'pdf') return pdfOf(sheets, title)
  const pictures = sheets.map((sheet) =>
    file === 'svg'
      ? strToU8(sheetSvg(sheet, stylesFor(sheet)))
      : svgToPng(sheetSvg(sheet), inPixels(sheet), PNG_SCALE),
  )
  if (pictures.length === 1) return pictures[0]
  return zipSync(Object.fromEntries(pictures.map((bytes, index) => [`sheet-${index + 1}.${file}`, bytes])), {
    level: 6,
  })
}

const isUsed = (
  sheet: Sheet,
  { family, weight, italic }: { family: string; weight: number; italic: boolean },
) =>
  !italic &&
  sheet.marks.some((mark) => mark.type === 'text' && mark.family === family && mark.weight === weight)

const stylesFor = (sheet: Sheet) => fontFaces(shippedFonts().filter((font) => isUsed(sheet, font)))

/** px for each point: an SVG's own unit is the CSS px. */
const inPixels = ({ width, height }: Sheet) => ({ width: (width * 4) / 3, height: (height * 4) / 3 })

/** Sheets as one PDF with its fonts embedded; words stay words. */
function pdfOf(sheets: Sheet[], title: string): Promise<Uint8Array> {
  const pdf = new PdfDocument({ autoFirstPage: false, info: { Title: title, Creator: 'Nolvex' } })
  for (const font of fontCatalogue)
    pdf.registerFont(fontName(font.family, font.weight, font.italic), shippedFontPath(font))
  for (const sheet of sheets) {
    pdf.addPage({ size: [sheet.width, sheet.height], margin: 0 })
    for (const mark of sheet.marks) drawMark(pdf, mark)
  }
  return new Promise((resolve, reject) => {
    const chunks: Buffer[] = []
    pdf.on('data', (chunk: Buffer) => chunks.push(chunk))
    pdf.on('end', () => resolve(Buffer.concat(chunks)))
    pdf.on('error', reject)
    pdf.end()
  })
}

const fontName = (family: string, weight: number, italic: boolean) =>
  `${family} ${weight}${italic ? ' italic' : ''}`

function drawMark(pdf: PDFKit.PDFDocument, mark: Mark) {
  switch (mark.type) {
    case 'rect':
      return drawRect(pdf, mark)
    case 'path':
      return void pdf.lineWidth(mark.width).path(mark.d).stroke(mark.stroke)
    case 'text':
      return void pdf
        .font(fontName(mark.family, mark.weight, false))
        .fontSize(mark.size)
        .fillColor(mark.colour)
        .text(mark.text, mark.x, mark.y, { baseline: 'alphabetic', lineBreak: false })
  }
}

function drawRect(pdf: PDFKit.PDFDocument, mark: Extract<Mark, { type: 'rect' }>) {
  const { x, y, width, height } = mark
  if (mark.fill) pdf.rect(x, y, width, height).fill(mark.fill)
  if (mark.hatched) drawHatch(pdf, mark)
  if (!mark.stroke) return
  pdf.lineWidth(0.6)
  if (mark.dashed) pdf.dash(3, { space: 2 })
  pdf.rect(x, y, width, height).stroke(mark.stroke)
  pdf.undash()
}

function drawHatch(pdf: PDFKit.PDFDocument, { x, y, width, height }: Extract<Mark, { type: 'rect' }>) {
  pdf.save().rect(x, y, width, height).clip().lineWidth(0.6)
  for (let at = x - height; at < x + width; at += 5) pdf.moveTo(at, y + height).lineTo(at + height, y)
  pdf.stroke('#c9c4b4').restore()
}
