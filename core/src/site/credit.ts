import { z } from 'zod'
import { idSchema } from '../document/ids'

/** Where a picture or file of the project is from, and what it may be used for; under the id it has among them. */
export const creditSchema = z.strictObject({
  id: idSchema,
  source: z.string().max(500).optional(),
  licence: z.string().max(500).optional(),
})
export type Credit = z.infer<typeof creditSchema>
