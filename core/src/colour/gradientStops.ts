import { alphaOf, opaque, withAlpha } from './spaces'

/** A colour with its opacity at a place along a gradient, 0 to 1. */
export interface ColourStop {
  at: number
  /** `#rrggbb` or `#rrggbbaa` */
  colour: string
}

/** Between two stops of other colours and opacities so many more are written. */
const BETWEEN = 16
const CHANNELS = [1, 3, 5]

/**
 * Stops between which it makes no difference whether colours are mixed before or after they are faded: CSS fades first
 * (CSS Images 3, section 3.4.2, premultiplied), SVG mixes first. Both then paint the same.
 * @param stops in any order; two at one place make a hard edge
 */
export function evenStops(stops: readonly ColourStop[]): ColourStop[] {
  const inOrder = stops
    .map(({ at, colour }) => ({ at: Math.min(1, Math.max(0, at)), colour: colour.toLowerCase() }))
    .sort((a, b) => a.at - b.at)
  return inOrder.flatMap((stop, index) => {
    const next = inOrder[index + 1] as ColourStop | undefined
    return next ? [stop, ...mixedBetween(stop, next)] : [stop]
  })
}

function mixedBetween(from: ColourStop, to: ColourStop): ColourStop[] {
  const [a, b] = [alphaOf(from.colour), alphaOf(to.colour)]
  if (from.at === to.at || a === b || opaque(from.colour) === opaque(to.colour)) return []
  // What cannot be seen has the colour of what it turns into.
  if (a === 0) return [{ at: from.at, colour: withAlpha(opaque(to.colour), 0) }]
  if (b === 0) return [{ at: to.at, colour: withAlpha(opaque(from.colour), 0) }]
  return Array.from({ length: BETWEEN - 1 }, (_, index) => {
    const share = (index + 1) / BETWEEN
    return { at: from.at + (to.at - from.at) * share, colour: premultiplied(from.colour, to.colour, share) }
  })
}

function premultiplied(from: string, to: string, share: number): string {
  const [a, b] = [alphaOf(from), alphaOf(to)]
  const alpha = a + (b - a) * share
  const channel = (hex: string, at: number) => parseInt(hex.slice(at, at + 2), 16)
  const mixed = CHANNELS.map((at) => {
    const faded = channel(from, at) * a * (1 - share) + channel(to, at) * b * share
    return Math.round(faded / alpha)
      .toString(16)
      .padStart(2, '0')
  })
  return withAlpha(`#${mixed.join('')}`, alpha)
}
