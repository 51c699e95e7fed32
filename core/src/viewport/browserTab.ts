import { z } from 'zod'
import { idSchema, orderSchema } from '../document/ids'

/** A tab of the browser a page is shown in. Without words of its own it says what the page says. */
export const browserTabSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  title: z.string().max(100).optional(),
  address: z.string().max(500).optional(),
  /** one sign or a few, or a picture */
  icon: z.string().max(8).optional(),
  active: z.boolean().optional(),
})

export type BrowserTab = z.infer<typeof browserTabSchema>
