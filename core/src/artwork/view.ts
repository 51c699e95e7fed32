import type { Triple } from './solids'

/** Where a scene is seen from: turned round the point that is looked at, over the ground, so far away. */
export interface View {
  /** degrees round it, 0 from the front, to the right as they grow */
  turn: number
  /** degrees above the ground */
  tilt: number
  /** units of the scene */
  distance: number
  /** the point that is looked at */
  at: Triple
}

export const VIEW_LIMITS = { tilt: [1, 89], distance: [0.5, 60], at: [-50, 50] } as const
/** Where a new scene is seen from. */
export const USUAL_VIEW: View = { turn: 24, tilt: 22, distance: 9, at: [0, 0.8, 0] }

const radians = (degrees: number) => (degrees * Math.PI) / 180
const within = (value: number, [least, most]: readonly [number, number]) =>
  Math.min(most, Math.max(least, value))

/** A direction of so many degrees round and up, of length 1: towards the eye, or towards a light. */
export function direction(turn: number, tilt: number): Triple {
  const flat = Math.cos(radians(tilt))
  return [flat * Math.sin(radians(turn)), Math.sin(radians(tilt)), flat * Math.cos(radians(turn))]
}

/** Where the eye stands, units of the scene. */
export function eyeOf({ turn, tilt, distance, at }: View): Triple {
  const [x, y, z] = direction(turn, tilt)
  return [at[0] + distance * x, at[1] + distance * y, at[2] + distance * z]
}

/** Turned by degrees round and up; it never goes below the ground nor over the top. */
export function turned(view: View, around: number, up: number): View {
  const turn = (((view.turn + around) % 360) + 360) % 360
  return { ...view, turn, tilt: within(view.tilt + up, VIEW_LIMITS.tilt) }
}

/** Nearer (less than 1) or farther by a factor. */
export const advanced = (view: View, by: number): View => ({
  ...view,
  distance: within(view.distance * by, VIEW_LIMITS.distance),
})

/**
 * Moved along the picture, so that what is looked at goes with the hand.
 * @param right shares of the distance, across the picture
 * @param up the same, up the picture
 */
export function panned(view: View, right: number, up: number): View {
  const [sin, cos] = [Math.sin(radians(view.turn)), Math.cos(radians(view.turn))]
  const rise = Math.sin(radians(view.tilt))
  // The picture's own right and up, as the eye has them.
  const across: Triple = [cos, 0, -sin]
  const above: Triple = [-rise * sin, Math.cos(radians(view.tilt)), -rise * cos]
  const by = (axis: number) => view.distance * (right * across[axis] + up * above[axis])
  const moved = view.at.map((value, axis) => within(value - by(axis), VIEW_LIMITS.at)) as Triple
  return { ...view, at: moved }
}
