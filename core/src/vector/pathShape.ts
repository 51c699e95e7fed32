import svgpath from 'svgpath'
import type { Frame, Transform } from './mark'

/** Path data moved, turned or stretched. @throws nothing: what is no path is empty */
export const transformedPath = (d: string, transform: Transform): string =>
  svgpath(d).matrix(transform).abs().round(2).toString()

/** Path data stretched from one box into another, px. */
export function pathInFrame(d: string, box: { width: number; height: number }, frame: Frame): string {
  const [across, down] = [frame.width / Math.max(box.width, 1e-6), frame.height / Math.max(box.height, 1e-6)]
  return svgpath(d).scale(across, down).translate(frame.x, frame.y).abs().round(2).toString()
}

/** The box a path keeps to, curves and all; nothing for an empty one. */
export function pathBounds(d: string): Frame | undefined {
  const xs: number[] = []
  const ys: number[] = []
  svgpath(d)
    .abs()
    .unshort()
    .unarc()
    .iterate((segment, _index, x, y) => {
      const [name, ...values] = segment as [string, ...number[]]
      const points = pointsOf(name, values, x, y)
      if (!points) return
      xs.push(...extremes(points.map(([px]) => px)))
      ys.push(...extremes(points.map(([, py]) => py)))
    })
  if (xs.length === 0) return undefined
  const [left, top] = [Math.min(...xs), Math.min(...ys)]
  return { x: left, y: top, width: Math.max(...xs) - left, height: Math.max(...ys) - top }
}

/** The points of a segment, its beginning among them. */
function pointsOf(name: string, values: number[], x: number, y: number): [number, number][] | undefined {
  if (name === 'Z' || name === 'z') return undefined
  if (name === 'H')
    return [
      [x, y],
      [values[0], y],
    ]
  if (name === 'V')
    return [
      [x, y],
      [x, values[0]],
    ]
  const points: [number, number][] = name === 'M' ? [] : [[x, y]]
  for (let index = 0; index + 1 < values.length; index += 2) points.push([values[index], values[index + 1]])
  return points
}

/** The ends of a curve along one axis, and where it turns between them. */
function extremes(values: number[]): number[] {
  const ends = [values[0], values[values.length - 1]]
  const at = (t: number) => bezierAt(values, t)
  if (values.length === 3) {
    const [a, b, c] = values
    return within([(a - b) / (a - 2 * b + c)])
      .map(at)
      .concat(ends)
  }
  if (values.length !== 4) return ends
  const [a, b, c, d] = values
  const [p, q, r] = [-a + 3 * b - 3 * c + d, 2 * (a - 2 * b + c), b - a]
  const root = Math.sqrt(q * q - 4 * p * r)
  const turns = Math.abs(p) < 1e-9 ? [-r / q] : [(-q + root) / (2 * p), (-q - root) / (2 * p)]
  return within(turns).map(at).concat(ends)
}

const within = (times: number[]) => times.filter((t) => t > 0 && t < 1)

function bezierAt(values: number[], t: number): number {
  let level = values
  while (level.length > 1)
    level = level.slice(1).map((value, index) => level[index] + (value - level[index]) * t)
  return level[0]
}
