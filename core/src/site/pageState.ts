import { z } from 'zod'
import { idSchema, orderSchema } from '../document/ids'

/**
 * A state a page as a whole may be in, beside its usual one: an empty list, an error, a visitor who has signed in. What
 * the page shows in it alone, and what it leaves out, blocks say themselves; all else is the same blocks.
 */
export const pageStateSchema = z.strictObject({
  id: idSchema,
  page: idSchema,
  order: orderSchema,
  name: z.string().min(1).max(100),
})
export type PageState = z.infer<typeof pageStateSchema>

/** The state a page is in where nothing else is said. */
export const USUAL_STATE = 'usual'
