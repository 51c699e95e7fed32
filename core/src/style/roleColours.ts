import { contrastRatio } from '../colour/contrast'
import { gamutMap } from '../colour/gamutMap'
import { nearestPassing } from '../colour/nearestPassing'
import { atLightness } from '../colour/ramp'
import type { Role } from '../colour/roles'
import { hexOf, oklchOf } from '../colour/spaces'

/** What colours of roles are computed from. */
export interface ColourStart {
  main: string
  second?: string
  /** how much text stands out: enough for all (WCAG AA), or more (AAA) */
  contrast: 'usual' | 'high'
  /** whether grounds have a breath of the main colour */
  isTinted: boolean
}

/** A role's colour in the light set and in the dark one. */
export type RoleColours = Record<Role, { light: string; dark: string }>

/** The chroma of neutrals that have a breath of the main colour, as a share of its own. */
const BREATH = 0.12
/** Hues of what warns, is wrong, is well or tells, degrees in OKLCH, and the lightness on a light ground. */
const SIGNALS = {
  wrong: { hue: 28, chroma: 0.16 },
  warning: { hue: 70, chroma: 0.12 },
  good: { hue: 150, chroma: 0.12 },
  info: { hue: 245, chroma: 0.11 },
} as const

/**
 * Colours of all roles from one colour or two, for a light and a dark set. Whatever is read on a ground has the contrast
 * WCAG 2.2 asks for there (AA, or AAA where more is wanted).
 */
export function roleColours({ main, second, contrast, isTinted }: ColourStart): RoleColours {
  const words = contrast === 'high' ? 7 : 4.5
  const { h, c } = oklchOf(main)
  const neutral = (l: number) =>
    atLightness(main, l, isTinted ? BREATH : Math.min(BREATH, 0.004 / Math.max(c, 0.004)))
  const grounds = {
    ground: { light: isTinted ? neutral(0.985) : '#ffffff', dark: neutral(0.21) },
    raised: { light: '#ffffff', dark: neutral(0.26) },
    tint: { light: atLightness(main, 0.955, isTinted ? 0.25 : 0.12), dark: neutral(0.3) },
  }
  const onAll = (hex: string, set: 'light' | 'dark', wanted: number) =>
    [grounds.ground, grounds.raised, grounds.tint].reduce(
      (passing, ground) => nearestPassing(passing, ground[set], wanted) ?? passing,
      hex,
    )
  const both = (light: string, dark: string, wanted: number) => ({
    light: onAll(light, 'light', wanted),
    dark: onAll(dark, 'dark', wanted),
  })
  const action = both(main, atLightness(main, Math.max(0.72, oklchOf(main).l)), 3)
  const linkBase = second ?? main
  const signal = ({ hue, chroma }: { hue: number; chroma: number }) => {
    const at = (l: number) => hexAt(l, chroma, hue)
    return both(at(0.5), at(0.78), words)
  }
  return {
    ...grounds,
    text: both(neutral(0.24), neutral(0.94), Math.max(words, 7)),
    soft: both(neutral(0.45), neutral(0.76), words),
    action,
    onAction: { light: on(action.light, words), dark: on(action.dark, words) },
    link: both(linkBase, atLightness(linkBase, Math.max(0.78, oklchOf(linkBase).l)), words),
    line: { light: neutral(0.88), dark: neutral(0.38) },
    edge: both(neutral(0.6), neutral(0.58), 3),
    focus: both(hexAt(0.55, 0.16, (h + 180) % 360), hexAt(0.8, 0.13, (h + 180) % 360), 3),
    good: signal(SIGNALS.good),
    warning: signal(SIGNALS.warning),
    wrong: signal(SIGNALS.wrong),
    info: signal(SIGNALS.info),
  }
}

const hexAt = (l: number, c: number, h: number) => hexOf(gamutMap({ l, c, h }))

/** What is read on a colour: white or a near black, whichever passes; the better where neither does. */
function on(ground: string, wanted: number): string {
  const choices = ['#ffffff', atLightness(ground, 0.16, 0.5), '#000000']
  const passing = choices.find((hex) => contrastRatio(hex, ground) >= wanted)
  return passing ?? choices.sort((a, b) => contrastRatio(b, ground) - contrastRatio(a, ground))[0]
}
