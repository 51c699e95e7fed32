/** Horizontal rows, all lengths in px: H = 2m + n*r + (n-1)*g, as for columns. */
export interface RowGrid {
  height: number
  rows: number
  gutter: number
  margin: number
}

/** Height of one row, px. Throws a RangeError when nothing is left for rows. */
export function rowHeight({ height, rows, gutter, margin }: RowGrid): number {
  const solved = (height - 2 * margin - (rows - 1) * gutter) / rows
  if (!(solved > 0)) throw new RangeError('Margins and gutters leave no room for rows: lower one of them.')
  return solved
}
