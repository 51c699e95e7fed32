/** Ruled strokes as a hand draws them: filled ribbons of slightly varying width that run a few px past their ends. */

/** A seed from an id, so that the same thing is always drawn alike (FNV-1a, 32 bits). */
export function seedOf(id: string): number {
  let hash = 2166136261
  for (let index = 0; index < id.length; index++) hash = Math.imul(hash ^ id.charCodeAt(index), 16777619)
  return hash >>> 0
}

/** Numbers from 0 to below 1 that follow from a seed (mulberry32). */
export function seededNumbers(seed: number): () => number {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

export interface Point {
  x: number
  y: number
}

/** px between the points at which a stroke may waver, and how many there are at most */
const STEP = 60
const MOST_STEPS = 8
/** px a stroke runs past its ends, at least and at most */
const PAST = [2, 5]

/** One stroke as the outline of a ribbon, as path data. @param width px in its middle, about */
export function handStroke(random: () => number, from: Point, to: Point, width: number): string {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1
  const [ux, uy] = [(to.x - from.x) / length, (to.y - from.y) / length]
  const [before, after] = [pastBy(random), pastBy(random)]
  const steps = Math.max(1, Math.min(MOST_STEPS, Math.round(length / STEP)))
  const bow = (random() - 0.5) * Math.min(2, length / 120)
  const [left, right]: string[][] = [[], []]
  for (let step = 0; step <= steps; step++) {
    const at = step / steps
    const isInside = step > 0 && step < steps
    const along = -before + (length + before + after) * at
    const aside = bow * 4 * at * (1 - at) + (isInside ? (random() - 0.5) * 0.7 : 0)
    const half = (width * (isInside ? 0.75 + 0.5 * random() : 0.35 + 0.3 * random())) / 2
    const [x, y] = [from.x + ux * along - uy * aside, from.y + uy * along + ux * aside]
    left.push(`${tenth(x - uy * half)} ${tenth(y + ux * half)}`)
    right.push(`${tenth(x + uy * half)} ${tenth(y - ux * half)}`)
  }
  return `M${left.join('L')}L${right.reverse().join('L')}Z`
}

const pastBy = (random: () => number) => PAST[0] + (PAST[1] - PAST[0]) * random()
const tenth = (value: number) => Math.round(value * 10) / 10

/** The four sides of a rectangle, each a stroke of its own. */
export function handRectangle(
  random: () => number,
  { x, y, width, height }: { x: number; y: number; width: number; height: number },
  thick: number,
): string {
  const [a, b, c, d] = [
    { x, y },
    { x: x + width, y },
    { x: x + width, y: y + height },
    { x, y: y + height },
  ]
  const sides: [Point, Point][] = [
    [a, b],
    [b, c],
    [c, d],
    [d, a],
  ]
  return sides.map(([from, to]) => handStroke(random, from, to, thick)).join('')
}
