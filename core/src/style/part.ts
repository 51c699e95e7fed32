import { z } from 'zod'
import { arrangeSchema } from '../block/arrange'
import { lookSchema } from '../block/looks'
import { PART_STATE_NAMES, type PartState } from '../block/partState'
import { placeSchema } from '../block/place'
import { idSchema, orderSchema } from '../document/ids'

export type { PartState } from '../block/partState'

/** What the states of parts are called. */
export const PART_STATES: Record<PartState, string> = {
  hover: 'pointed at',
  focus: 'has the keys',
  pressed: 'pressed',
  disabled: 'switched off',
  wrong: 'wrong',
  chosen: 'chosen',
  empty: 'empty',
  loading: 'loading',
  open: 'open',
}

const dressFields = {
  arrange: arrangeSchema.optional(),
  place: placeSchema.optional(),
  look: lookSchema.optional(),
}

/**
 * How the style guide dresses one kind of block, or a piece of it, in a variant and a state. Values that stand on it are
 * the lead band's.
 */
export const partSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  kind: z.string().min(1).max(20),
  /** the kind's usual one where it is left out */
  variant: z.string().min(1).max(40).optional(),
  /** what the variant is called, where the kind does not know it */
  name: z.string().min(1).max(100).optional(),
  /** a piece the kind is made of; the block itself where it is left out */
  piece: z.string().min(1).max(40).optional(),
  state: z.enum(PART_STATE_NAMES).optional(),
  ...dressFields,
  at: z
    .record(
      idSchema,
      z.strictObject({ ...dressFields, without: z.record(z.string().max(60), z.literal(true)).optional() }),
    )
    .optional(),
})

/** One of several ways a part might be dressed, tried beside the others on the project's words. */
export const trialSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().min(1).max(100),
  kind: z.string().min(1).max(20),
  variant: z.string().min(1).max(40).optional(),
  ...dressFields,
})

export type StylePart = z.infer<typeof partSchema>
export type Trial = z.infer<typeof trialSchema>

/** The variants a guide has parts for, by kind, with what they are called: those with a name first say it. */
export function addedVariants(
  kind: string,
  parts: Readonly<Record<string, StylePart>>,
): Record<string, string> {
  const found: Record<string, string> = {}
  const own = Object.values(parts).filter((part) => part.kind === kind && part.variant !== undefined)
  for (const { variant = '', name } of own.sort((a, b) => (a.order < b.order ? -1 : 1)))
    if (!(variant in found) || name) found[variant] = name ?? found[variant] ?? variant
  return found
}
