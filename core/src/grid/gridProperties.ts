import { widestContent, type BandGrid } from './bandGrid'

const number = (value: number) => String(Math.round(value * 10_000) / 10_000)
const px = (value: number) => `${number(value)}px`

/** What a band's grid is as CSS custom properties. Where gutters stand at both sides, half of one joins the margin. */
export function gridProperties(grid: BandGrid): Map<string, string> {
  const { columns, gutter, margin, marginRight = margin, columnWidth, gutters, rows, baseline } = grid
  const half = gutters === 'shared' ? gutter / 2 : 0
  const content = widestContent(grid)
  const properties = new Map([
    ['--grid-columns', String(columns)],
    ['--grid-track', columnWidth === undefined ? 'minmax(0, 1fr)' : px(columnWidth)],
    ['--grid-gutter', px(gutter)],
    ['--grid-left', px(margin + half)],
    ['--grid-right', px(marginRight + half)],
    ['--grid-content', content === undefined ? '100%' : px(content - 2 * half)],
  ])
  if (rows) properties.set('--grid-row-gutter', px(rows.gutter))
  if (baseline) properties.set('--grid-baseline', px(baseline.step))
  return properties
}
