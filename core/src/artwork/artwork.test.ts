import { converter } from 'culori'
import { Spherical, Vector3 } from 'three'
import { developed } from './developed'
import { radicalInverse, samplesOf, skyDirection } from './sampling'
import { stairTriangles, wedgeTriangles, type Triangles, type Triple } from './solids'
import { advanced, direction, eyeOf, panned, turned, USUAL_VIEW, VIEW_LIMITS } from './view'

const dot = (a: Triple, b: Triple) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
const minus = (a: Triple, b: Triple): Triple => [a[0] - b[0], a[1] - b[1], a[2] - b[2]]
const cross = (a: Triple, b: Triple): Triple => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
]

// three.js has its own spherical coordinates.
test.each([
  [0, 10],
  [24, 22],
  [135, 60],
  [350, 1],
])('a direction %d degrees round and %d up is where three.js has it', (turn, tilt) => {
  const [radius, phi, theta] = [1, ((90 - tilt) * Math.PI) / 180, (turn * Math.PI) / 180]
  const expected = new Vector3().setFromSpherical(new Spherical(radius, phi, theta)).toArray()
  direction(turn, tilt).forEach((value, axis) => expect(value).toBeCloseTo(expected[axis], 12))
})

test('the eye keeps its distance while it turns, and never goes under the ground or over the top', () => {
  let view = USUAL_VIEW
  for (const [around, up] of [
    [70, 30],
    [-500, -200],
    [33, 400],
  ]) {
    view = turned(view, around, up)
    const apart = minus(eyeOf(view), view.at)
    expect(Math.hypot(...apart)).toBeCloseTo(view.distance, 9)
    expect(view.turn).toBeGreaterThanOrEqual(0)
    expect(view.turn).toBeLessThan(360)
    expect(eyeOf(view)[1]).toBeGreaterThan(view.at[1])
  }
  expect(view.tilt).toBe(VIEW_LIMITS.tilt[1])
  expect(advanced(view, 1e9).distance).toBe(VIEW_LIMITS.distance[1])
  expect(advanced(view, 0).distance).toBe(VIEW_LIMITS.distance[0])
})

test('what is looked at goes with the hand: across and up the picture, and no nearer', () => {
  const view = turned(USUAL_VIEW, 40, 15)
  const sight = minus(view.at, eyeOf(view))
  for (const [right, up] of [
    [0.2, 0],
    [0, 0.3],
    [-0.1, 0.2],
  ]) {
    const moved = minus(panned(view, right, up).at, view.at)
    expect(dot(moved, sight)).toBeCloseTo(0, 9)
    expect(Math.hypot(...moved)).toBeCloseTo(view.distance * Math.hypot(right, up), 9)
  }
  // Pulled to the right, the scene goes right, and so the eye left.
  const [x, , z] = minus(panned(view, 0.1, 0).at, view.at)
  const [rightX, , rightZ] = cross(sight, [0, 1, 0])
  expect(x * rightX + z * rightZ).toBeLessThan(0)
})

// The first numbers of the sequences, as Halton's paper gives them.
test.each<[number, number[]]>([
  [2, [1 / 2, 1 / 4, 3 / 4, 1 / 8, 5 / 8, 3 / 8, 7 / 8, 1 / 16]],
  [3, [1 / 3, 2 / 3, 1 / 9, 4 / 9, 7 / 9, 2 / 9, 5 / 9, 8 / 9]],
])('the sequence of base %d', (base, expected) => {
  expected.forEach((value, index) => expect(radicalInverse(index + 1, base)).toBeCloseTo(value, 12))
})

test('places of the sky are even: as much above as zones of a sphere have, and from all sides', () => {
  const count = 2000
  const all = Array.from({ length: count }, (_, n) =>
    skyDirection(radicalInverse(n + 1, 2), radicalInverse(n + 1, 3)),
  )
  const mean = (axis: number) => all.reduce((sum, one) => sum + one[axis], 0) / count
  // Heights over an even half sphere are 1/2 on average; what is nearer the ground than 6 degrees is raised a little.
  expect(mean(1)).toBeCloseTo(0.5, 1)
  expect(mean(0)).toBeCloseTo(0, 1)
  expect(mean(2)).toBeCloseTo(0, 1)
})

test('a lamp shines from within its disc, about its middle, and pictures from within a pixel', () => {
  const lamp = { turn: 320, tilt: 42, size: 12 }
  const samples = samplesOf(64, lamp)
  const middle = direction(lamp.turn, lamp.tilt)
  for (const { lamp: one, x, y } of samples) {
    expect((Math.acos(Math.min(1, dot(one, middle))) * 180) / Math.PI).toBeLessThanOrEqual(
      lamp.size / 2 + 0.5,
    )
    expect(Math.max(Math.abs(x), Math.abs(y))).toBeLessThanOrEqual(0.5)
  }
  expect(new Set(samples.map(({ lamp: one }) => one.join())).size).toBe(64)
  expect(samplesOf(64, lamp)).toEqual(samples)
  expect(samplesOf(3, { ...lamp, size: 0 }).map(({ lamp: one }) => one[0])).toEqual(
    Array.from({ length: 3 }, () => expect.closeTo(middle[0], 9) as number),
  )
})

/** @see the divergence theorem: the volume of what a closed surface encloses */
const volume = (triangles: Triangles) => {
  let sum = 0
  for (let at = 0; at < triangles.length; at += 3)
    sum += dot(triangles[at], cross(triangles[at + 1], triangles[at + 2])) / 6
  return sum
}
/** Every edge of a closed surface is run through both ways. */
const openEdges = (triangles: Triangles) => {
  const edges = new Map<string, number>()
  const key = (a: Triple, b: Triple) =>
    `${a.map((n) => n.toFixed(6)).join()}>${b.map((n) => n.toFixed(6)).join()}`
  for (let at = 0; at < triangles.length; at += 3)
    for (const [a, b] of [
      [triangles[at], triangles[at + 1]],
      [triangles[at + 1], triangles[at + 2]],
      [triangles[at + 2], triangles[at]],
    ])
      edges.set(key(a, b), (edges.get(key(a, b)) ?? 0) + 1)
  return edges
}

test('a wedge is half a cube, and closed', () => {
  expect(volume(wedgeTriangles())).toBeCloseTo(1 / 2, 12)
  for (const [edge, times] of openEdges(wedgeTriangles())) {
    const [a, b] = edge.split('>')
    expect(openEdges(wedgeTriangles()).get(`${b}>${a}`)).toBe(times)
  }
})

test.each([1, 3, 6])(
  'stairs of %d steps enclose what their steps add up to, their fronts outside',
  (count) => {
    // Steps 1/n, 2/n … 1 high, each 1/n deep.
    expect(volume(stairTriangles(count))).toBeCloseTo((count + 1) / (2 * count), 12)
  },
)

test('linear light becomes the bytes culori has, within the step that is spread', () => {
  const srgb = converter('rgb')
  const levels = Array.from({ length: 64 }, (_, index) => index / 63)
  const sum = new Float32Array(levels.flatMap((level) => [3 * level, 3 * level * level, 0, 3]))
  const bytes = developed(sum, 64, 1, 3)
  levels.forEach((level, index) => {
    const { r, g } = srgb({ mode: 'lrgb', r: level, g: level * level, b: 0 })
    expect(Math.abs(bytes[4 * index] - 255 * r)).toBeLessThanOrEqual(1)
    expect(Math.abs(bytes[4 * index + 1] - 255 * g)).toBeLessThanOrEqual(1)
    expect(bytes[4 * index + 3]).toBe(255)
  })
})

test('rows come from the bottom up and leave from the top down, and an even ground keeps its mean', () => {
  const [bottom, top] = [0.2, 0.8]
  const rows = [bottom, top].flatMap((level) =>
    Array.from({ length: 8 }, () => [level, level, level, 1]).flat(),
  )
  const bytes = developed(new Float32Array(rows), 8, 2, 1)
  const mean = (row: number) =>
    Array.from({ length: 8 }, (_, x) => bytes[4 * (8 * row + x)]).reduce((a, b) => a + b) / 8
  // 0.8 and 0.2 of linear light are 230.7 and 123.7 of 255 in sRGB (IEC 61966-2-1).
  expect(mean(0)).toBeCloseTo(230.7, 0)
  expect(mean(1)).toBeCloseTo(123.7, 0)
})
