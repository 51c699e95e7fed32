import { contrastRatio, lightness, relativeLuminance } from './contrast'

// Black on white is 21:1 (WCAG 2.2, contrast ratio); the others are common practice, without a source.
test.each([
  ['#000000', '#ffffff', 21],
  ['#d6d6d6', '#ffffff', 1.45],
  ['#f7f7f7', '#ffffff', 1.07],
  ['#5eb2df', '#ffffff', 2.36],
  ['#666666', '#ffffff', 5.74],
  ['#c6c6c6', '#000000', 12.29],
])('%s on %s: %d to 1', (a, b, expected) => {
  expect(contrastRatio(a, b)).toBeCloseTo(expected, 2)
  expect(contrastRatio(b, a)).toBe(contrastRatio(a, b))
})

test('lightness is 0 for black, 100 for white, and about 50 for a middle grey', () => {
  expect(lightness('#000000')).toBe(0)
  expect(lightness('#ffffff')).toBeCloseTo(100, 9)
  expect(lightness('#7f7f7f')).toBeCloseTo(53.19, 1)
  expect(lightness('#777777')).toBeCloseTo(50.03, 1)
})

test('luminance weighs green most and blue least, and looks at no alpha', () => {
  expect(relativeLuminance('#00ff00')).toBeCloseTo(0.7152, 9)
  expect(relativeLuminance('#0000ff')).toBeCloseTo(0.0722, 9)
  expect(relativeLuminance('#ff000080')).toBeCloseTo(0.2126, 9)
})
