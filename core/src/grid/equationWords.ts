import { gridAt, type BandGrid } from './bandGrid'
import { gutterCount } from './columnGrid'

const shown = (value: number) => String(Math.round(value * 100) / 100)

/** A band's grid as the equation it is: “1440 = 2 × 64 + 12 × 87.33 + 11 × 24”. Throws `ImpossibleGrid`. */
export function equationWords(band: BandGrid, width: number): string {
  const grid = gridAt(band, width)
  const { columns, columnWidth, gutter, marginLeft, marginRight } = grid
  const isAlike = Math.abs(marginLeft - marginRight) < 0.005
  const margins = isAlike ? `2 × ${shown(marginLeft)}` : `${shown(marginLeft)} + ${shown(marginRight)}`
  const gutters = gutterCount(grid)
  const between = gutters > 0 && gutter > 0 ? ` + ${gutters} × ${shown(gutter)}` : ''
  return `${shown(grid.width)} = ${margins} + ${columns} × ${shown(columnWidth)}${between}`
}
