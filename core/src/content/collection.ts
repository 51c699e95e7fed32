import { z } from 'zod'
import { idSchema, orderSchema } from '../document/ids'
import type { DocumentKind } from '../document/kind'

export const FIELD_TYPES = ['text', 'number', 'date', 'yesNo', 'address'] as const
export type FieldType = (typeof FIELD_TYPES)[number]
export const MOST_ROWS = 10_000

/** A column of a collection. */
export const fieldSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().max(100),
  type: z.enum(FIELD_TYPES),
})

/** A row: a value by field, each of its field's type. */
export const rowSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  values: z.record(idSchema, z.union([z.string().max(5000), z.number(), z.boolean()])).optional(),
})

export const collectionSettingsSchema = z.strictObject({
  id: z.literal('collection'),
  name: z.string().max(100),
  /** a list of the content service it was filled from */
  service: z.string().max(60).optional(),
})

export type CollectionField = z.infer<typeof fieldSchema>
export type CollectionRow = z.infer<typeof rowSchema>
export type CollectionValue = string | number | boolean

/** A table of like records. */
export const collectionKind: DocumentKind = {
  kind: 'collection',
  schema: 1,
  unmarked: 1,
  collections: {
    fields: { schema: fieldSchema, parents: [] },
    rows: { schema: rowSchema, parents: [] },
    settings: { schema: collectionSettingsSchema, parents: [] },
  },
  migrations: [],
}

export interface CollectionDocument {
  kind: string
  id: string
  schema: number
  records: {
    fields: Record<string, CollectionField>
    rows: Record<string, CollectionRow>
    settings: Record<string, z.infer<typeof collectionSettingsSchema>>
  }
}
