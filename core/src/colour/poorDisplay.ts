import { converter } from 'culori'
import { relativeLuminance } from './contrast'
import { hexOf, opaque } from './spaces'

/** Seen on a poor display the darkest is this bright, of 1. */
const FLARE = 0.05
/** What a poor display keeps of the strength of colours. */
const COLOURS_KEPT = 0.55

/**
 * A colour as a poor display shows it, in daylight: fewer levels, weaker colours, brighter blacks. Our own model; no
 * standard has one.
 */
export function onPoorDisplay(hex: string): string {
  const { r, g, b } = toLinear(opaque(hex)) as { r: number; g: number; b: number }
  const grey = relativeLuminance(hex)
  const [red, green, blue] = [r, g, b].map(
    (channel) => (grey + (channel - grey) * COLOURS_KEPT) * (1 - FLARE) + FLARE,
  )
  const shown = toSrgb({ mode: 'lrgb', r: red, g: green, b: blue })
  const levels = 63
  const stepped = (channel: number) => Math.round(cut(channel) * levels) / levels
  return hexOf({ r: stepped(shown.r), g: stepped(shown.g), b: stepped(shown.b) })
}

const toLinear = converter('lrgb')
const toSrgb = converter('rgb')
const cut = (channel: number) => Math.min(1, Math.max(0, channel))
