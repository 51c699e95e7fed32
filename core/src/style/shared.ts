import { z } from 'zod'
import { idSchema, orderSchema } from '../document/ids'
import { leaf } from '../document/leafTable'

/** Where a shared block was taken from, which it goes on following. */
const fromKitSchema = leaf(
  z.strictObject({
    kit: idSchema,
    /** the shared block of the kit */
    block: idSchema,
    version: z.int().min(1).max(100_000),
    /** tells whether it was changed here since it was taken */
    print: z.string().max(40),
  }),
)

/** A kit that was taken from, or one that is made of this project. */
export const kitRecordSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().min(1).max(100),
  version: z.int().min(1).max(100_000),
  note: z.string().max(2000).optional(),
  licence: z.string().max(2000).optional(),
  /** whether it is made here */
  isOwn: z.boolean().optional(),
  /** what its tokens and levels became here, by their ids in the kit */
  became: leaf(z.record(idSchema, idSchema)).optional(),
})

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
  from: fromKitSchema.optional(),
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

export type KitRecord = z.infer<typeof kitRecordSchema>
export type FromKit = z.infer<typeof fromKitSchema>
export type OwnPattern = z.infer<typeof ownPatternSchema>
export type Shared = z.infer<typeof sharedSchema>
export type SharedValue = z.infer<typeof sharedValueSchema>

export const CHILDREN = 'children'
