import { z } from 'zod'
import { idSchema } from '../document/ids'
import { leaf } from '../document/leaf'

export const UNITS = ['px', 'pt', 'pc', 'in', 'cm', 'mm', 'em', 'rem', 'ex', 'ch', '%', 'vw', 'vh'] as const
export type Unit = (typeof UNITS)[number]

const MOST = 100_000
const number = z.number().min(-MOST).max(MOST)

const own = z.strictObject({ value: number, unit: z.enum(UNITS) })
const token = z.strictObject({ token: idSchema })

/** A length as it is written: a value with its unit, or a named length of the style guide. */
export const lengthSchema = leaf(z.union([own, token]))
/** A length where percentages have no meaning (everything but widths, width limits and horizontal offsets). */
export const plainLengthSchema = leaf(
  z.union([own.refine(({ unit }) => unit !== '%', 'a percentage has no meaning here'), token]),
)

export type WrittenLength = z.infer<typeof own>
export type Length = z.infer<typeof lengthSchema>

/** A length in px, the short way to write one. */
export const px = (value: number): WrittenLength => ({ value, unit: 'px' })

/** A length as CSS writes it. */
export function cssLength({ value, unit }: WrittenLength): string {
  return `${roundTo(value, 4)}${unit}`
}

/** `value` rounded to so many decimals, without a trail of binary fractions. */
export function roundTo(value: number, decimals: number): number {
  const scale = 10 ** decimals
  return Math.round(value * scale) / scale
}
