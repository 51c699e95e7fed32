import type { WrittenGradient } from '../block/looks/gradient'
import { gradientHandles, gradientTakenTo, stopTakenTo } from './lookHandles'

const rect = { x: 100, y: 50, w: 200, h: 100 }
const stops = [
  { at: 0, colour: { hex: '#ffffff' } },
  { at: 0.25, colour: { hex: '#000000' } },
]
const linear = (angle: number): WrittenGradient => ({ type: 'linear', angle, stops })
const radial: WrittenGradient = { type: 'radial', centre: { x: 0.5, y: 0.5 }, stops }

// CSS Images 3, 3.1.1: 90deg goes from the left side to the right, 180deg from the top to the foot.
test.each([
  [90, { x: 100, y: 100 }, { x: 300, y: 100 }],
  [180, { x: 200, y: 50 }, { x: 200, y: 150 }],
])('the ends of %d degrees', (angle, from, to) => {
  const handles = gradientHandles(linear(angle), rect)
  for (const [end, expected] of [
    [handles.from, from],
    [handles.to, to],
  ]) {
    expect(end.x).toBeCloseTo(expected.x, 6)
    expect(end.y).toBeCloseTo(expected.y, 6)
  }
})

test('an end that is taken round the middle turns the line, and keeps to round angles nearby', () => {
  expect(gradientTakenTo(linear(0), 'to', { x: 400, y: 100 }, rect)).toEqual(linear(90))
  expect(gradientTakenTo(linear(0), 'from', { x: 400, y: 100 }, rect)).toEqual(linear(270))
  expect(gradientTakenTo(linear(0), 'to', { x: 300, y: 202 }, rect)).toEqual(linear(135))
  expect(gradientTakenTo(linear(40), 'to', { x: 200, y: 100 }, rect)).toEqual(linear(40))
})

test('any angle comes back from where its end lies, to a degree', () => {
  for (let angle = 0; angle < 360; angle += 7) {
    const { to } = gradientHandles(linear(angle), rect)
    const back = gradientTakenTo(linear(0), 'to', to, rect) as { angle: number }
    const off = Math.abs(((back.angle - angle + 540) % 360) - 180)
    expect(off).toBeLessThanOrEqual(3)
  }
})

test('a centre goes where it is taken, within its block', () => {
  expect(gradientTakenTo(radial, 'from', { x: 150, y: 150 }, rect)).toMatchObject({
    centre: { x: 0.25, y: 1 },
  })
  expect(gradientTakenTo(radial, 'from', { x: 0, y: 999 }, rect)).toMatchObject({ centre: { x: 0, y: 1 } })
})

test('a colour goes along the line to beside the pointer, and no farther than its ends', () => {
  const at = (x: number, y: number) => stopTakenTo(linear(90), 1, { x, y }, rect).stops.map((stop) => stop.at)
  expect(at(250, 500)).toEqual([0, 0.75])
  expect(at(-40, 0)).toEqual([0, 0])
  expect(at(900, 0)).toEqual([0, 1])
})
