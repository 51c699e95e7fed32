import { inOrder } from '../document/tree'
import { bandsInOrder } from '../grid/band'
import { gridAt, troubleOf, type BandGrid } from '../grid/bandGrid'
import { columnPositions } from '../grid/columnGrid'
import { equationWords } from '../grid/equationWords'
import { rowHeight } from '../grid/rowGrid'
import { gridProperties } from '../grid/gridProperties'
import type { Band, SiteRecords } from '../site/site'
import type { FontLibrary } from '../text/fontLibrary'
import { PAPERS, type PaperName } from './paper'
import type { Picture } from '../vector/mark'
import { sheetPicture } from './sheet'
import { HAIRLINE, Pen, PINE, SOFT, type Ink, type Room } from './sheetPen'

export interface GridSheetOptions {
  paper: PaperName
  title: string
  /** printed in the foot, ISO 8601 */
  date: string
  /** by whom and when it was agreed */
  agreed?: { by: string[]; at: string; changedSince: boolean }
}

const MARGIN = 32
const COLUMN = '#d7e3de'

/**
 * The grid on one sheet for the developer: every band drawn to one scale with its equation and figures, the custom
 * properties it becomes, and questions with their answers. Lengths in points.
 */
export function gridSheet(site: SiteRecords, library: FontLibrary, options: GridSheetOptions): Picture {
  const { width, height } = PAPERS[options.paper]
  const bands = bandsInOrder(Object.values(site.bands))
  const questions = inOrder(Object.values(site.gridQuestions))
  const pen = new Pen(library)
  pen.text(MARGIN, MARGIN + 12, `${options.title}: column grid`, { size: 17, weight: 700 })
  pen.text(MARGIN, MARGIN + 28, agreementWords(options), { size: 9, colour: SOFT }, width - 2 * MARGIN)
  const foot = questions.length ? Math.min(height * 0.3, 22 + questions.length * 25) : 0
  const room = {
    x: MARGIN,
    y: MARGIN + 42,
    width: width - 2 * MARGIN,
    height: height - 2 * MARGIN - 42 - foot - 14,
  }
  drawBands(pen, site, bands, room)
  drawQuestions(pen, questions, { ...room, y: room.y + room.height + 8, height: foot })
  pen.text(MARGIN, height - MARGIN + 8, `Lengths in px · ${options.date}`, { size: 8, colour: SOFT })
  return sheetPicture({ width, height }, `${options.title}: column grid`, pen.marks)
}

function agreementWords({ agreed }: GridSheetOptions): string {
  if (!agreed) return 'Not agreed yet.'
  const since = agreed.changedSince ? ' It has changed since.' : ''
  return `Agreed by ${agreed.by.join(', ')} on ${agreed.at.slice(0, 10)} (unverified).${since}`
}

/** Bands below one another: at the left drawn to scale, at the right their figures. */
function drawBands(pen: Pen, site: SiteRecords, bands: Band[], room: Room) {
  const each = Math.min(150, room.height / bands.length)
  const scale = (room.width * 0.52) / Math.max(...bands.map(({ drawnAt }) => drawnAt))
  bands.forEach((band, index) => {
    const own = { ...room, y: room.y + index * each, height: each - 10 }
    const end = bands[index + 1]?.from
    const isLead = site.settings.site.lead === band.id
    pen.box({ ...own, y: own.y - 4, height: 0.6 }, { fill: HAIRLINE })
    drawBand(pen, band, own, scale)
    drawFigures(
      pen,
      band,
      { isLead, end },
      { ...own, x: room.x + room.width * 0.55, width: room.width * 0.45 },
    )
  })
}

function drawBand(pen: Pen, { grid, drawnAt }: Band, room: Room, scale: number) {
  const page = { x: room.x, y: room.y + 4, width: drawnAt * scale, height: Math.max(12, room.height - 18) }
  pen.box(page, { fill: '#ffffff', stroke: '#858173' })
  if (troubleOf(grid, drawnAt)) return
  for (const { left, width } of columnPositions(gridAt(grid, drawnAt)))
    pen.box({ ...page, x: page.x + left * scale, width: width * scale }, { fill: COLUMN })
  pen.text(page.x, page.y + page.height + 9, `${drawnAt} px`, { size: 7, colour: SOFT })
}

function drawFigures(
  pen: Pen,
  band: Band,
  { isLead, end }: { isLead: boolean; end: number | undefined },
  room: Room,
) {
  const { name, from, drawnAt, grid } = band
  const range = end === undefined ? `from ${from}` : `${from} to ${end - 1}`
  const equation = troubleOf(grid, drawnAt) ?? equationWords(grid, drawnAt)
  const lines: [string, Ink][] = [
    [`${name}${isLead ? ' (lead)' : ''}, ${range}`, { size: 10, weight: 700 }],
    [equation, { size: 10, weight: 700, colour: PINE }],
    ...wrapped(furtherFigures(grid), 2, '; ').map((line): [string, Ink] => [line, { size: 8 }]),
    ...wrapped(
      [...gridProperties(grid)].map(([property, value]) => `${property}: ${value}`),
      3,
    ).map((line): [string, Ink] => [line, { size: 7.5, colour: SOFT }]),
  ]
  const step = Math.min(14, room.height / lines.length)
  lines.forEach(([text, ink], index) => pen.text(room.x, room.y + 12 + index * step, text, ink, room.width))
}

function furtherFigures(grid: BandGrid): string[] {
  const { contentWidth, columnWidth, gutters, rows, baseline } = grid
  const found = [
    columnWidth === undefined ? 'columns grow with the page' : `columns stay ${columnWidth}`,
    contentWidth === undefined ? '' : `content at most ${contentWidth}`,
    gutters === 'shared' ? 'half a gutter at each side of a column' : '',
    rows
      ? `${rows.rows} rows of ${Math.round(rowHeight(rows) * 100) / 100} in ${rows.height}, gutter ${rows.gutter}`
      : '',
    baseline ? `baseline every ${baseline.step}` : '',
  ]
  return found.filter(Boolean)
}

/** Words joined to lines of so many. */
function wrapped(words: string[], each: number, between = '; '): string[] {
  const count = Math.ceil(words.length / each)
  return Array.from({ length: count }, (_, line) => words.slice(line * each, (line + 1) * each).join(between))
}

function drawQuestions(pen: Pen, questions: { text: string; answer?: string; by?: string }[], room: Room) {
  if (questions.length === 0) return
  pen.text(room.x, room.y + 8, 'Questions and answers', { size: 10, weight: 700 })
  const shown = Math.min(questions.length, Math.floor((room.height - 14) / 25))
  questions.slice(0, shown).forEach(({ text, answer, by }, index) => {
    const y = room.y + 22 + index * 25
    pen.text(room.x, y, text, { size: 8.5 }, room.width)
    const words = answer ? `${answer}${by ? ` (${by})` : ''}` : 'not answered yet'
    pen.text(room.x + 12, y + 11, words, { size: 8.5, colour: answer ? PINE : SOFT }, room.width - 12)
  })
  if (shown < questions.length)
    pen.text(room.x + 140, room.y + 8, `and ${questions.length - shown} more in the project`, {
      size: 8,
      colour: SOFT,
    })
}
