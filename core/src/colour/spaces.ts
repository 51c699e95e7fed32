import { converter, formatHex, formatHex8, type Color } from 'culori'

/** A colour of OKLab: lightness 0 to 1, green to red, blue to yellow. */
export interface Oklab {
  l: number
  a: number
  b: number
}

/** A colour of OKLCH: lightness 0 to 1, chroma from 0 (about 0.32 at most in sRGB), hue in degrees; greys have hue 0. */
export interface Oklch {
  l: number
  c: number
  h: number
}

/** A colour of CIELAB: lightness 0 to 100, green to red, blue to yellow. */
export interface Lab {
  l: number
  a: number
  b: number
}

/** A colour of HSL: hue in degrees, saturation and lightness 0 to 1; greys have hue 0. */
export interface Hsl {
  h: number
  s: number
  l: number
}

/** A colour of sRGB, 0 to 1 within its gamut. */
export interface Srgb {
  r: number
  g: number
  b: number
}

const toOklab = converter('oklab')
const toOklch = converter('oklch')
const toLab50 = converter('lab')
const toLab65 = converter('lab65')
const toHsl = converter('hsl')
const toSrgb = converter('rgb')

const CHANNEL = 255

/** A colour of sRGB by its channels. @param hex `#rrggbb` */
export function srgbOf(hex: string): Srgb {
  const { r, g, b } = toSrgb(hex) ?? { r: 0, g: 0, b: 0 }
  return { r, g, b }
}

/** Opacity of `#rrggbb` or `#rrggbbaa`, 0 to 1. */
export const alphaOf = (hex: string): number => (hex.length > 7 ? parseInt(hex.slice(7, 9), 16) / CHANNEL : 1)

/** The same colour without its opacity. */
export const opaque = (hex: string): string => hex.slice(0, 7)

/** The colour at an opacity, 0 to 1: `#rrggbb` where it is 1, else `#rrggbbaa`. */
export function withAlpha(hex: string, alpha: number): string {
  const whole = Math.round(Math.min(1, Math.max(0, alpha)) * CHANNEL)
  return whole === CHANNEL ? opaque(hex) : opaque(hex) + whole.toString(16).padStart(2, '0')
}

/** A colour in OKLab, whatever its opacity. @see CSS Color 4, section 9.2 */
export function oklabOf(hex: string): Oklab {
  const { l, a, b } = toOklab(opaque(hex)) as Oklab
  return { l, a, b }
}

/** A colour in OKLCH, whatever its opacity. @see CSS Color 4, section 9.2 */
export function oklchOf(hex: string): Oklch {
  const { l, c, h = 0 } = toOklch(opaque(hex)) as Oklch
  return { l, c, h }
}

/** A colour in CIELAB for the white of CSS (D50) or of sRGB (D65). @see CSS Color 4, section 9.1 */
export function labOf(hex: string, white: 'D50' | 'D65'): Lab {
  const { l, a, b } = (white === 'D50' ? toLab50(opaque(hex)) : toLab65(opaque(hex))) as Lab
  return { l, a, b }
}

/** A colour in HSL. @see CSS Color 4, section 7.2 */
export function hslOf(hex: string): Hsl {
  const { h = 0, s, l } = toHsl(opaque(hex)) as Hsl
  return { h, s, l }
}

/** A colour of sRGB in OKLab. @see CSS Color 4, section 9.2 */
export function oklabOfSrgb({ r, g, b }: Srgb): Oklab {
  const { l, a, b: blue } = toOklab({ mode: 'rgb', r, g, b }) as Oklab
  return { l, a, b: blue }
}

/** A colour of OKLab in sRGB, perhaps outside its gamut. */
export function srgbOfOklab({ l, a, b }: Oklab): Srgb {
  const { r, g, b: blue } = toSrgb({ mode: 'oklab', l, a, b })
  return { r, g, b: blue }
}

/** OKLCH as the coordinates of OKLab it stands for. */
export function oklabOfOklch({ l, c, h }: Oklch): Oklab {
  const angle = (h * Math.PI) / 180
  return { l, a: c * Math.cos(angle), b: c * Math.sin(angle) }
}

/** An sRGB colour as `#rrggbb`; what is outside its gamut is cut off channel by channel. */
export const hexOf = ({ r, g, b }: Srgb): string => formatHex({ mode: 'rgb', r, g, b })

/** Any colour culori knows as `#rrggbb`, or `#rrggbbaa` where it is not opaque; cut off channel by channel. */
export function hexOfColour(colour: Color): string {
  return (colour.alpha ?? 1) < 1 ? formatHex8(colour) : formatHex(colour)
}

/** What is seen of a colour over an opaque ground. @see CSS Compositing 1, section 5.1 (source over) */
export function composited(hex: string, ground: string): string {
  const alpha = alphaOf(hex)
  if (alpha === 1) return opaque(hex)
  const mixed = [1, 3, 5].map((at) => {
    const [above, below] = [hex, ground].map((one) => parseInt(one.slice(at, at + 2), 16))
    return Math.round(above * alpha + below * (1 - alpha))
      .toString(16)
      .padStart(2, '0')
  })
  return `#${mixed.join('')}`
}
