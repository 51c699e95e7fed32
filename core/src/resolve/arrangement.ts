import type { Arrange } from '../block/arrange'
import type { Tokens } from '../block/look'
import { SIDES } from '../block/sides'
import { widestContent, type BandGrid } from '../grid/bandGrid'
import { px } from '../units/length'
import type { Arrangement, Inset } from './node'

const NOTHING = px(0)

/**
 * How children stand, with tokens and the page's columns replaced.
 * @param keepsMargins whether its sides are the grid's margins where it has no padding of its own there
 */
export function arrangement(
  arrange: Arrange,
  grid: BandGrid,
  tokens: Tokens,
  keepsMargins: boolean,
): Arrangement {
  const onColumns = arrange.type === 'grid' && (arrange.tracks ?? 'columns') === 'columns'
  const gap = arrange.gap ? tokens.length(arrange.gap) : NOTHING
  const padding = SIDES.map((side) => {
    const length = arrange.padding?.[side]
    return length ? tokens.length(length) : NOTHING
  }) as Arrangement['padding']
  const takesMargins = keepsMargins && !arrange.padding?.left && !arrange.padding?.right
  const half = grid.gutters === 'shared' && onColumns ? grid.gutter / 2 : 0
  return {
    type: arrange.type ?? 'column',
    columnGap: onColumns ? px(grid.gutter) : gap,
    rowGap: arrange.rowGap ? tokens.length(arrange.rowGap) : gap,
    padding,
    inset: takesMargins ? insetOf(grid, half) : undefined,
    justify: arrange.justify ?? 'start',
    align: arrange.align ?? 'start',
    wrap: arrange.wrap ?? false,
    tracks: onColumns ? ones(grid.columns) : sharesOf(arrange.tracks),
    trackWidth: onColumns ? grid.columnWidth : undefined,
  }
}

const ones = (count: number): number[] => Array.from({ length: count }, () => 1)

function sharesOf(tracks: Arrange['tracks']): number[] {
  return Array.isArray(tracks) ? tracks : ones(typeof tracks === 'number' ? tracks : 1)
}

/** The sides of a section: half a gutter more where gutters stand at both sides of a column. */
function insetOf(grid: BandGrid, half: number): Inset {
  const { margin, marginRight = margin } = grid
  const content = widestContent(grid)
  return {
    left: margin + half,
    right: marginRight + half,
    contentWidth: content === undefined ? undefined : content - 2 * half,
  }
}
