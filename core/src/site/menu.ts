import { z } from 'zod'
import { idSchema, orderSchema } from '../document/ids'

export const menuSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().max(100),
  kind: z.enum(['main', 'footer', 'utility', 'other']),
})

/** A line of a menu: a page under its own label or another, an address elsewhere, or words that only open a sub-level. */
export const menuEntrySchema = z.strictObject({
  id: idSchema,
  menu: idSchema,
  parent: idSchema.optional(),
  order: orderSchema,
  page: idSchema.optional(),
  address: z.string().max(2000).optional(),
  label: z.string().max(200).optional(),
})

/** A link from a page (or one of its sections) to another page, beyond what menus offer. */
export const linkSchema = z.strictObject({
  id: idSchema,
  from: idSchema,
  section: idSchema.optional(),
  to: idSchema,
  label: z.string().max(200).optional(),
})

export type Menu = z.infer<typeof menuSchema>
export type MenuEntry = z.infer<typeof menuEntrySchema>
export type Link = z.infer<typeof linkSchema>
