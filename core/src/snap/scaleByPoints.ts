import type { Underlay } from '../site/gridPlan'

interface Point {
  x: number
  y: number
}

/** px; nearer points say nothing of a scale */
const NEAREST = 4
const [LEAST, MOST_WIDE, MOST_TALL] = [1, 20_000, 100_000]

/**
 * A picture under a page, scaled so that two points of it stand so far apart; the first stays where it is.
 * @param from,to where the points stand now, px of the page
 * @param distance px they are to stand apart
 * @returns the picture, or why it cannot be scaled so
 */
export function scaleByPoints(
  underlay: Underlay,
  from: Point,
  to: Point,
  distance: number,
): { underlay: Underlay } | { reason: string } {
  const apart = Math.hypot(to.x - from.x, to.y - from.y)
  if (apart < NEAREST) return { reason: 'These points stand too near each other. Choose two farther apart.' }
  if (!(distance > 0)) return { reason: 'Say how many px stand between the points, such as 960.' }
  const scale = distance / apart
  const width = underlay.width * scale
  const height = underlay.height * scale
  if (width < LEAST || height < LEAST || width > MOST_WIDE || height > MOST_TALL)
    return { reason: `The picture would be ${Math.round(width)} px wide. Check the distance.` }
  const x = from.x + (underlay.x - from.x) * scale
  const y = from.y + (underlay.y - from.y) * scale
  return { underlay: { ...underlay, x, y, width, height } }
}
