import { z } from 'zod'
import { colourSchema } from './colourSchema'

const MOST = { aside: 400, blur: 200, spread: 200, shadows: 6 }
const within = (most: number, what: string) => {
  const says = `${what} is ${most} px at most`
  return z.int().min(-most, says).max(most, says)
}

/** A shadow: whole px, for browsers paint fractions otherwise than they say; blurred not at all or by 2 px at least. */
export const shadowSchema = z.strictObject({
  x: within(MOST.aside, 'the way across'),
  y: within(MOST.aside, 'the way down'),
  blur: within(MOST.blur, 'the blur')
    .min(0, 'a blur is not negative')
    .refine((blur) => blur !== 1, 'a blur of 1 px is hardly seen: take 0 or 2'),
  spread: within(MOST.spread, 'the spread'),
  colour: colourSchema,
  inset: z.boolean().optional(),
})

/** Shadows of a block, the first on top. */
export const shadowListSchema = z
  .array(shadowSchema)
  .min(1)
  .max(MOST.shadows, `a block has ${MOST.shadows} shadows at most`)

export type Shadow = z.infer<typeof shadowSchema>
