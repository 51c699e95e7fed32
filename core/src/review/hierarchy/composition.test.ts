import { composition } from './composition'
import type { BlockFacts } from './judgedBlock'

const WINDOW = { width: 1000, height: 1000 }
const block = (x: number, y: number, area: number) => ({ middle: { x, y }, area }) as BlockFacts

test('what hangs evenly round the middle is balanced, what stands on one side is not', () => {
  expect(composition([block(0.25, 0.5, 1000), block(0.75, 0.5, 1000)], WINDOW).balance).toBe(1)
  // By hand: all weight left, none above or below: (1 + 0) / 2 uneven.
  expect(composition([block(0.25, 0.5, 1000)], WINDOW)).toMatchObject({ balance: 0.5, left: 1, above: 0.5 })
  // By hand: left 1000 x 0.4, right 2000 x 0.1: a share of 2/3; uneven by (400 - 200) / 400.
  const two = composition([block(0.1, 0.5, 1000), block(0.6, 0.5, 2000)], WINDOW)
  expect(two.left).toBeCloseTo(2 / 3, 10)
  expect(two.balance).toBeCloseTo(0.75, 10)
})

test('density is the share of the window that is covered', () => {
  expect(composition([block(0.5, 0.5, 250_000), block(0.2, 0.2, 100_000)], WINDOW).density).toBeCloseTo(
    0.35,
    10,
  )
  expect(composition([], WINDOW)).toEqual({ density: 0, balance: 1, left: 0.5, above: 0.5 })
})
