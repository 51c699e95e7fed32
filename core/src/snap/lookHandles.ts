import type { WrittenGradient } from '../block/looks/gradient'
import { inFrame } from '../block/looks/gradient'
import type { Rect } from './rect'

interface Point {
  x: number
  y: number
}

/** What of a block's gradient can be taken hold of on the page, px: the ends of its line, or its centre, and its colours. */
export interface GradientHandles {
  from: Point
  to: Point
  stops: Point[]
}

const RIGHT_ANGLE = 90
/** Degrees an end is drawn to, where it is near one. */
const [STEP, NEAR] = [15, 3]

const frameOf = ({ x, y, w, h }: Rect) => ({ x, y, width: w, height: h })

/** Where the ends and the colours of a gradient lie over a block; of a radial one, from its centre to its right. */
export function gradientHandles(gradient: WrittenGradient, rect: Rect): GradientHandles {
  const shown = { ...gradient, stops: gradient.stops.map(({ at }) => ({ at, colour: '#000000' })) }
  const laid = inFrame(shown, frameOf(rect))
  const [from, to] =
    laid.type === 'linear'
      ? [laid.from, laid.to]
      : [laid.centre, { x: laid.centre.x + laid.radius.x, y: laid.centre.y }]
  const along = (at: number) => ({ x: from.x + (to.x - from.x) * at, y: from.y + (to.y - from.y) * at })
  return { from, to, stops: gradient.stops.map(({ at }) => along(at)) }
}

/**
 * A gradient whose end was taken to a point. The line of a linear one goes through the middle of its block, so that an end
 * turns it; the centre of a radial one goes where it is taken.
 */
export function gradientTakenTo(
  gradient: WrittenGradient,
  end: 'from' | 'to',
  point: Point,
  rect: Rect,
): WrittenGradient {
  if (gradient.type === 'radial') {
    const share = (value: number, start: number, length: number) =>
      Math.round(Math.min(1, Math.max(0, (value - start) / Math.max(length, 1))) * 100) / 100
    return { ...gradient, centre: { x: share(point.x, rect.x, rect.w), y: share(point.y, rect.y, rect.h) } }
  }
  const [dx, dy] = [point.x - (rect.x + rect.w / 2), point.y - (rect.y + rect.h / 2)]
  if (Math.hypot(dx, dy) < 1) return gradient
  const turned = (Math.atan2(dy, dx) * 180) / Math.PI + RIGHT_ANGLE + (end === 'from' ? 180 : 0)
  const round = Math.round(turned / STEP) * STEP
  const angle = Math.abs(turned - round) <= NEAR ? round : Math.round(turned)
  return { ...gradient, angle: ((angle % 360) + 360) % 360 }
}

/** A gradient one of whose colours was taken along its line to beside a point. */
export function stopTakenTo(
  gradient: WrittenGradient,
  index: number,
  point: Point,
  rect: Rect,
): WrittenGradient {
  const { from, to } = gradientHandles(gradient, rect)
  const [dx, dy] = [to.x - from.x, to.y - from.y]
  const along = ((point.x - from.x) * dx + (point.y - from.y) * dy) / Math.max(dx * dx + dy * dy, 1e-6)
  const at = Math.round(Math.min(1, Math.max(0, along)) * 100) / 100
  return {
    ...gradient,
    stops: gradient.stops.map((stop, place) => (place === index ? { ...stop, at } : stop)),
  }
}
