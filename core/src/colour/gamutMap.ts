import { oklabOfOklch, oklabOfSrgb, srgbOfOklab, type Oklch, type Srgb } from './spaces'

/** The least difference an eye notices, in OKLab. */
const JUST_NOTICED = 0.02
/** How near the search comes, chroma. */
const EPSILON = 0.0001
/** What counts as inside in spite of the last binary digits. */
const SLACK = 0.000075

/**
 * A colour of OKLCH as the nearest sRGB shows it: its chroma is lessened until cutting the rest off is not noticed.
 * @returns channels from 0 to 1
 * @see CSS Color 4, section 13.2.5, sample pseudocode for the binary search gamut mapping with local MINDE
 */
export function gamutMap(colour: Oklch): Srgb {
  if (colour.l >= 1) return { r: 1, g: 1, b: 1 }
  if (colour.l <= 0) return { r: 0, g: 0, b: 0 }
  const whole = srgbOf(colour)
  if (isInGamut(whole)) return clipped(whole)
  if (difference(colour) < JUST_NOTICED) return clipped(whole)
  let [least, most] = [0, colour.c]
  let isLeastInside = true
  let found = clipped(whole)
  while (most - least > EPSILON) {
    const c = (least + most) / 2
    const current = { ...colour, c }
    const srgb = srgbOf(current)
    if (isLeastInside && isInGamut(srgb)) {
      least = c
      continue
    }
    found = clipped(srgb)
    const noticed = difference(current)
    if (noticed >= JUST_NOTICED) {
      most = c
    } else if (JUST_NOTICED - noticed < EPSILON) {
      return found
    } else {
      isLeastInside = false
      least = c
    }
  }
  return found
}

const srgbOf = (colour: Oklch) => srgbOfOklab(oklabOfOklch(colour))

const isInGamut = ({ r, g, b }: Srgb) => [r, g, b].every((one) => one >= -SLACK && one <= 1 + SLACK)

const clipped = ({ r, g, b }: Srgb): Srgb => ({ r: cut(r), g: cut(g), b: cut(b) })
const cut = (channel: number) => Math.min(1, Math.max(0, channel))

/** How far cutting a colour off channel by channel moves it, in OKLab. */
function difference(colour: Oklch): number {
  const { l, a, b } = oklabOfSrgb(clipped(srgbOf(colour)))
  const own = oklabOfOklch(colour)
  return Math.hypot(l - own.l, a - own.a, b - own.b)
}
