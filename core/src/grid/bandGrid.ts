import { z } from 'zod'
import { gutterCount, ImpossibleGrid, solveColumns, type ColumnGrid } from './columnGrid'
import { baselineSchema, rowGridSchema } from './rowGrid'

const length = z.number().min(0).max(4000)

/**
 * The grid of a band as it is agreed, px. Columns are fluid unless they have a width of their own; margins and gutter
 * are fixed. With a content width, fluid columns stop growing there and the margins take the rest alike.
 */
export const bandGridSchema = z.strictObject({
  columns: z.int().min(1).max(100),
  gutter: length,
  /** at both sides, or at the left where the right has its own */
  margin: length,
  marginRight: length.optional(),
  contentWidth: z.number().min(1).max(4000).optional(),
  /** of fixed columns */
  columnWidth: z.number().min(1).max(4000).optional(),
  gutters: z.enum(['between', 'shared']).optional(),
  rows: rowGridSchema.optional(),
  baseline: baselineSchema.optional(),
})

export type BandGrid = z.infer<typeof bandGridSchema>

/** px the columns may take at most; fixed columns always take it. */
export function widestContent(band: BandGrid): number | undefined {
  const { columns, gutter, columnWidth, contentWidth, gutters = 'between' } = band
  if (columnWidth === undefined) return contentWidth
  return columns * columnWidth + gutterCount({ columns, gutters }) * gutter
}

/** Margins at the sides of a page `width` px wide: the band's own, and half each of what its content leaves. */
export function marginsAt(band: BandGrid, width: number): { left: number; right: number } {
  const { margin, marginRight = margin } = band
  const content = widestContent(band)
  const beside = content === undefined ? 0 : Math.max(0, width - margin - marginRight - content) / 2
  return { left: margin + beside, right: marginRight + beside }
}

/**
 * The grid of a band at one page width. Fixed columns that do not fit make the page wider than its window.
 * @throws ImpossibleGrid when margins and gutters leave no room
 */
export function gridAt(band: BandGrid, width: number): ColumnGrid {
  const { left, right } = marginsAt(band, width)
  const { columns, gutter, gutters = 'between', columnWidth } = band
  const known = { width, columns, gutter, gutters, marginLeft: left, marginRight: right }
  if (columnWidth === undefined) return solveColumns({ ...known, columnWidth: 1 }, 'columnWidth')
  return solveColumns({ ...known, columnWidth }, 'width')
}

/** Whether a band's grid can be at its width; if not, why. */
export function troubleOf(band: BandGrid, width: number): string | undefined {
  try {
    gridAt(band, width)
    return undefined
  } catch (error) {
    if (error instanceof ImpossibleGrid) return error.message
    throw error
  }
}
