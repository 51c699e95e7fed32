/**
 * A column grid, all lengths in px.
 * `between`: gutters stand between columns, W = 2m + n*c + (n-1)*g.
 * `shared`: each column has half a gutter at both sides, W = 2m + n*(c + g).
 */
export interface ColumnGrid {
  width: number
  columns: number
  columnWidth: number
  gutter: number
  marginLeft: number
  marginRight: number
  gutters: 'between' | 'shared'
}

export type ColumnUnknown = 'width' | 'columns' | 'columnWidth' | 'gutter' | 'margin'

/** A grid that cannot be, with the figure to change. */
export class ImpossibleGrid extends Error {
  constructor(
    message: string,
    readonly figure: ColumnUnknown,
  ) {
    super(message)
  }
}

/** How many gutters a grid has. */
export const gutterCount = ({ columns, gutters }: Pick<ColumnGrid, 'columns' | 'gutters'>) =>
  gutters === 'between' ? columns - 1 : columns

/**
 * Solves a column grid for one figure from the others (its own value is ignored).
 * Margins solved for are equal. A number of columns is the most that fit; what is left goes to the column width.
 * @throws ImpossibleGrid when a figure would be negative or nothing fits
 */
export function solveColumns(grid: ColumnGrid, unknown: ColumnUnknown): ColumnGrid {
  const { width, columns, columnWidth, gutter, marginLeft, marginRight } = grid
  checkFigures(grid, unknown)
  const margins = marginLeft + marginRight
  const gutterSum = gutterCount(grid) * gutter
  switch (unknown) {
    case 'width':
      return { ...grid, width: margins + columns * columnWidth + gutterSum }
    case 'columnWidth': {
      const solved = (width - margins - gutterSum) / columns
      if (solved <= 0)
        throw new ImpossibleGrid(
          'Margins and gutters leave no room for columns: lower one of them.',
          'gutter',
        )
      return { ...grid, columnWidth: solved }
    }
    case 'gutter': {
      if (gutterCount(grid) === 0) return { ...grid, gutter: 0 }
      const solved = (width - margins - columns * columnWidth) / gutterCount(grid)
      if (solved < 0)
        throw new ImpossibleGrid('The columns are wider than the page: lower their width.', 'columnWidth')
      return { ...grid, gutter: solved }
    }
    case 'margin': {
      const solved = (width - columns * columnWidth - gutterSum) / 2
      if (solved < 0)
        throw new ImpossibleGrid('The columns are wider than the page: lower their width.', 'columnWidth')
      return { ...grid, marginLeft: solved, marginRight: solved }
    }
    case 'columns':
      return withMostColumns(grid)
  }
}

function withMostColumns(grid: ColumnGrid): ColumnGrid {
  const { width, columnWidth, gutter, marginLeft, marginRight, gutters } = grid
  const room = width - marginLeft - marginRight + (gutters === 'between' ? gutter : 0)
  const columns = Math.floor(room / (columnWidth + gutter) + 1e-9)
  if (columns < 1) throw new ImpossibleGrid('Not one column fits: lower the margins.', 'margin')
  return solveColumns({ ...grid, columns }, 'columnWidth')
}

function checkFigures(grid: ColumnGrid, unknown: ColumnUnknown) {
  const { width, columns, columnWidth, gutter, marginLeft, marginRight } = grid
  if (unknown !== 'width' && !(width > 0))
    throw new ImpossibleGrid('The page needs a width above 0.', 'width')
  if (unknown !== 'columns' && !(Number.isInteger(columns) && columns > 0 && columns <= 100)) {
    throw new ImpossibleGrid('The number of columns is a whole number from 1 to 100.', 'columns')
  }
  if (unknown !== 'gutter' && !(gutter >= 0))
    throw new ImpossibleGrid('A gutter cannot be negative.', 'gutter')
  if (unknown !== 'margin' && !(marginLeft >= 0 && marginRight >= 0)) {
    throw new ImpossibleGrid('A margin cannot be negative.', 'margin')
  }
  const needsColumnWidth = unknown !== 'columnWidth'
  if (needsColumnWidth && !(columnWidth > 0))
    throw new ImpossibleGrid('A column needs a width above 0.', 'columnWidth')
}

/** Left edge (px from the page's left) and width of a run of columns. `start` counts from 1. */
export function columnSpan(grid: ColumnGrid, start: number, span: number): { left: number; width: number } {
  const inset = grid.gutters === 'shared' ? grid.gutter / 2 : 0
  const left = grid.marginLeft + inset + (start - 1) * (grid.columnWidth + grid.gutter)
  return { left, width: span * grid.columnWidth + (span - 1) * grid.gutter }
}

/** All columns of a grid as left edge and width, px. */
export function columnPositions(grid: ColumnGrid): { left: number; width: number }[] {
  return Array.from({ length: grid.columns }, (_, index) => columnSpan(grid, index + 1, 1))
}

/** A grid whose columns are whole pixels, and the figure that was moved to get there. */
export interface WholePixelGrid {
  changed: 'gutter' | 'margin'
  grid: ColumnGrid
}

const WHOLE = 1e-6
const isWhole = (value: number) => Math.abs(value - Math.round(value)) < WHOLE

/** Whether columns, gutter and margins are whole pixels. */
export function isWholePixel({ columnWidth, gutter, marginLeft, marginRight }: ColumnGrid): boolean {
  return [columnWidth, gutter, marginLeft, marginRight].every(isWhole)
}

/** How far, px, a figure is moved in search of whole pixels. */
const FARTHEST = 64

/**
 * The nearest grids of whole pixels: the margins or the gutter made smaller or larger by as little as possible, with
 * the page's width and the number of columns kept. Nearest first; empty when the grid is whole already.
 */
export function nearestWholePixelGrids(grid: ColumnGrid): WholePixelGrid[] {
  if (isWholePixel(grid)) return []
  const found: (WholePixelGrid & { distance: number })[] = []
  for (const changed of ['margin', 'gutter'] as const) {
    for (const direction of [-1, 1]) {
      for (let distance = direction === 1 ? 1 : 0; distance <= FARTHEST; distance++) {
        const near = moved(grid, changed, direction * distance)
        if (!near) continue
        found.push({ changed, grid: near, distance })
        break
      }
    }
  }
  return found.sort((a, b) => a.distance - b.distance)
}

function moved(grid: ColumnGrid, changed: 'gutter' | 'margin', move: number): ColumnGrid | undefined {
  const next =
    changed === 'gutter'
      ? { ...grid, gutter: Math.round(grid.gutter) + move }
      : {
          ...grid,
          marginLeft: Math.round(grid.marginLeft) + move,
          marginRight: Math.round(grid.marginRight) + move,
        }
  try {
    const solved = solveColumns(next, 'columnWidth')
    return isWholePixel(solved) ? solved : undefined
  } catch {
    return undefined
  }
}
