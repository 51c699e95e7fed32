import { colorsNamed } from 'culori'
import { alphaOf, hslOf, oklchOf, opaque } from './spaces'

/** The ways a colour is written. */
export const COLOUR_NOTATIONS = ['hex', 'rgb', 'hsl', 'oklch'] as const
export type ColourNotation = (typeof COLOUR_NOTATIONS)[number]

/** A colour as CSS writes it. @param hex `#rrggbb` or `#rrggbbaa` @see CSS Color 4 */
export function writeColour(hex: string, notation: ColourNotation): string {
  const alpha = alphaOf(hex)
  const tail = alpha < 1 ? ` / ${roundTo(alpha, 3)}` : ''
  switch (notation) {
    case 'hex':
      return hex
    case 'rgb': {
      const [red, green, blue] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16))
      return `rgb(${red} ${green} ${blue}${tail})`
    }
    case 'hsl': {
      const { h, s, l } = hslOf(hex)
      return `hsl(${roundTo(h, 1)} ${roundTo(s * 100, 1)}% ${roundTo(l * 100, 1)}%${tail})`
    }
    case 'oklch': {
      const { l, c, h } = oklchOf(hex)
      return `oklch(${roundTo(l, 4)} ${roundTo(c, 4)} ${roundTo(h, 2)}${tail})`
    }
  }
}

let names: Map<string, string> | undefined

/** The name CSS has for a colour, if it has one. */
export function cssColourName(hex: string): string | undefined {
  if (alphaOf(hex) < 1) return undefined
  names ??= new Map(
    Object.entries(colorsNamed as Record<string, number>).map(([name, value]) => [
      `#${value.toString(16).padStart(6, '0')}`,
      name,
    ]),
  )
  return names.get(opaque(hex).toLowerCase())
}

const roundTo = (value: number, decimals: number) => Number(value.toFixed(decimals))
