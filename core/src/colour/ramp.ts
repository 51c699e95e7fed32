import { gamutMap } from './gamutMap'
import { hexOf, oklchOf } from './spaces'

const LIGHTEST = 0.97
const DARKEST = 0.2
/** What the ends of a ramp keep of the colour's chroma. */
const CHROMA_AT_ENDS = 0.35

/** A step of a ramp. */
export interface RampStep {
  hex: string
  /** the colour the ramp was made from */
  isBase: boolean
}

/**
 * Tints and shades of a colour, light to dark, in even steps of OKLCH lightness to either side of it; the colour itself
 * is one of them. Towards the ends there is less chroma, and none is outside sRGB.
 * @param count how many, 2 to 20
 */
export function colourRamp(hex: string, count: number): RampStep[] {
  const { l, c, h } = oklchOf(hex)
  const top = Math.max(LIGHTEST, l)
  const bottom = Math.min(DARKEST, l)
  const base = Math.round(((top - l) / (top - bottom)) * (count - 1))
  return Array.from({ length: count }, (_, index): RampStep => {
    if (index === base) return { hex: hex.toLowerCase(), isBase: true }
    const isLighter = index < base
    const end = isLighter ? top : bottom
    const share = isLighter ? (base - index) / base : (index - base) / (count - 1 - base)
    const kept = 1 - (1 - CHROMA_AT_ENDS) * share ** 2
    return { hex: hexOf(gamutMap({ l: l + (end - l) * share, c: c * kept, h })), isBase: false }
  })
}

/** A colour with another OKLCH lightness, 0 to 1, as far as sRGB has it. */
export function atLightness(hex: string, l: number, chroma = 1): string {
  const { c, h } = oklchOf(hex)
  return hexOf(gamutMap({ l, c: c * chroma, h }))
}
