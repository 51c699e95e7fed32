import { resolveFlexibleLengths, type FlexItem } from './flexibleLengths'
import { placeInGrid } from './gridPlacement'
import { rowHeights, trackWidths } from './layoutGrid'

const item = (base: number, grow: number, limits: [number, number] = [0, Infinity]): FlexItem => ({
  base,
  insets: 0,
  grow,
  shrink: 1,
  least: limits[0],
  most: limits[1],
  size: 0,
  isOpen: false,
})
const sizes = (items: FlexItem[], room: number) => {
  resolveFlexibleLengths(items, room)
  return items.map(({ size }) => size)
}

// CSS Flexible Box Layout 1, section 9.7, worked by hand.
test.each<[string, FlexItem[], number, number[]]>([
  ['equal shares', [item(0, 1), item(0, 1), item(0, 1)], 300, [100, 100, 100]],
  ['unequal shares', [item(0, 1), item(0, 2)], 300, [100, 200]],
  [
    'a maximum frees its rest for the others',
    [item(0, 1, [0, 50]), item(0, 1), item(0, 1)],
    300,
    [50, 125, 125],
  ],
  [
    'a minimum takes from the others',
    [item(0, 1, [200, Infinity]), item(0, 1), item(0, 1)],
    300,
    [200, 50, 50],
  ],
  ['shrinking by base', [item(200, 0), item(100, 0)], 150, [100, 50]],
  ['nothing to give', [item(100, 0), item(100, 0)], 300, [100, 100]],
])('%s', (_what, items, room, expected) => {
  expect(sizes(items, room)).toEqual(expected)
})

test('tracks are whole layout units and use all there are, the remainder being carried on', () => {
  expect(trackWidths([1, 1, 1], 100)).toEqual([33, 33, 34])
  expect(trackWidths([2, 1, 1], 400)).toEqual([200, 100, 100])
})

describe('children in a grid of 4 (CSS Grid Layout 2, section 8.5, sparse)', () => {
  const wish = (start: number | undefined, span: number, row?: number, rows = 1) => ({
    column: { start, span },
    row: { start: row, span: rows },
  })
  const cells = (...wishes: ReturnType<typeof wish>[]) =>
    placeInGrid(wishes, 4).map(({ column, row }) => [column, row])

  test('follow one another and wrap', () => {
    expect(cells(wish(undefined, 2), wish(undefined, 1), wish(undefined, 2), wish(undefined, 1))).toEqual([
      [1, 1],
      [3, 1],
      [1, 2],
      [3, 2],
    ])
  })
  test('never go back to fill a hole', () => {
    expect(cells(wish(3, 1), wish(1, 1), wish(4, 1))).toEqual([
      [3, 1],
      [1, 2],
      [4, 2],
    ])
  })
  test('stand round one that was given its cell', () => {
    expect(cells(wish(undefined, 2), wish(1, 2, 1, 2), wish(undefined, 2))).toEqual([
      [3, 1],
      [1, 1],
      [3, 2],
    ])
  })
  test('are cut to the columns there are, and follow the others where their start would run past the last', () => {
    expect(placeInGrid([wish(7, 6)], 4)).toEqual([{ column: 1, columns: 4, row: 1, rows: 1 }])
    expect(cells(wish(1, 2), wish(4, 2), wish(3, 2))).toEqual([
      [1, 1],
      [3, 1],
      [3, 2],
    ])
  })
})

test('rows are as tall as what stands in them; a span fills rows nothing has sized first', () => {
  const cell = (row: number, rows: number) => ({ column: 1, columns: 1, row, rows })
  expect(rowHeights([cell(1, 1), cell(2, 1), cell(1, 1)], [20, 30, 50], [0, 0, 0], 10)).toEqual([50, 30])
  expect(rowHeights([cell(1, 1), cell(1, 2)], [20, 100], [0, 0], 10)).toEqual([20, 70])
  expect(rowHeights([cell(1, 1), cell(2, 1), cell(1, 2)], [20, 40, 100], [0, 0, 0], 10)).toEqual([35, 55])
})
