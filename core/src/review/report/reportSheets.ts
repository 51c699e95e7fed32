import { PAPERS, type PaperName } from '../../paint/paper'
import { sheetPicture } from '../../paint/sheet'
import { HAIRLINE, Pen, SOFT } from '../../paint/sheetPen'
import type { FontLibrary } from '../../text/fontLibrary'
import type { Picture } from '../../vector/mark'
import { SEVERITIES, type Severity } from '../finding'
import { countWords, type ReportEntry, type ReviewReport } from './reviewReport'

/** pt of the margins, of a sheet's head, between entries and between the words and their picture */
const [MARGIN, HEAD, GAP, BESIDE] = [36, 40, 16, 24]
/** pt of the words beside a picture, and that a picture is high at most */
const [WORDS, MOST_HIGH] = [300, 190]
const COLOURS: Record<Severity, string> = { serious: '#a13d2d', fair: '#8a5a0b', slight: '#56625d' }

/** The report on sheets of paper: each finding with its place beside it. Lengths in points. */
export function reportSheets(report: ReviewReport, library: FontLibrary, paperName: PaperName): Picture[] {
  const paper = PAPERS[paperName]
  const sheets: Pen[] = []
  let y = Infinity
  const bottom = paper.height - MARGIN
  const room = paper.width - 2 * MARGIN
  const begin = () => {
    const pen = new Pen(library)
    pen.text(MARGIN, MARGIN + 10, `${report.title}: review`, { size: 13, weight: 700 }, room - 100)
    pen.text(paper.width - MARGIN - 90, MARGIN + 10, report.date, { size: 9, colour: SOFT }, 90)
    sheets.push(pen)
    y = MARGIN + HEAD
    if (sheets.length > 1) return
    y += pen.paragraph(MARGIN, y, countWords(report), { size: 11 }, room) + GAP
  }
  /** The sheet with room for so much; a new one where there is none. */
  const withRoom = (height: number): Pen => {
    if (sheets.length === 0 || y + height > bottom) begin()
    return sheets[sheets.length - 1]
  }
  withRoom(0)
  for (const { title, entries } of report.groups)
    entries.forEach((entry, index) => {
      const height = heightOf(entry, library, room)
      const heading = index === 0 ? 26 : 0
      const pen = withRoom(height + heading)
      if (index === 0) pen.text(MARGIN, y + 10, title, { size: 12, weight: 700 }, room)
      y += heading
      drawEntry(pen, entry, y, room)
      y += height + GAP
    })
  report.left.forEach(({ says, reason }, index) => {
    const trial = new Pen(library)
    const words = `${says} ${reason}`
    const height = trial.paragraph(MARGIN, 0, words, { size: 9 }, room)
    const heading = index === 0 ? 26 : 0
    const pen = withRoom(height + heading)
    if (index === 0)
      pen.text(MARGIN, y + 10, 'Left as it is, with the reason', { size: 12, weight: 700 }, room)
    y += heading
    y += pen.paragraph(MARGIN, y + 8, words, { size: 9 }, room) + 6
  })
  return sheets.map((pen, index) => {
    const number = `${index + 1} of ${sheets.length}`
    pen.text(paper.width - MARGIN - 40, paper.height - MARGIN + 14, number, { size: 8, colour: SOFT })
    return sheetPicture(paper, `${report.title}: review, ${number}`, pen.marks)
  })
}

/** pt of a picture beside its words. */
function placeFrame({ place }: ReportEntry, room: number): { width: number; height: number } | undefined {
  if (!place) return undefined
  const widest = room - WORDS - BESIDE
  const scale = Math.min(widest / place.width, MOST_HIGH / place.height, 0.75)
  return { width: place.width * scale, height: place.height * scale }
}

const heightOf = (entry: ReportEntry, library: FontLibrary, room: number): number =>
  Math.max(drawEntry(new Pen(library), entry, 0, room), placeFrame(entry, room)?.height ?? 0)

/** Draws an entry from a height on. @returns pt its words take */
function drawEntry(pen: Pen, entry: ReportEntry, top: number, room: number): number {
  const { severity, says, why, fix, place } = entry
  const frame = placeFrame(entry, room)
  const wide = frame ? WORDS : room
  let y = top + 8
  pen.text(MARGIN, y, SEVERITIES[severity], { size: 8, weight: 700, colour: COLOURS[severity] })
  y += 14
  y += pen.paragraph(MARGIN, y, says, { size: 10, weight: 700 }, wide)
  y += pen.paragraph(MARGIN, y + 2, why, { size: 9, colour: SOFT }, wide)
  if (fix) y += pen.paragraph(MARGIN, y + 4, `What mends it: ${fix}.`, { size: 9 }, wide)
  if (frame && place) {
    const at = { x: MARGIN + WORDS + BESIDE, y: top, ...frame }
    pen.image(at, place.address)
    pen.box(at, { stroke: HAIRLINE })
  }
  return y - top + 4
}
