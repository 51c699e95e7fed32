import { gridAt } from '@nolvex/core/grid/bandGrid'
import { columnPositions } from '@nolvex/core/grid/columnGrid'
import { figuresOf, guidesFor, sharedSize } from './useGuideSet'

const page = { width: 1440, height: 900 }
const grid = { columns: 12, gutter: 24, margin: 64 }
const across = (figures: ReturnType<typeof figuresOf>) =>
  guidesFor(figures, page).guides.flatMap(({ axis, at }) => (axis === 'x' && 'px' in at ? [at.px] : []))

test('a set begins as the band’s grid is: its guides lie at the edges of its columns', () => {
  const edges = columnPositions(gridAt(grid, 1440)).flatMap(({ left, width }) => [left, left + width])
  const rounded = edges.map((px) => Math.round(px * 100) / 100)
  expect(across(figuresOf(grid, page))).toEqual(rounded)
  expect(sharedSize({ count: 12, gutter: 24 }, 1440, 64, 64)).toBeCloseTo(87.33, 2)
})

test('it begins within the band’s content width, not at its margins', () => {
  const { margins } = figuresOf({ ...grid, contentWidth: 1200 }, page)
  expect(margins).toMatchObject({ left: 120, right: 120 })
})

test('columns of a set width stand after the margin, or in the middle of what is left', () => {
  const figures = { ...figuresOf(grid, page), columns: { count: 2, gutter: 20, size: 300 } }
  expect(across(figures)).toEqual([64, 364, 384, 684, 1376])
  expect(across({ ...figures, rest: 'around' })).toEqual([64, 410, 710, 730, 1030, 1376])
})

test('what cannot be says why and makes nothing', () => {
  const figures = figuresOf(grid, page)
  expect(guidesFor({ ...figures, columns: { count: 12, gutter: 200 } }, page)).toMatchObject({
    guides: [],
    trouble: expect.stringContaining('columns') as string,
  })
  const none = { left: 0, right: 0, top: 0, bottom: 0 }
  expect(
    guidesFor({ ...figures, columns: { gutter: 0 }, rows: { gutter: 0 }, margins: none }, page).trouble,
  ).toBe('Ask for columns, rows or margins.')
})
