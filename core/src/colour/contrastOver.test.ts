import { contrastRatio } from './contrast'
import { contrastOver } from './contrastOver'

const pixelsOf = (...colours: [number, number, number][]) =>
  new Uint8ClampedArray(colours.flatMap((colour) => [...colour, 255]))
const many = (count: number, colour: [number, number, number]) => Array.from({ length: count }, () => colour)

// WCAG 2.2: black on white has 21 to 1; #767676 on white 4.54 to 1.
test('over one colour it is the contrast with that', () => {
  expect(contrastOver(pixelsOf(...many(50, [255, 255, 255])), '#000000', 4.5)).toEqual({
    least: 21,
    below: 0,
  })
  const grey = contrastOver(pixelsOf(...many(50, [255, 255, 255])), '#767676', 4.5)
  expect(grey.least).toBeCloseTo(4.54, 2)
  expect(grey.below).toBe(0)
})

test('over a picture the worst counts, but for a mark here and there', () => {
  const half = pixelsOf(...many(50, [0, 0, 0]), ...many(50, [255, 255, 255]))
  const over = contrastOver(half, '#ffffff', 4.5)
  expect(over).toEqual({ least: 1, below: 0.5 })
  const speck = pixelsOf(...many(97, [10, 30, 40]), ...many(3, [255, 255, 255]))
  expect(contrastOver(speck, '#ffffff', 4.5).least).toBeCloseTo(contrastRatio('#ffffff', '#0a1e28'), 6)
  expect(contrastOver(speck, '#ffffff', 4.5).below).toBeCloseTo(0.03, 6)
})

test('over nothing nothing is hard to read', () => {
  expect(contrastOver(new Uint8ClampedArray(), '#808080', 4.5)).toEqual({ least: 21, below: 0 })
})
