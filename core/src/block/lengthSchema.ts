import { z } from 'zod'
import { idSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import { UNITS } from '../units/length'

const MOST = 100_000
const own = z.strictObject({ value: z.number().min(-MOST).max(MOST), unit: z.enum(UNITS) })
const token = z.strictObject({ token: idSchema })

/** A length as a designer writes it: a value with its unit, or a named length of the style guide. */
export const lengthSchema = leaf(z.union([own, token]))

/** A length where percentages have no meaning (everything but widths, width limits and horizontal offsets). */
export const plainLengthSchema = leaf(
  z.union([own.refine(({ unit }) => unit !== '%', 'a percentage has no meaning here'), token]),
)

export const nonNegativeLength = plainLengthSchema.refine(
  (length) => 'token' in length || length.value >= 0,
  'this length cannot be negative',
)

export const nonNegativeWidth = lengthSchema.refine(
  (length) => 'token' in length || length.value >= 0,
  'a width cannot be negative',
)

export type Length = z.infer<typeof lengthSchema>
