import { z } from 'zod'
import { solveColumns, type ColumnGrid } from './columnGrid'

const length = z.number().min(0).max(4000)

/**
 * The column grid of a band as it is agreed, px: columns are fluid, margins and gutter fixed. With a content width,
 * columns stop growing there and the margins take the rest.
 */
export const bandGridSchema = z.strictObject({
  columns: z.int().min(1).max(100),
  gutter: length,
  margin: length,
  contentWidth: z.number().min(1).max(4000).optional(),
  gutters: z.enum(['between', 'shared']).optional(),
})

export type BandGrid = z.infer<typeof bandGridSchema>

/** Margin at each side of a page `width` px wide: the band's own, or what its content width leaves. */
export function marginAt({ margin, contentWidth }: BandGrid, width: number): number {
  return contentWidth === undefined ? margin : Math.max(margin, (width - contentWidth) / 2)
}

/** The grid of a band at one page width. Throws `ImpossibleGrid` when margins and gutters leave no room. */
export function gridAt(band: BandGrid, width: number): ColumnGrid {
  const margin = marginAt(band, width)
  const { columns, gutter, gutters = 'between' } = band
  const known = { width, columns, gutter, gutters, marginLeft: margin, marginRight: margin, columnWidth: 1 }
  return solveColumns(known, 'columnWidth')
}
