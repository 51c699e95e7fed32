import { computed, ref, watch, type Ref } from 'vue'
import { ImpossibleGrid } from '@nolvex/core/grid/columnGrid'
import { marginsAt, type BandGrid } from '@nolvex/core/grid/bandGrid'
import type { SetGuide } from '@nolvex/core/grid/guide'
import { layGuides } from '@nolvex/core/grid/guideLayout'

/** px of a page a set of guides is laid on. */
export interface GuidePage {
  width: number
  height: number
}

/** Columns or rows as they are asked for: none without a count; they share what is left without a size. */
export interface GuideTracks {
  count?: number
  gutter: number
  size?: number
}

export const SIDES = ['left', 'right', 'top', 'bottom'] as const
export type Side = (typeof SIDES)[number]

export interface GuideFigures {
  columns: GuideTracks
  rows: GuideTracks
  margins: Record<Side, number>
  /** where what columns and rows of a set size leave goes */
  rest: 'after' | 'around'
}

/** The figures a band's grid begins with: its margins, beside its content width, and its columns. */
export function figuresOf(grid: BandGrid, { width }: GuidePage): GuideFigures {
  const { left, right } = marginsAt(grid, width)
  return {
    columns: { count: grid.columns, gutter: grid.gutter, size: grid.columnWidth },
    rows: grid.rows ? { count: grid.rows.rows, gutter: grid.rows.gutter } : { gutter: grid.gutter },
    margins: { left, right, top: grid.rows?.margin ?? 0, bottom: grid.rows?.margin ?? 0 },
    rest: 'after',
  }
}

/** The guides that figures come to, or why they cannot be. */
export function guidesFor(
  { columns, rows, margins, rest }: GuideFigures,
  page: GuidePage,
): { guides: SetGuide[]; trouble: string } {
  const asked = ({ count, gutter }: GuideTracks) => (count ? { count, gutter } : undefined)
  const [across, down] = [asked(columns), asked(rows)]
  const hasMargins = SIDES.some((side) => margins[side] > 0)
  try {
    const guides = layGuides(
      {
        columns: across && { ...across, width: columns.size },
        rows: down && { ...down, height: rows.size },
        margins: hasMargins ? margins : undefined,
        centred: rest === 'around',
      },
      page,
    )
    return { guides, trouble: guides.length ? '' : 'Ask for columns, rows or margins.' }
  } catch (error) {
    if (!(error instanceof ImpossibleGrid)) throw error
    return { guides: [], trouble: error.message }
  }
}

/** px of a column or row where they share what margins and gutters leave; nothing where there are none. */
export function sharedSize({ count, gutter }: GuideTracks, length: number, before: number, after: number) {
  return count ? (length - before - after - (count - 1) * gutter) / count : undefined
}

/** A set of guides being made, begun from a band's grid whenever another band is chosen. */
export function useGuideSet(grid: Ref<BandGrid>, page: Ref<GuidePage>) {
  const figures = ref(figuresOf(grid.value, page.value))
  const begin = () => (figures.value = figuresOf(grid.value, page.value))
  watch([grid, page], begin)
  return { figures, made: computed(() => guidesFor(figures.value, page.value)), begin }
}
