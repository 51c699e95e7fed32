import { direction } from './view'
import type { Triple } from './solids'

/**
 * The n-th number of the van der Corput sequence in a base, 0 to 1, from n = 1 on.
 * @see J. H. Halton, 1960, On the efficiency of certain quasi-random sequences of points
 */
export function radicalInverse(n: number, base: number): number {
  let value = 0
  for (let share = 1 / base, rest = n; rest > 0; rest = Math.floor(rest / base), share /= base)
    value += (rest % base) * share
  return value
}

/** One of several pictures that are laid into one: how far it stands aside, and where its lights are. */
export interface Sample {
  /** px it is moved by, -0.5 to 0.5 */
  x: number
  y: number
  /** towards the lamp, of length 1 */
  lamp: Triple
  /** towards a place of the sky, of length 1 */
  sky: Triple
}

export interface Lamp {
  /** degrees round, 0 from the front */
  turn: number
  /** degrees above the ground */
  tilt: number
  /** degrees across: the larger, the softer its shadows */
  size: number
}

/** Nearer the ground than this, degrees, the sky gives no light that matters, and its shadows have no end. */
const LEAST_SKY = 6

/**
 * Pictures whose mean has smooth edges, soft shadows and the shade of an even sky: moved within a pixel, lit from all over
 * the lamp and from all over the sky. Lights add up and so may share a sequence; places within the pixel have another.
 * @param count of pictures; always the same for a count
 */
export function samplesOf(count: number, lamp: Lamp): Sample[] {
  return Array.from({ length: count }, (_, index): Sample => {
    const at = (base: number) => radicalInverse(index + 1, base)
    return {
      x: at(5) - 0.5,
      y: at(7) - 0.5,
      lamp: withinLamp(lamp, at(2), at(3)),
      sky: skyDirection(at(2), at(3)),
    }
  })
}

/** A place of the lamp's disc. @param across, around 0 to 1 */
function withinLamp({ turn, tilt, size }: Lamp, across: number, around: number): Triple {
  const far = (size / 2) * Math.sqrt(across)
  const angle = 2 * Math.PI * around
  const up = Math.min(90, Math.max(1, tilt + far * Math.sin(angle)))
  // Degrees round are narrower the higher it stands.
  const wide = Math.max(0.1, Math.cos((tilt * Math.PI) / 180))
  return direction(turn + (far * Math.cos(angle)) / wide, up)
}

/**
 * A direction over the ground, every one as likely as any other: heights on a sphere are even.
 * @param u, v 0 to 1
 * @see Archimedes, On the Sphere and Cylinder: zones of equal height have equal areas
 */
export function skyDirection(u: number, v: number): Triple {
  const tilt = (Math.asin(u) * 180) / Math.PI
  return direction(360 * v, Math.max(LEAST_SKY, tilt))
}
