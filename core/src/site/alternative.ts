import { z } from 'zod'
import { idSchema, orderSchema } from '../document/ids'

/**
 * Another way a page, a section of one or the style guide was, kept beside the one that counts. Its id is that of the
 * document that holds it.
 */
export const alternativeSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().min(1).max(100),
  /** the page it is of; the style guide where it is of none */
  page: idSchema.optional(),
  /** the one section of the page's drawing it holds */
  section: idSchema.optional(),
})
export type Alternative = z.infer<typeof alternativeSchema>
