import type { LabPlanes } from './pixels'
import { spectralResidual } from './spectralResidual'

const SIDE = 128
type Fill = (x: number, y: number) => number
const planesOf = (l: Fill, a: Fill = () => 0, side = SIDE): LabPlanes => {
  const plane = (of: Fill) =>
    Float32Array.from({ length: side * side }, (_, at) => of(at % side, Math.floor(at / side)))
  return { width: side, height: side, l: plane(l), a: plane(a), b: plane(() => 0) }
}
const highest = ({ side, values }: ReturnType<typeof spectralResidual>) => {
  const at = values.indexOf(1)
  return { x: at % side, y: Math.floor(at / side) }
}
/** Twenty-five marks in rows; the one at a place is another. */
const display =
  (oddX: number, oddY: number, alike: number, odd: number): Fill =>
  (x, y) => {
    const [column, row] = [Math.floor(x / 25), Math.floor(y / 25)]
    const isMark = x % 25 >= 8 && x % 25 < 16 && y % 25 >= 8 && y % 25 < 16 && column < 5 && row < 5
    return isMark ? (column === oddX && row === oddY ? odd : alike) : 0
  }

test.each([
  [1, 1],
  [3, 2],
  [2, 4],
])('the mark of another colour stands out, wherever it is (%i, %i)', (column, row) => {
  const map = spectralResidual(planesOf(() => 60, display(column, row, 20, -60)))
  const { x, y } = highest(map)
  expect([Math.floor(x / 25), Math.floor(y / 25)]).toEqual([column, row])
})

test('of a picture all alike nothing stands out, and a map never leaves 0 to 1', () => {
  const alike = spectralResidual(planesOf(() => 50))
  expect(Math.max(...alike.values) - Math.min(...alike.values)).toBeLessThan(1)
  for (const map of [alike, spectralResidual(planesOf((x, y) => (x * y) % 97))])
    expect(map.values.every((value) => value >= 0 && value <= 1)).toBe(true)
})

/** The transform by its definition, along one axis at a time. */
function slowly(re: number[][], im: number[][], sign: number): [number[][], number[][]] {
  const lines = (real: number[][], imaginary: number[][]): [number[][], number[][]] => {
    const [outRe, outIm]: [number[][], number[][]] = [[], []]
    real.forEach((line, row) => {
      outRe[row] = []
      outIm[row] = []
      for (let k = 0; k < SIDE; k++) {
        let [sumRe, sumIm] = [0, 0]
        line.forEach((value, n) => {
          const angle = (sign * 2 * Math.PI * k * n) / SIDE
          sumRe += value * Math.cos(angle) - imaginary[row][n] * Math.sin(angle)
          sumIm += value * Math.sin(angle) + imaginary[row][n] * Math.cos(angle)
        })
        outRe[row][k] = sumRe
        outIm[row][k] = sumIm
      }
    })
    return [outRe, outIm]
  }
  const turned = (rows: number[][]) => rows[0].map((_, at) => rows.map((row) => row[at]))
  const [acrossRe, acrossIm] = lines(re, im)
  const [downRe, downIm] = lines(turned(acrossRe), turned(acrossIm))
  return [turned(downRe), turned(downIm)]
}

test('it is what the paper says, worked out by the definition of the transform', () => {
  const l: Fill = (x, y) =>
    50 + 30 * Math.sin(x / 7) * Math.cos(y / 11) + (x > 70 && x < 84 && y > 40 && y < 60 ? 35 : 0)
  const rows = Array.from({ length: SIDE }, (_, y) =>
    Array.from({ length: SIDE }, (_, x) => Math.fround(l(x, y))),
  )
  const none = rows.map((row) => row.map(() => 0))
  const [re, im] = slowly(rows, none, -1)
  const amplitude = re.map((row, y) => row.map((value, x) => Math.hypot(value, im[y][x])))
  const mean = amplitude.flat().reduce((sum, value) => sum + value, 0) / SIDE ** 2
  const log = amplitude.map((row) => row.map((value) => Math.log(value + mean / 100)))
  const at = (y: number, x: number) => log[(y + SIDE) % SIDE][(x + SIDE) % SIDE]
  const steps = [-1, 0, 1]
  const around = (y: number, x: number) => steps.flatMap((dy) => steps.map((dx) => at(y + dy, x + dx)))
  const kept = (plane: number[][]) =>
    plane.map((row, y) =>
      row.map((value, x) => {
        const foretold = around(y, x).reduce((sum, one) => sum + one, 0) / 9
        return x + y === 0 ? 0 : (value / (amplitude[y][x] + mean / 100)) * Math.exp(log[y][x] - foretold)
      }),
    )
  const [backRe, backIm] = slowly(kept(re), kept(im), 1)
  const raw = backRe.map((row, y) => row.map((value, x) => value ** 2 + backIm[y][x] ** 2))
  const inside = (index: number) => Math.min(SIDE - 1, Math.max(0, index))
  const weights = Array.from({ length: 31 }, (_, index) => Math.exp(-((index - 15) ** 2) / 50))
  const whole = weights.reduce((sum, value) => sum + value, 0)
  const smoothedAt = (x: number, y: number) => {
    let sum = 0
    weights.forEach((down, dy) =>
      weights.forEach((across, dx) => (sum += down * across * raw[inside(y + dy - 15)][inside(x + dx - 15)])),
    )
    return sum / whole ** 2
  }
  const map = spectralResidual(planesOf(l))
  const { x, y } = highest(map)
  const most = smoothedAt(x, y)
  for (const [px, py] of [
    [10, 10],
    [77, 50],
    [120, 30],
    [64, 100],
    [0, 127],
  ])
    expect(map.values[py * SIDE + px]).toBeCloseTo(smoothedAt(px, py) / most, 3)
})
