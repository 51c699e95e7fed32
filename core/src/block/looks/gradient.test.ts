import type { Frame, LinearGradient, RadialGradient } from '../../vector/mark'
import { gradient, inFrame, type Gradient } from './gradient'

const stops = [
  { at: 0, colour: '#000000' },
  { at: 1, colour: '#ffffff' },
]
const frame: Frame = { x: 10, y: 20, width: 300, height: 100 }
const line = (angle: number, within = frame) =>
  inFrame({ type: 'linear', angle, stops }, within) as LinearGradient
const closeTo = ({ x, y }: { x: number; y: number }, wantedX: number, wantedY: number) => {
  expect(x).toBeCloseTo(wantedX, 9)
  expect(y).toBeCloseTo(wantedY, 9)
}

// CSS Images 3, section 3.1.1: 0deg points upwards, 90deg to the right; the corners in its direction have the end colours.
test('a line runs through the middle, as far as the corners reach', () => {
  closeTo(line(90).from, 10, 70)
  closeTo(line(90).to, 310, 70)
  closeTo(line(0).from, 160, 120)
  closeTo(line(180).to, 160, 120)
  const square = { x: 0, y: 0, width: 100, height: 100 }
  closeTo(line(45, square).from, 0, 100)
  closeTo(line(45, square).to, 100, 0)
  const { from, to } = line(30)
  const direction = { x: to.x - from.x, y: to.y - from.y }
  const towards = (x: number, y: number) => (x - from.x) * direction.x + (y - from.y) * direction.y
  const length = direction.x ** 2 + direction.y ** 2
  expect(towards(310, 20) / length).toBeCloseTo(1, 9)
  expect(towards(10, 120) / length).toBeCloseTo(0, 9)
})

// CSS Images 3, section 3.2.1: the farthest corner lies on the last colour’s ellipse, which is as the farthest sides are.
test('an ellipse reaches to the farthest corner in the ratio of the farthest sides', () => {
  const shown: Gradient = { type: 'radial', centre: { x: 0.25, y: 0 }, stops }
  const { centre, radius } = inFrame(shown, frame) as RadialGradient
  closeTo(centre, 85, 20)
  expect(((310 - centre.x) / radius.x) ** 2 + ((120 - centre.y) / radius.y) ** 2).toBeCloseTo(1, 9)
  expect(radius.x / radius.y).toBeCloseTo(225 / 100, 9)
})

test('one colour is no gradient, and tells so', () => {
  const one = { type: 'linear', angle: 0, stops: [{ at: 0, colour: { hex: '#123456' } }] }
  const parsed = gradient.schema.safeParse(one)
  expect(parsed.error?.message).toContain('two colours at least')
})
