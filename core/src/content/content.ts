import { z } from 'zod'
import { idSchema } from '../document/ids'
import type { DocumentKind } from '../document/kind'
import { leaf } from '../document/leafTable'
import type { Operation } from '../document/types'

export const CONTENT_KINDS = ['text', 'picture', 'video', 'file', 'data'] as const
export const CONTENT_STATES = ['missing', 'draft', 'final'] as const

/** A piece of copy, picture or data the site needs. */
export const contentItemSchema = z.strictObject({
  id: idSchema,
  /** written `C-001` */
  number: z.int().min(1).max(1_000_000),
  title: z.string().max(500),
  kind: z.enum(CONTENT_KINDS),
  page: idSchema.optional(),
  section: idSchema.optional(),
  /** where it comes from */
  source: z.string().max(500).optional(),
  /** who delivers it */
  owner: z.string().max(200).optional(),
  state: z.enum(CONTENT_STATES),
  text: z.string().max(20_000).optional(),
  /** a picture, and how large it is, px */
  asset: idSchema.optional(),
  size: leaf(z.strictObject({ width: z.number().min(1), height: z.number().min(1) })).optional(),
})

/** The last number given, so that none is used twice even after its item is deleted. */
export const counterSchema = z.strictObject({ id: z.literal('counter'), last: z.int().min(0).max(1_000_000) })

export type ContentItem = z.infer<typeof contentItemSchema>

/** The content inventory of a project. */
export const contentKind: DocumentKind = {
  kind: 'content',
  schema: 1,
  unmarked: 1,
  collections: {
    items: { schema: contentItemSchema, parents: [] },
    counter: { schema: counterSchema, parents: [] },
  },
  migrations: [],
}

export interface ContentDocument {
  kind: string
  id: string
  schema: number
  records: {
    items: Record<string, ContentItem>
    counter: Record<string, z.infer<typeof counterSchema>>
  }
}

export const emptyContent: ContentDocument = {
  kind: 'content',
  id: 'content',
  schema: contentKind.schema,
  records: { items: {}, counter: {} },
}

/** A content item's number as people write it: `C-001`, at least three digits. */
export const contentNumber = (number: number): string => `C-${String(number).padStart(3, '0')}`

/** The number the next item gets: one more than any given before, deleted ones included. */
export function nextContentNumber({ records }: ContentDocument): number {
  const highest = Object.values(records.items).reduce((most, { number }) => Math.max(most, number), 0)
  return Math.max(highest, records.counter.counter?.last ?? 0) + 1
}

/** Operations that add items with the next numbers, and keep the last one given. */
export function addContentItems(
  content: ContentDocument,
  made: (Partial<ContentItem> & { id: string })[],
): Operation[] {
  const first = nextContentNumber(content)
  const last = first + made.length - 1
  const puts = made.map((item, index): Operation => {
    const record: ContentItem = { title: '', kind: 'text', state: 'missing', ...item, number: first + index }
    return { type: 'put', collection: 'items', id: item.id, record }
  })
  const counter: Operation = content.records.counter.counter
    ? { type: 'set', collection: 'counter', id: 'counter', path: ['last'], value: last }
    : { type: 'put', collection: 'counter', id: 'counter', record: { id: 'counter', last } }
  return [...puts, counter]
}
