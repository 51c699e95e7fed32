import fc from 'fast-check'
import { calculateClamp } from 'utopia-core'
import { fluidCss, fluidLength, fluidPx } from './fluidLength'

const range = fc.record({
  least: fc.integer({ min: 8, max: 60 }),
  more: fc.integer({ min: 1, max: 80 }),
  from: fc.integer({ min: 300, max: 900 }),
  wider: fc.integer({ min: 100, max: 1400 }),
})

// utopia-core: the published formulas of fluid type in code.
test('a size that grows is written as utopia-core writes it', () => {
  fc.assert(
    fc.property(range, ({ least, more, from, wider }) => {
      const [most, to] = [least + more, from + wider]
      const theirs = calculateClamp({ minSize: least, maxSize: most, minWidth: from, maxWidth: to })
      const numbers = (css: string) => [...css.matchAll(/-?[\d.]+/g)].map(Number)
      const mine = numbers(fluidCss(fluidLength({ least, most, from, to }, 16)))
      numbers(theirs).forEach((value, index) => expect(mine[index]).toBeCloseTo(value, 3))
    }),
    { numRuns: 200, seed: 7 },
  )
})

test('it stands still outside its widths, and is half way between them', () => {
  const size = fluidLength({ least: 20, most: 40, from: 400, to: 1400 }, 16)
  expect([320, 400, 900, 1400, 1920].map((width) => Math.round(fluidPx(size, 16, width)))).toEqual([
    20, 20, 30, 40, 40,
  ])
})

test('with a root of 62.5 % a rem is 10 px; enlarged text enlarges all but the share of the viewport', () => {
  const size = fluidLength({ least: 20, most: 40, from: 400, to: 1400 }, 10)
  expect([size.least, size.most]).toEqual([2, 4])
  expect(fluidPx(size, 10, 400)).toBeCloseTo(20, 2)
  expect(fluidPx(size, 20, 400)).toBeCloseTo(40, 2)
})

test('what shrinks as the viewport grows is written with a minus', () => {
  const css = fluidCss(fluidLength({ least: 40, most: 20, from: 400, to: 1400 }, 16))
  expect(css).toBe('clamp(1.25rem, 3rem - 2vw, 2.5rem)')
})
