import { fittedColumn } from '../resolve/fittedColumn'

/** A child's wishes in a grid. Lines count from 1. */
export interface GridWish {
  column: { start?: number; span: number }
  row: { start?: number; span: number }
}

export interface GridCell {
  column: number
  columns: number
  row: number
  rows: number
}

/**
 * Places children in a grid of `tracks` columns in reading order; spans are cut to the
 * grid, and a start from which they would run past the last column is left out. A row counts only beside a column, else the browser would add columns.
 * @see CSS Grid Layout 2, section 8.5 (sparse packing, row flow)
 */
export function placeInGrid(wishes: GridWish[], tracks: number): GridCell[] {
  const taken = new Occupancy(tracks)
  const cells: (GridCell | undefined)[] = wishes.map((wish) => {
    const { start: column, span: columns } = fittedColumn(wish.column, tracks)
    return column && wish.row.start
      ? taken.take({ column, columns, row: wish.row.start, rows: wish.row.span })
      : undefined
  })
  placeRest(wishes, cells, tracks, taken)
  return cells as GridCell[]
}

function placeRest(wishes: GridWish[], cells: (GridCell | undefined)[], tracks: number, taken: Occupancy) {
  let row = 1
  let column = 1
  wishes.forEach((wish, index) => {
    if (cells[index]) return
    const { start: fixed, span: columns } = fittedColumn(wish.column, tracks)
    const rows = wish.row.span
    if (fixed) {
      if (fixed < column) row++
      column = fixed
      while (!taken.isFree(column, columns, row, rows)) row++
    } else {
      while (column + columns - 1 > tracks || !taken.isFree(column, columns, row, rows)) {
        column++
        if (column + columns - 1 > tracks) {
          column = 1
          row++
        }
      }
    }
    cells[index] = taken.take({ column, columns, row, rows })
  })
}

/** Which cells of a grid are taken. */
class Occupancy {
  private rows = new Map<number, Uint8Array>()

  constructor(private tracks: number) {}

  isFree(column: number, columns: number, row: number, rows: number): boolean {
    for (let r = row; r < row + rows; r++) {
      const line = this.rows.get(r)
      for (let c = column; line && c < column + columns; c++) if (line[c]) return false
    }
    return true
  }

  take(cell: GridCell): GridCell {
    for (let r = cell.row; r < cell.row + cell.rows; r++) {
      const line = this.rows.get(r) ?? new Uint8Array(this.tracks + 1)
      line.fill(1, cell.column, cell.column + cell.columns)
      this.rows.set(r, line)
    }
    return cell
  }
}
