import { z } from 'zod'
import { idSchema, orderSchema } from '../document/ids'
import { wordsSchema } from './page'

export const journeySchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().max(200),
  /** what the visitor has reached at its end */
  goal: wordsSchema.optional(),
})

/**
 * A stop of a journey: a page, or a section on it. Its parent is the stop before; several stops after one are a
 * decision, each taken in the case `when` says.
 */
export const stopSchema = z.strictObject({
  id: idSchema,
  journey: idSchema,
  parent: idSchema.optional(),
  order: orderSchema,
  page: idSchema,
  section: idSchema.optional(),
  when: z.string().max(200).optional(),
})

export type Journey = z.infer<typeof journeySchema>
export type Stop = z.infer<typeof stopSchema>
