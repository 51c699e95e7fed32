import fc from 'fast-check'
import { overlaps, type Rect } from '../rect'
import { distinctGaps, trueUp } from './trueUp'
import type { Untrue } from './wishes'

const measure = { scale: [4, 8, 12, 16, 24, 32, 48, 64, 96], unit: 8 }
const untrue = (rects: Rect[], keepsSize = false): Untrue => ({
  blocks: rects.map((rect, at) => ({ key: `b${at}`, rect, keepsSize })),
  width: 1200,
  height: 2000,
})
const rect = (x: number, y: number, w: number, h: number): Rect => ({ x, y, w, h })

test('a column a few px off comes onto the scale and into line', () => {
  const after = trueUp(
    untrue([rect(16, 24, 320, 40), rect(17, 87, 319, 120), rect(15, 232, 321, 120)]),
    measure,
  )
  expect(after).toEqual([rect(16, 24, 320, 40), rect(16, 88, 320, 120), rect(16, 232, 320, 120)])
})

test('what is true stays as it is, and a lone block stays where it is', () => {
  const grid = [0, 1, 2].flatMap((row) =>
    [0, 1, 2].map((at) => rect(24 + at * 224, 24 + row * 136, 200, 112)),
  )
  expect(trueUp(untrue(grid), measure)).toEqual(grid)
  expect(trueUp(untrue([]), measure)).toEqual([])
})

test('texts keep their size, columns draw the edges of what stands near them', () => {
  const columns = { starts: [64, 175, 286], ends: [151, 262, 373] }
  const [heading, photo] = trueUp(
    {
      ...untrue([]),
      blocks: [
        { key: 'heading', rect: rect(62, 40, 203, 52), keepsSize: true },
        { key: 'photo', rect: rect(68, 116, 190, 120), keepsSize: false },
      ],
      columns,
    },
    measure,
  )
  expect(heading).toEqual(rect(64, 40, 203, 52))
  expect([photo.x, photo.x + photo.w, photo.y - heading.y - heading.h]).toEqual([64, 262, 24])
})

/** Sections of rows of stacks on the scale, shaken by so many px. */
const shaken = fc
  .record({
    rows: fc.array(fc.array(fc.integer({ min: 1, max: 3 }), { minLength: 1, maxLength: 4 }), {
      minLength: 1,
      maxLength: 4,
    }),
    gap: fc.constantFrom(8, 16, 24, 32),
    between: fc.constantFrom(24, 48, 64),
    noise: fc.integer({ min: 0, max: 4 }),
    shakes: fc.array(fc.integer({ min: -4, max: 4 }), { minLength: 192, maxLength: 192 }),
  })
  .map(({ rows, gap, between, noise, shakes }) => {
    const rects: Rect[] = []
    const shake = () => Math.max(-noise, Math.min(noise, shakes[(rects.length * 4 + turn++) % shakes.length]))
    let turn = 0
    let y = 24
    for (const stacks of rows) {
      const w = 160
      let lowest = y
      stacks.forEach((count, at) => {
        let top = y
        for (let index = 0; index < count; index++) {
          const h = 48 + 8 * ((index + at) % 4)
          const x = 24 + at * (w + gap)
          const [left, right, up, down] = [x + shake(), x + w + shake(), top + shake(), top + h + shake()]
          rects.push(rect(left, up, right - left, down - up))
          top += h + gap
        }
        lowest = Math.max(lowest, top - gap)
      })
      y = lowest + between
    }
    return rects
  })

test('nothing comes to overlap that did not, no more gaps differ, and done again it changes nothing', () => {
  fc.assert(
    fc.property(shaken, (rects) => {
      const after = trueUp(untrue(rects), measure)
      after.forEach((one, at) =>
        after.slice(at + 1).forEach((other, next) => {
          if (overlaps(one, other)) expect(overlaps(rects[at], rects[at + 1 + next])).toBe(true)
        }),
      )
      expect(distinctGaps(after)).toBeLessThanOrEqual(distinctGaps(rects))
      expect(trueUp(untrue(after), measure)).toEqual(after)
      const moved = after.map((one, at) =>
        Math.max(Math.abs(one.x - rects[at].x), Math.abs(one.y - rects[at].y)),
      )
      expect(Math.max(...moved)).toBeLessThanOrEqual(12)
    }),
    { numRuns: 100, seed: 21 },
  )
})

test('of sections shaken by a px nearly all gaps come back to the scale', () => {
  const isOn = (gap: number) => measure.scale.includes(gap)
  let [on, all] = [0, 0]
  fc.assert(
    fc.property(shaken, (rects) => {
      const gapsOf = (ones: Rect[]) =>
        ones.slice(1).flatMap((one, at) => (one.x === ones[at].x ? [one.y - ones[at].y - ones[at].h] : []))
      for (const gap of gapsOf(trueUp(untrue(rects), measure))) {
        all++
        if (isOn(gap)) on++
      }
    }),
    { numRuns: 60, seed: 8 },
  )
  expect(on / all).toBeGreaterThan(0.85)
})
