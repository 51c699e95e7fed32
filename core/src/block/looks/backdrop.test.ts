import { covering } from './backdrop'

const frame = { x: 10, y: 20, width: 400, height: 100 }

// The example of CSS Backgrounds 3, section 3.6: at 50 % the middle of the picture stands on the middle of the box, at
// 100 % its right edge on the right edge.
test('a wide block is covered by a picture as wide as it, cut above and below at the focus', () => {
  const square = { width: 200, height: 200 }
  expect(covering({ ...square, focus: { x: 0.5, y: 0.5 } }, frame)).toEqual({
    x: 10,
    y: -130,
    width: 400,
    height: 400,
  })
  expect(covering({ ...square, focus: { x: 0, y: 0 } }, frame)).toMatchObject({ x: 10, y: 20 })
  expect(covering({ ...square, focus: { x: 1, y: 1 } }, frame)).toMatchObject({ x: 10, y: 20 + 100 - 400 })
})

test('a picture wider than the block keeps its height and is cut at the sides', () => {
  const placed = covering({ width: 1000, height: 100, focus: { x: 0.25, y: 0.5 } }, frame)
  expect(placed).toEqual({ x: 10 - 150, y: 20, width: 1000, height: 100 })
})
