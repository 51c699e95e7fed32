import { fittedRadii, innerRadii, roundedRectPath } from './roundedRect'

const frame = { x: 10, y: 20, width: 100, height: 40 }

// CSS Backgrounds and Borders 3, section 5.5, worked by hand.
test.each<[string, [number, number, number, number], number[]]>([
  ['as they are where they fit', [4, 8, 12, 0], [4, 8, 12, 0]],
  ['all alike smaller where two meet', [30, 10, 10, 30], [20, 20 / 3, 20 / 3, 20]],
  ['a pill from any large radius', [999, 999, 999, 999], [20, 20, 20, 20]],
  ['none', [0, 0, 0, 0], [0, 0, 0, 0]],
])('radii fit: %s', (_what, radii, expected) => {
  fittedRadii(frame, radii).forEach((radius, index) => expect(radius).toBeCloseTo(expected[index], 9))
})

test('the outline goes round from the top left; a square corner has no arc', () => {
  expect(roundedRectPath(frame, [5, 0, 0, 0])).toBe('M15 20H110V60H10V25A5 5 0 0 1 15 20Z')
})

test('the inner edge of a border is less round by its width', () => {
  expect(innerRadii([10, 10, 2, 0], [3, 4, 4, 1])).toEqual([7, 6, 0, 0])
})
