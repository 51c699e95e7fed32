import { contrastRatio } from './contrast'

/** How well a colour is read over pixels. */
export interface ContrastOver {
  /** contrast of all but the worst twentieth of the pixels, 1 to 21 */
  least: number
  /** share of the pixels on which it is less than what is wanted, 0 to 1 */
  below: number
}

/** A mark here and there does not keep anybody from reading. */
const LEFT_OUT = 0.05

/**
 * Contrast of a colour against the pixels behind it.
 * @param pixels red, green, blue and alpha in turns, 0 to 255; all opaque
 * @param wanted contrast it should have: 4.5 for text of usual size, 3 for large text
 * @see WCAG 2.2, 1.4.3
 */
export function contrastOver(pixels: Uint8ClampedArray, colour: string, wanted: number): ContrastOver {
  const count = pixels.length / 4
  if (count === 0) return { least: 21, below: 0 }
  const known = new Map<number, number>()
  const found = new Float64Array(count)
  for (let index = 0; index < count; index++) {
    const packed = (pixels[index * 4] << 16) | (pixels[index * 4 + 1] << 8) | pixels[index * 4 + 2]
    let ratio = known.get(packed)
    if (ratio === undefined)
      known.set(packed, (ratio = contrastRatio(colour, `#${packed.toString(16).padStart(6, '0')}`)))
    found[index] = ratio
  }
  const below = found.reduce((sum, ratio) => sum + (ratio < wanted ? 1 : 0), 0) / count
  return { least: found.sort()[Math.floor(count * LEFT_OUT)], below }
}
