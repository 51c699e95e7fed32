import { rectMark, type Frame, type Mark, type StrokePaint } from '../vector/mark'
import { seededNumbers, seedOf } from './handStrokes'

/** The greys of the map: land, water, blocks of houses, and roads with their edges. */
const [LAND, WATER, HOUSES, ROAD, EDGE] = ['#eceeea', '#d3d7d2', '#e0e3de', '#ffffff', '#c2c8c3']
/** px between streets, about, and how many there are at most each way */
const STREET = 72
const MOST_STREETS = 24

/**
 * A map that stands in for a place's own: water along one side, a main road and streets. The same place is always drawn
 * alike; none of it is true.
 * @param frame px
 */
export function standInMap(place: string, frame: Frame): Mark[] {
  const random = seededNumbers(seedOf(place))
  const { x, y, width, height } = frame
  const slant = (random() - 0.5) * 0.5
  const point = (across: number, down: number) =>
    `${tenth(x + across * width + (down - 0.5) * slant * height)} ${tenth(y + down * height)}`
  const marks: Mark[] = [rectMark(frame, { fill: LAND })]
  marks.push(...streets(random, width, (at) => `M${point(at, -0.1)}L${point(at, 1.1)}`))
  marks.push(
    ...streets(random, height, (at) => `M${point(-0.4, at)}L${point(1.4, at + (random() - 0.5) * 0.08)}`),
  )
  const bend = 0.3 + 0.4 * random()
  const main = `M${point(-0.4, bend)}C${point(0.3, bend - 0.2)} ${point(0.6, bend + 0.3)} ${point(1.4, 1 - bend)}`
  marks.push(path(main, { colour: EDGE, width: 15 }), path(main, { colour: ROAD, width: 12 }))
  const shore = 0.72 + 0.12 * random()
  const water = `M${point(-0.5, 1.2)}L${point(-0.5, shore)}C${point(0.2, shore - 0.1)} ${point(0.5, shore + 0.14)} ${point(1.5, shore - 0.04)}L${point(1.5, 1.2)}Z`
  marks.push({ type: 'shape', outline: { type: 'path', d: water }, fill: WATER })
  return [{ type: 'group', clip: { type: 'rect', ...frame }, marks }]
}

/** Streets that cross one side of the map, and the houses along some of them. */
function streets(random: () => number, length: number, between: (at: number) => string): Mark[] {
  const count = Math.max(2, Math.min(MOST_STREETS, Math.round(length / STREET)))
  return Array.from({ length: count }, (_, index) => {
    const at = (index + 0.3 + 0.4 * random()) / count
    const d = between(at)
    const hasHouses = random() < 0.5
    return [
      ...(hasHouses ? [path(d, { colour: HOUSES, width: 34 })] : []),
      path(d, { colour: EDGE, width: 7 }),
      path(d, { colour: ROAD, width: 5 }),
    ]
  }).flat()
}

const path = (d: string, stroke: StrokePaint): Mark => ({
  type: 'shape',
  outline: { type: 'path', d },
  stroke,
})
const tenth = (value: number) => Math.round(value * 10) / 10
