import { scaleByPoints } from './scaleByPoints'

const underlay = { asset: 'assetscan0000000', x: 10, y: 20, width: 400, height: 600, strength: 40 }
const scaled = (from: [number, number], to: [number, number], distance: number) =>
  scaleByPoints(underlay, { x: from[0], y: from[1] }, { x: to[0], y: to[1] }, distance)

test('two points of a scan come to stand as far apart as was said, the first where it was', () => {
  const result = scaled([110, 120], [210, 120], 300)
  expect(result).toEqual({ underlay: { ...underlay, x: -190, y: -180, width: 1200, height: 1800 } })
  // The first point was a quarter across and a sixth down, and is so still.
  expect([110, 120]).toEqual([-190 + 1200 / 4, -180 + 1800 / 6])
})

test.each([
  [[0, 0], [1, 1], 300, /too near/],
  [[0, 0], [100, 0], 0, /how many px/],
  [[0, 0], [100, 0], Number.NaN, /how many px/],
  [[0, 0], [10, 0], 100_000, /Check the distance/],
] as const)('from %j to %j by %d is refused', (from, to, distance, reason) => {
  expect(scaled([...from], [...to], distance)).toEqual({ reason: expect.stringMatching(reason) })
})
