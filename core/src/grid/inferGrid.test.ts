import { columnSpan, type ColumnGrid } from './columnGrid'
import { inferGrids, type BlockEdges } from './inferGrid'

const grid = (width: number, columns: number, gutter: number, margin: number): ColumnGrid => ({
  width,
  columns,
  gutter,
  marginLeft: margin,
  marginRight: margin,
  columnWidth: (width - 2 * margin - (columns - 1) * gutter) / columns,
  gutters: 'between',
})
const on = (of: ColumnGrid, spans: [start: number, span: number][]): BlockEdges[] =>
  spans.map(([start, span]) => {
    const { left, width } = columnSpan(of, start, span)
    return { left, right: left + width }
  })
const SPANS: [number, number][] = [
  [1, 12],
  [1, 5],
  [6, 7],
  [1, 4],
  [5, 4],
  [9, 4],
  [2, 3],
]

test.each([
  ['960 = 12 x (60 + 20)', grid(960, 12, 20, 10)],
  ['1440 with margins of 64 and gutters of 24', grid(1440, 12, 24, 64)],
  ['a grid without gutters', grid(1200, 12, 0, 60)],
])('edges exactly on %s give it back', (_name, known) => {
  const [found] = inferGrids(on(known, SPANS), known.width)
  expect(found).toMatchObject({ columns: 12, gutter: known.gutter, astray: [] })
  expect(found.columnWidth).toBeCloseTo(known.columnWidth, 1)
  expect(found.marginLeft).toBeCloseTo(known.marginLeft, 1)
  expect(found.misfit).toBeLessThan(0.1)
  expect([found.explained, found.edges]).toEqual([14, 14])
})

test('noise of 2 px is put up with, strays are named, and runners-up follow', () => {
  const known = grid(1440, 12, 24, 64)
  const wobble = [1.6, -1.2, 0.4, -1.9, 1.1, -0.6, 1.8]
  const blocks = on(known, SPANS).map(({ left, right }, index) => {
    return { left: left + wobble[index], right: right - wobble[6 - index] }
  })
  blocks.push({ left: 611, right: 997 })
  const [found, ...others] = inferGrids(blocks, 1440)
  expect(found).toMatchObject({ columns: 12, astray: [7] })
  expect(Math.abs(found.gutter - 24)).toBeLessThanOrEqual(2)
  expect(found.misfit).toBeLessThan(2)
  expect(others.length).toBeGreaterThan(0)
})

test('the coarsest grid is given: blocks on every second of 12 columns stand on 6', () => {
  const coarse = grid(1440, 6, 24, 64)
  const [found] = inferGrids(
    on(coarse, [
      [1, 6],
      [1, 2],
      [3, 1],
      [4, 3],
      [2, 3],
      [5, 2],
    ]),
    1440,
  )
  expect(found.columns).toBe(6)
})

test('columns nothing stands at are found by the margins being alike', () => {
  const known = grid(1440, 12, 24, 64)
  const [found] = inferGrids(
    on(known, [
      [1, 3],
      [2, 1],
      [4, 4],
      [1, 7],
      [5, 2],
      [3, 5],
    ]),
    1440,
  )
  expect(found).toMatchObject({ columns: 12, marginLeft: 64, marginRight: 64 })
})

test('blocks as wide as the page and too few blocks say nothing', () => {
  expect(inferGrids([{ left: 0, right: 1440 }], 1440)).toEqual([])
  expect(inferGrids([], 1440)).toEqual([])
})
