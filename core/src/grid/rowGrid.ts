import { z } from 'zod'
import { columnPositions, solveColumns, type ColumnGrid } from './columnGrid'

const length = z.number().min(0).max(4000)

/** Horizontal rows, all lengths in px: H = 2m + n*r + (n-1)*g, as for columns. */
export const rowGridSchema = z.strictObject({
  /** of what the rows divide, usually the part of the page one sees at first */
  height: z.number().min(1).max(20_000),
  rows: z.int().min(1).max(200),
  gutter: length,
  margin: length,
})

/** Lines that text stands on, px apart, the first `offset` px from the top. */
export const baselineSchema = z.strictObject({ step: z.number().min(2).max(400), offset: length })

export type RowGrid = z.infer<typeof rowGridSchema>
export type Baseline = z.infer<typeof baselineSchema>

/** Rows as columns turned: one equation serves both. */
export function asColumns({ height, rows, gutter, margin }: RowGrid): ColumnGrid {
  const turned = { width: height, columns: rows, gutter, marginLeft: margin, marginRight: margin }
  return { ...turned, columnWidth: 1, gutters: 'between' }
}

/** Height of one row, px. Throws `ImpossibleGrid` when nothing is left for rows. */
export function rowHeight(grid: RowGrid): number {
  return solveColumns(asColumns(grid), 'columnWidth').columnWidth
}

/** All rows as top edge and height, px. */
export function rowPositions(grid: RowGrid): { top: number; height: number }[] {
  const solved = solveColumns(asColumns(grid), 'columnWidth')
  return columnPositions(solved).map(({ left, width }) => ({ top: left, height: width }))
}

/** Tops of the baseline's lines down to a height, px. */
export function baselineLines({ step, offset }: Baseline, height: number): number[] {
  const count = Math.max(0, Math.floor((height - offset) / step) + 1)
  return Array.from({ length: count }, (_, index) => offset + index * step)
}
