import { gridAt, type BandGrid } from './bandGrid'
import {
  ImpossibleGrid,
  nearestWholePixelGrids,
  solveColumns,
  type ColumnGrid,
  type WholePixelGrid,
} from './columnGrid'

/** A figure of a band's grid that can be typed. */
export type GridFigure = 'columns' | 'columnWidth' | 'gutter' | 'margin' | 'contentWidth'

/** The figure that gives way when another is typed. */
export type GridUnknown = 'columnWidth' | 'gutter' | 'margin'

const rounded = (value: number) => Math.round(value * 10_000) / 10_000

/**
 * The grid of a band after one figure was typed, the unknown one solved at the width the band is drawn at.
 * A column width is no value of a band, whose columns are fluid: typing it moves the margin or the gutter.
 * With a content width the margin is what the page leaves beside it, so that solving for the margin gives the content
 * width instead.
 * @param width px the band is drawn at
 * @throws ImpossibleGrid with the figure to change
 */
export function typeFigure(
  band: BandGrid,
  width: number,
  figure: GridFigure,
  value: number | undefined,
  unknown: GridUnknown,
): BandGrid {
  if (figure === 'contentWidth') return withContentWidth(band, width, value)
  if (value === undefined || !Number.isFinite(value)) throw new ImpossibleGrid('Type a number.', figure)
  const typed: ColumnGrid = { ...gridAt(band, width) }
  if (figure === 'margin') typed.marginLeft = typed.marginRight = value
  else typed[figure] = value
  const givesWay = figure === unknown ? otherUnknown(figure) : unknown
  const movesMargin = figure === 'margin' || givesWay === 'margin'
  return checked(fromColumns(band, solveColumns(typed, givesWay), movesMargin), width)
}

/** What is solved when the figure that is usually solved is typed itself. */
const otherUnknown = (figure: GridFigure): GridUnknown =>
  figure === 'columnWidth' ? 'margin' : 'columnWidth'

function withContentWidth(band: BandGrid, width: number, value: number | undefined): BandGrid {
  if (value === undefined) {
    const without = { ...band }
    delete without.contentWidth
    return checked(without, width)
  }
  if (!(value > 0)) throw new ImpossibleGrid('A content width is more than nothing.', 'margin')
  return checked({ ...band, contentWidth: value }, width)
}

/** A band's grid from solved columns. @param movesMargin the margin is no longer what it was */
function fromColumns(
  band: BandGrid,
  { columns, gutter, marginLeft, width }: ColumnGrid,
  movesMargin: boolean,
): BandGrid {
  const next: BandGrid = { ...band, columns, gutter: rounded(gutter) }
  if (!movesMargin) return next
  if (band.contentWidth === undefined) return { ...next, margin: rounded(marginLeft) }
  return {
    ...next,
    contentWidth: rounded(width - 2 * marginLeft),
    margin: Math.min(band.margin, rounded(marginLeft)),
  }
}

function checked(band: BandGrid, width: number): BandGrid {
  gridAt(band, width)
  return band
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
