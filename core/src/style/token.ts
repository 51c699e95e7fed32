import { z } from 'zod'
import { hexSchema } from '../colour/hex'
import { roleSchema } from '../colour/roles'
import { idSchema, orderSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import { plainLengthSchema } from '../block/lengthSchema'
import { shadowListSchema } from '../block/shadow'

const common = { id: idSchema, order: orderSchema, name: z.string().min(1).max(100) }

/** A colour of its own, or that of another token. */
const colourValue = leaf(z.union([hexSchema, z.strictObject({ token: idSchema })]))

/** How prominent a colour is meant to be. */
export const PROMINENCE = {
  primary: 'primary',
  secondary: 'secondary',
  neutral: 'neutral',
  signal: 'signal',
} as const

/** What a named length measures. */
export const LENGTH_USES = { space: 'gap', radius: 'corner', line: 'line', other: 'other' } as const

export const colourTokenSchema = z.strictObject({
  ...common,
  type: z.literal('colour'),
  value: colourValue,
  /** what it is in the dark set, where that differs */
  dark: colourValue.optional(),
  /** what it is for */
  role: roleSchema.optional(),
  prominence: z.enum(['primary', 'secondary', 'neutral', 'signal']).optional(),
  /** % of what is painted that it is meant to be */
  share: z.number().min(0).max(100).optional(),
  note: z.string().max(500).optional(),
})

export const lengthTokenSchema = z.strictObject({
  ...common,
  type: z.literal('length'),
  value: plainLengthSchema,
  /** absent: a gap */
  use: z.enum(['space', 'radius', 'line', 'other']).optional(),
})

export const shadowTokenSchema = z.strictObject({
  ...common,
  type: z.literal('shadow'),
  value: leaf(shadowListSchema),
})

export const durationTokenSchema = z.strictObject({
  ...common,
  type: z.literal('duration'),
  /** ms */
  value: z.int().min(0).max(60_000),
})

export const tokenSchema = z.discriminatedUnion('type', [
  colourTokenSchema,
  lengthTokenSchema,
  shadowTokenSchema,
  durationTokenSchema,
])

export type Token = z.infer<typeof tokenSchema>
export type ColourToken = z.infer<typeof colourTokenSchema>
export type LengthToken = z.infer<typeof lengthTokenSchema>
export type ShadowToken = z.infer<typeof shadowTokenSchema>
export type DurationToken = z.infer<typeof durationTokenSchema>

/** Whether a guide has a dark set: any colour of it that is another there. */
export const hasDarkSet = (tokens: Readonly<Record<string, Token>>): boolean =>
  Object.values(tokens).some((token) => token.type === 'colour' && token.dark !== undefined)

/** Light or dark: which of its two values a colour shows. */
export type ColourSet = 'light' | 'dark'

/**
 * The colour a token comes to in a set, other tokens followed; nothing where it leads nowhere, to another kind of token, or
 * round in a circle.
 */
export function tokenColour(
  tokens: Readonly<Record<string, Token>>,
  id: string,
  set: ColourSet = 'light',
): string | undefined {
  const met = new Set<string>()
  for (let here = id; !met.has(here);) {
    met.add(here)
    const token = tokens[here] as Token | undefined
    if (token?.type !== 'colour') return undefined
    const value = (set === 'dark' && token.dark) || token.value
    if (typeof value === 'string') return value
    here = value.token
  }
  return undefined
}

/** The token of a role: the first in order that has it. */
export function tokenOfRole(
  tokens: Readonly<Record<string, Token>>,
  role: ColourToken['role'],
): ColourToken | undefined {
  let found: ColourToken | undefined
  for (const token of Object.values(tokens))
    if (token.type === 'colour' && token.role === role && (!found || token.order < found.order)) found = token
  return found
}

/** What stands for a token's colour in a set where colours are told by their names: `@id`, in the dark set `@id~`. */
export const tokenMark = (id: string, set: ColourSet = 'light'): string =>
  `@${id}${set === 'dark' ? '~' : ''}`

/** The token and the set a mark stands for; nothing for a colour that names none. */
export function markedToken(mark: string): { id: string; set: ColourSet } | undefined {
  if (!mark.startsWith('@')) return undefined
  return mark.endsWith('~') ? { id: mark.slice(1, -1), set: 'dark' } : { id: mark.slice(1), set: 'light' }
}
