import { placeInGrid } from '../layout/gridPlacement'
import { gridIndex, nearestColumn, nearestSpan } from './dropInGrid'
import { gapsAround } from './gaps'

const columns = Array.from({ length: 12 }, (_, index) => ({ left: 64 + index * 100, width: 80 }))

test('columns are found by their edges', () => {
  expect(nearestColumn({ columns }, 371, 4)).toBe(4)
  expect(nearestColumn({ columns }, 5000, 4)).toBe(9)
  expect(nearestSpan({ columns }, 4, 64 + 6 * 100 + 95)).toBe(4)
  expect(nearestSpan({ columns }, 4, -500)).toBe(1)
})

test('a block dropped in a grid lands in the row that is wanted', () => {
  const wish = (start: number | undefined, span: number) => ({ column: { start, span }, row: { span: 1 } })
  const others = [wish(1, 12), wish(1, 4), wish(1, 12)]
  const dropped = wish(7, 6)
  const row = (index: number) =>
    placeInGrid([...others.slice(0, index), dropped, ...others.slice(index)], 12)[index].row
  const standing = others.map((one, at) => ({ wish: one, row: at + 1 }))
  expect(row(gridIndex(standing, dropped, 2, 12))).toBe(2)
  expect(row(gridIndex(standing, dropped, 4, 12))).toBe(4)
  expect(row(gridIndex(standing, dropped, 1, 12))).toBe(1)
})

test('a block dropped beside others leaves them in their rows where there is room', () => {
  const wish = (start: number, span: number) => ({ column: { start, span }, row: { span: 1 } })
  const others = [
    { wish: wish(5, 4), row: 1 },
    { wish: wish(1, 4), row: 2 },
  ]
  const index = gridIndex(others, wish(9, 4), 1, 12)
  const cells = placeInGrid(
    [
      ...others.slice(0, index).map((one) => one.wish),
      wish(9, 4),
      ...others.slice(index).map((one) => one.wish),
    ],
    12,
  )
  expect(cells.map(({ row, column }) => [row, column])).toEqual([
    [1, 5],
    [1, 9],
    [2, 1],
  ])
})

test('gaps are to the nearest neighbour that stands beside, else to the container', () => {
  const block = { x: 100, y: 100, w: 100, h: 50 }
  const siblings = [
    { id: 'above', x: 120, y: 20, w: 40, h: 56 },
    { id: 'further', x: 120, y: 0, w: 40, h: 10 },
    { id: 'elsewhere', x: 400, y: 60, w: 40, h: 20 },
    { id: 'right', x: 230, y: 110, w: 40, h: 20 },
  ]
  expect(gapsAround(block, siblings, { x: 0, y: 0, w: 500, h: 400 })).toEqual([
    { side: 'above', to: 'above', size: 24 },
    { side: 'below', size: 250 },
    { side: 'left', size: 100 },
    { side: 'right', to: 'right', size: 30 },
  ])
})
