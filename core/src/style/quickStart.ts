import { plainLevel } from '../block/textStyle'
import { ROLES, ROLE_NAMES, type Role } from '../colour/roles'
import { px } from '../units/length'
import { gapTokenId, guideId, roleTokenId } from './guideIds'
import type { Level } from './level'
import type { StylePart } from './part'
import { roleColours } from './roleColours'
import { gapsAround } from './spaceSteps'
import { startParts } from './startParts'
import type { ColourToken, Token } from './token'
import { lineHeightFor, scaleSizes, sizesByRole, type RankedRole } from './typeScale'

/** The few decisions a whole guide is computed from. */
export interface Start {
  main: string
  second?: string
  headings: string
  text: string
  corners: 'square' | 'slight' | 'round' | 'pill'
  density: 'tight' | 'usual' | 'airy'
  contrast: 'usual' | 'high'
  /** whether grounds have a breath of the main colour */
  isTinted: boolean
  /** px of text, and how much larger each heading is than the next */
  size: number
  ratio: number
}

/** What a computed guide holds. */
export interface StartedGuide {
  tokens: Token[]
  levels: Level[]
  parts: StylePart[]
}

export const USUAL_START: Start = {
  main: '#1f5b4c',
  headings: 'Public Sans',
  text: 'Public Sans',
  corners: 'slight',
  density: 'usual',
  contrast: 'usual',
  isTinted: false,
  size: 17,
  ratio: 1.25,
}

/** Tokens of a guide that its quick start always gives. */
const CORNER = { square: 0, slight: 4, round: 10, pill: 10 } as const
const DENSITY = { tight: 0.75, usual: 1, airy: 1.25 } as const
/** % of what is painted; common practice is 60, 30 and 10 */
const SHARES: Partial<Record<Role, number>> = { ground: 60, tint: 15, raised: 10, text: 8 }

/** A whole style guide from a few decisions: tokens with their roles, type levels and parts. */
export function quickStart(start: Start): StartedGuide {
  const corner = CORNER[start.corners]
  const density = DENSITY[start.density]
  return {
    tokens: [...colours(start), ...lengths(start, corner), ...effects(start)].map((token, index) => ({
      ...token,
      order: `a${index.toString(36).padStart(3, '0')}`,
    })),
    levels: levels(start),
    parts: startParts({ density, isPill: start.corners === 'pill' }),
  }
}

type Made<T> = T extends unknown ? Omit<T, 'order'> : never

const MAIN = guideId('colour', 'main')
const SECOND = guideId('colour', 'second')

function colours(start: Start): Made<Token>[] {
  const { main, second } = start
  const roles = roleColours(start)
  const base: Made<ColourToken>[] = [
    { id: MAIN, name: 'Main', type: 'colour', value: main, prominence: 'primary', share: 6 },
    ...(second
      ? [
          {
            ...{ id: SECOND, name: 'Second', type: 'colour' as const, value: second },
            ...{ prominence: 'secondary' as const, share: 3 },
          },
        ]
      : []),
  ]
  /** A colour that is one of the base is that, whatever becomes of it. */
  const value = (hex: string) => (hex === main ? { token: MAIN } : hex === second ? { token: SECOND } : hex)
  const named = ROLE_NAMES.map((role): Made<ColourToken> => {
    const { light, dark } = roles[role]
    const prominence = SIGNALS.includes(role)
      ? ('signal' as const)
      : NEUTRALS.includes(role)
        ? ('neutral' as const)
        : undefined
    return {
      id: roleTokenId(role),
      name: ROLES[role],
      type: 'colour',
      value: value(light),
      ...(dark !== light && { dark: value(dark) }),
      role,
      ...(prominence && { prominence }),
      ...(SHARES[role] !== undefined && { share: SHARES[role] }),
    }
  })
  return [...base, ...named]
}

const SIGNALS: Role[] = ['good', 'warning', 'wrong', 'info']
const NEUTRALS: Role[] = ['text', 'soft', 'ground', 'raised', 'tint', 'line', 'edge']

function lengths({ density }: Start, corner: number): Made<Token>[] {
  const length = (id: string, name: string, value: number, use: 'space' | 'radius' | 'line') => {
    return { id, name, type: 'length' as const, value: px(value), use }
  }
  const base = { tight: 12, usual: 16, airy: 20 }[density]
  const radii = { s: corner / 2, m: corner, l: corner * 1.5, round: 999 }
  return [
    ...gapsAround(base, 3, 7).map(({ name, px: value }) => length(gapTokenId(name), name, value, 'space')),
    ...Object.entries(radii).map(([name, value]) =>
      length(guideId('radius', name), `corner-${name}`, Math.round(value), 'radius'),
    ),
    length(guideId('line', 'thin'), 'line-thin', 1, 'line'),
    length(guideId('line', 'thick'), 'line-thick', 3, 'line'),
  ]
}

function effects({ contrast }: Start): Made<Token>[] {
  const colour = { hex: contrast === 'high' ? '#0000004d' : '#00000026' }
  const shadow = (name: string, y: number, blur: number, spread: number) => ({
    ...{ id: guideId('shadow', name), name: `shadow-${name}`, type: 'shadow' as const },
    value: [{ x: 0, y, blur, spread, colour }],
  })
  const duration = (name: string, value: number) => {
    return { id: guideId('time', name), name: `time-${name}`, type: 'duration' as const, value }
  }
  return [
    shadow('low', 1, 3, 0),
    shadow('mid', 4, 14, -2),
    shadow('high', 12, 34, -6),
    duration('quick', 120),
    duration('usual', 240),
    duration('slow', 400),
  ]
}

const LEVELS: [role: RankedRole | 'button', name: string][] = [
  ['h1', 'Heading 1'],
  ['h2', 'Heading 2'],
  ['h3', 'Heading 3'],
  ['h4', 'Heading 4'],
  ['h5', 'Heading 5'],
  ['h6', 'Heading 6'],
  ['p', 'Text'],
  ['lead', 'Lead'],
  ['small', 'Small'],
  ['button', 'Button'],
]

function levels({ size, ratio, headings, text }: Start): Level[] {
  const sizes = sizesByRole(scaleSizes(size, ratio, 1, 5))
  return LEVELS.map(([role, name], index): Level => {
    const own = role === 'button' ? sizes.p : sizes[role]
    // The smallest headings are set with labels of fields, in the face of text.
    const isHeading = /^h[1-4]$/.test(role)
    return {
      id: plainLevel(role),
      order: `a${index}`,
      name,
      role,
      family: isHeading ? headings : text,
      weight: isHeading ? 700 : role === 'button' ? 600 : 400,
      size: px(own),
      lineHeight: { value: lineHeightFor(own), unit: 'px' },
    }
  })
}
