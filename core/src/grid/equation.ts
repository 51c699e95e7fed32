import { bandGridSchema, gridAt, type BandGrid } from './bandGrid'
import {
  ImpossibleGrid,
  nearestWholePixelGrids,
  solveColumns,
  type ColumnGrid,
  type ColumnUnknown,
  type WholePixelGrid,
} from './columnGrid'

/** A figure of a band's equation. Unequal margins are two. */
export type GridFigure = 'columns' | 'columnWidth' | 'gutter' | 'margin' | 'marginRight'

/** Figures in the order in which they give way. */
const GIVING_WAY = ['columnWidth', 'margin', 'gutter', 'columns'] as const
export type GridUnknown = (typeof GIVING_WAY)[number]

const rounded = (value: number) => Math.round(value * 10_000) / 10_000

/** The figure that is solved when another is typed: the first that is neither typed nor held. */
export function givesWay(held: ReadonlySet<GridFigure>, typed?: GridFigure): GridUnknown | undefined {
  const isTyped = (figure: GridUnknown) =>
    figure === typed || (figure === 'margin' && typed === 'marginRight')
  return GIVING_WAY.find((figure) => !held.has(figure) && !isTyped(figure))
}

/**
 * The grid of a band after one figure was typed, the first that is not held solved at the width the band is drawn at.
 * Margins give way alike. What margins take beyond the band's own is taken from its content width.
 * @param width px the band is drawn at
 * @throws ImpossibleGrid with the figure to change
 */
export function typeFigure(
  band: BandGrid,
  width: number,
  figure: GridFigure,
  value: number,
  held: ReadonlySet<GridFigure> = new Set(),
): BandGrid {
  if (!Number.isFinite(value)) throw new ImpossibleGrid('Type a number.', asUnknown(figure))
  const unknown = givesWay(held, figure)
  if (!unknown)
    throw new ImpossibleGrid('All other figures are held, so that none can give way: let one go.', 'columns')
  const typed = withFigure(band, gridAt(band, width), figure, value)
  const movesMargin = unknown === 'margin' || figure === 'margin' || figure === 'marginRight'
  return checked(fromColumns(band, solve(typed, unknown), movesMargin), width)
}

const asUnknown = (figure: GridFigure): ColumnUnknown => (figure === 'marginRight' ? 'margin' : figure)

function withFigure(band: BandGrid, grid: ColumnGrid, figure: GridFigure, value: number): ColumnGrid {
  if (figure === 'marginRight') return { ...grid, marginRight: value }
  if (figure !== 'margin') return { ...grid, [figure]: value }
  return { ...grid, marginLeft: value, marginRight: hasTwoMargins(band) ? grid.marginRight : value }
}

const hasTwoMargins = ({ margin, marginRight }: BandGrid) =>
  marginRight !== undefined && marginRight !== margin

/** Margins that give way keep their difference; columns give way only where a whole number of them fits. */
function solve(grid: ColumnGrid, unknown: GridUnknown): ColumnGrid {
  if (unknown === 'margin') {
    const difference = (grid.marginRight - grid.marginLeft) / 2
    const solved = solveColumns(grid, 'margin')
    const [left, right] = [solved.marginLeft - difference, solved.marginLeft + difference]
    if (left < 0 || right < 0)
      throw new ImpossibleGrid('The margins would be negative: lower the columns or the gutter.', 'columns')
    return { ...solved, marginLeft: left, marginRight: right }
  }
  if (unknown !== 'columns') return solveColumns(grid, unknown)
  const solved = solveColumns(grid, 'columns')
  if (Math.abs(solved.columnWidth - grid.columnWidth) > 0.005)
    throw new ImpossibleGrid(
      `${solved.columns} columns fit with something left over: let the column width, a margin or the gutter go.`,
      'columns',
    )
  return solved
}

/**
 * The grid with another content width, or none.
 * @throws ImpossibleGrid when it cannot be
 */
export function withContentWidth(band: BandGrid, width: number, value: number | undefined): BandGrid {
  const next = { ...band }
  delete next.contentWidth
  if (value === undefined) return checked(next, width)
  if (!(value > 0)) throw new ImpossibleGrid('A content width is more than nothing.', 'margin')
  return checked({ ...next, contentWidth: value }, width)
}

/** The grid with columns of a set width, as they are now, or with columns that grow with the page. */
export function withColumns(band: BandGrid, width: number, kind: 'fixed' | 'fluid'): BandGrid {
  const next = { ...band }
  const { columnWidth, marginLeft, marginRight } = gridAt(band, width)
  delete next.columnWidth
  delete next.contentWidth
  if (kind === 'fixed') return { ...next, columnWidth: rounded(columnWidth) }
  return { ...next, contentWidth: rounded(width - marginLeft - marginRight) }
}

/** The grid with one margin for both sides, or a right one of its own. */
export function withMargins(band: BandGrid, kind: 'alike' | 'own'): BandGrid {
  const next = { ...band }
  delete next.marginRight
  return kind === 'alike' ? next : { ...next, marginRight: band.marginRight ?? band.margin }
}

/** A band's grid from solved columns. @param movesMargin the margins are no longer what they were */
function fromColumns(band: BandGrid, solved: ColumnGrid, movesMargin: boolean): BandGrid {
  const { columns, gutter, columnWidth, marginLeft, marginRight, width } = solved
  const next: BandGrid = { ...band, columns, gutter: rounded(gutter) }
  if (band.columnWidth !== undefined) next.columnWidth = rounded(columnWidth)
  if (!movesMargin) return next
  const takesRest = band.contentWidth !== undefined || band.columnWidth !== undefined
  if (!takesRest) {
    next.margin = rounded(marginLeft)
    if (band.marginRight !== undefined) next.marginRight = rounded(marginRight)
    return next
  }
  if (band.contentWidth !== undefined) next.contentWidth = rounded(width - marginLeft - marginRight)
  return { ...next, ...marginsWithin(band, marginLeft, marginRight) }
}

/** The band's own margins where the page leaves more beside its content: at most what there is, their difference kept. */
function marginsWithin(
  band: BandGrid,
  left: number,
  right: number,
): Pick<BandGrid, 'margin' | 'marginRight'> {
  if (band.marginRight === undefined) return { margin: Math.min(band.margin, rounded(left)) }
  const least = Math.min(left, right, band.margin, band.marginRight)
  return {
    margin: rounded(least + left - Math.min(left, right)),
    marginRight: rounded(least + right - Math.min(left, right)),
  }
}

/** A figure written without solving, for a grid that cannot be as it stands. @throws ImpossibleGrid */
export function writeFigure(band: BandGrid, figure: GridFigure, value: number): BandGrid {
  return withinLimits({ ...band, [figure]: value })
}

function checked(band: BandGrid, width: number): BandGrid {
  gridAt(band, width)
  return withinLimits(band)
}

/** What a document would refuse is said here, with the figure to change. */
function withinLimits(band: BandGrid): BandGrid {
  const read = bandGridSchema.safeParse(band)
  if (read.success) return read.data
  const [figure] = read.error.issues[0].path
  const least = figure === 'gutter' || String(figure).startsWith('margin') ? 0 : 1
  throw new ImpossibleGrid(
    figure === 'columns'
      ? 'The number of columns is a whole number from 1 to 100.'
      : `The ${FIGURE_WORDS[String(figure)] ?? 'figure'} is a length from ${least} to 4000 px.`,
    figure === 'columns' || figure === 'gutter' || figure === 'columnWidth' ? figure : 'margin',
  )
}

const FIGURE_WORDS: Record<string, string> = {
  gutter: 'gutter',
  margin: 'margin',
  marginRight: 'right margin',
  columnWidth: 'column width',
  contentWidth: 'content width',
}

/** The whole-pixel grids nearest to a band's, as grids of the band. */
export function wholePixelBands(
  band: BandGrid,
  width: number,
): (Pick<WholePixelGrid, 'changed'> & { band: BandGrid; columnWidth: number })[] {
  return nearestWholePixelGrids(gridAt(band, width)).map(({ changed, grid }) => ({
    changed,
    band: fromColumns(band, grid, changed === 'margin'),
    columnWidth: Math.round(grid.columnWidth),
  }))
}
