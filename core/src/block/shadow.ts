import { z } from 'zod'
import { colourSchema } from './colourSchema'

const MOST = 400

/** A shadow: whole px, for browsers paint fractions otherwise than they say; blurred not at all or by 2 px at least. */
export const shadowSchema = z.strictObject({
  x: z.int().min(-MOST).max(MOST),
  y: z.int().min(-MOST).max(MOST),
  blur: z
    .int()
    .min(0)
    .max(200)
    .refine((blur) => blur !== 1, 'a blur of 1 px is hardly seen: take 0 or 2'),
  spread: z.int().min(-200).max(200),
  colour: colourSchema,
  inset: z.boolean().optional(),
})

/** Shadows of a block, the first on top. */
export const shadowListSchema = z.array(shadowSchema).min(1).max(6)

export type Shadow = z.infer<typeof shadowSchema>
