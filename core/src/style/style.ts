import { z } from 'zod'
import { hexSchema } from '../colour/hex'
import { idSchema } from '../document/ids'
import { withCollections, type DocumentKind } from '../document/kind'
import { leaf } from '../document/leafTable'
import { putAmong } from '../document/placing'
import { inOrder } from '../document/tree'
import type { Operation } from '../document/types'
import { plainLengthSchema } from '../block/lengthSchema'
import { isShippedFamily } from '../text/fontCatalogue'
import {
  ownPatternSchema,
  sharedSchema,
  sharedValueSchema,
  type OwnPattern,
  type Shared,
  type SharedValue,
} from './shared'

const name = z.string().min(1).max(100)
const order = z.string().min(1).max(80)
const lineHeight = leaf(
  z.strictObject({ value: z.number().min(0.5).max(500), unit: z.enum(['px', 'em', 'rem']) }),
)

const levelSizes = { size: plainLengthSchema.optional(), lineHeight: lineHeight.optional() }

/** A type level: how a rank of text is set. Its size may differ by band. */
export const levelSchema = z.strictObject({
  id: idSchema,
  order,
  name,
  /** what is set in it unless a block says otherwise: h1 to h6, p, button, small */
  role: z.string().max(20).optional(),
  family: z.string().max(100).refine(isShippedFamily, 'choose one of the families that ship with Nolvex'),
  weight: z.int().min(100).max(900),
  italic: z.boolean().optional(),
  size: plainLengthSchema,
  lineHeight,
  at: z.record(idSchema, z.strictObject(levelSizes)).optional(),
})

export const tokenSchema = z.discriminatedUnion('type', [
  z.strictObject({ id: idSchema, order, name, type: z.literal('colour'), value: hexSchema }),
  z.strictObject({ id: idSchema, order, name, type: z.literal('length'), value: plainLengthSchema }),
])

export type Level = z.infer<typeof levelSchema>
export type Token = z.infer<typeof tokenSchema>

/** The style guide: named colours and lengths, type levels, and blocks that are shared. */
export const styleKind: DocumentKind = {
  kind: 'style',
  schema: 2,
  unmarked: 1,
  collections: {
    tokens: { schema: tokenSchema, parents: [] },
    levels: { schema: levelSchema, parents: [] },
    shared: { schema: sharedSchema, parents: [] },
    sharedValues: { schema: sharedValueSchema, parents: [{ field: 'shared', collection: 'shared' }] },
    patterns: { schema: ownPatternSchema, parents: [] },
  },
  // Schema 2 has shared blocks and patterns of one's own.
  migrations: [withCollections(['shared', 'sharedValues', 'patterns'])],
}

export interface StyleDocument {
  kind: string
  id: string
  schema: number
  records: {
    tokens: Record<string, Token>
    levels: Record<string, Level>
    shared: Record<string, Shared>
    sharedValues: Record<string, SharedValue>
    patterns: Record<string, OwnPattern>
  }
}

/** Puts a shared block after those there are. */
export function putShared({ records }: StyleDocument, shared: Omit<Shared, 'order'>): Operation[] {
  const known = inOrder(Object.values(records.shared))
  return putAmong('shared', known, known.length, [shared])
}
