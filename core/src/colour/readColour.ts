import { converter, parse } from 'culori'
import { gamutMap } from './gamutMap'
import { hexOf, hexOfColour, withAlpha, type Oklch } from './spaces'

/** A colour that was typed. */
export interface ReadColour {
  /** `#rrggbb`, or `#rrggbbaa` where it is not opaque */
  hex: string
  /** sRGB does not have it: `hex` is the nearest that sRGB has */
  isMapped: boolean
}

const toOklch = converter('oklch')
const toSrgb = converter('rgb')
/** Half a step of eight bits: what rounding takes away is not outside. */
const ROUNDING = 0.5 / 255
/** Longer than any colour is written. */
const MOST = 120

/**
 * Reads a colour as CSS writes it: hex with or without its sign, rgb(), hsl(), hwb(), lab(), lch(), oklab(), oklch(),
 * color(), or a name.
 * @returns the colour, or what is wrong with it
 * @see CSS Color 4
 */
export function readColour(text: string): ReadColour | { error: string } {
  const written = text.trim().toLowerCase()
  if (written === 'transparent') return { hex: '#00000000', isMapped: false }
  const colour = written.length <= MOST ? parse(asWritten(written)) : undefined
  if (!colour) return { error: `“${text.trim().slice(0, 40)}” is no colour: ${WAYS}` }
  const lch = toOklch(colour)
  const own: Oklch = { l: lch.l, c: lch.c, h: lch.h ?? 0 }
  if (![own.l, own.c, own.h].every(Number.isFinite))
    return { error: `“${text.trim().slice(0, 40)}” is no colour: ${WAYS}` }
  const { r, g, b } = toSrgb(colour)
  if ([r, g, b].every((one) => one >= -ROUNDING && one <= 1 + ROUNDING))
    return { hex: hexOfColour(colour), isMapped: false }
  return { hex: withAlpha(hexOf(gamutMap(own)), colour.alpha ?? 1), isMapped: true }
}

const WAYS =
  'write it as #1f5b4c, rgb(31 91 76), hsl(165 49% 24%), oklch(0.42 0.07 170) or a name such as teal'

/** Hex is often typed without its sign. */
const asWritten = (text: string) =>
  /^(?:[0-9a-f]{3,4}|[0-9a-f]{6}|[0-9a-f]{8})$/.test(text) ? `#${text}` : text
