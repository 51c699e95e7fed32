import { z } from 'zod'
import { idSchema, orderSchema } from '../document/ids'

/**
 * A shared block: its blocks stand in the drawing of the same id, and `root` is the one all of it stands in. What is no
 * section stands in a section of that drawing.
 */
export const sharedSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().min(1).max(100),
  root: idSchema,
  /** the section of the map it is, where it is a common one */
  section: idSchema.optional(),
})

/** What copies of a shared block may make otherwise: a leaf of one of its blocks, or what stands in that block. */
export const sharedValueSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  shared: idSchema,
  label: z.string().max(100),
  block: idSchema,
  /** keys of the leaf, joined by points; `children` is a place for blocks of the copy's own */
  leaf: z.string().min(1).max(100),
})

/** A section pattern of the project's own: its section stands in the drawing of the same id. */
export const ownPatternSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().min(1).max(100),
  root: idSchema,
})

export type OwnPattern = z.infer<typeof ownPatternSchema>
export type Shared = z.infer<typeof sharedSchema>
export type SharedValue = z.infer<typeof sharedValueSchema>

export const CHILDREN = 'children'
