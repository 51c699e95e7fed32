import { withCollections, type DocumentKind } from '../document/kind'
import { putAmong } from '../document/placing'
import { inOrder } from '../document/tree'
import type { Operation } from '../document/types'
import {
  familySchema,
  iconsSchema,
  markSchema,
  moodSchema,
  type BrandMark,
  type Family,
  type IconSettings,
  type Mood,
} from './brand'
import { levelSchema, type Level } from './level'
import { partSchema, trialSchema, type StylePart, type Trial } from './part'
import {
  kitRecordSchema,
  ownPatternSchema,
  sharedSchema,
  sharedValueSchema,
  type KitRecord,
  type OwnPattern,
  type Shared,
  type SharedValue,
} from './shared'
import { tokenSchema, type Token } from './token'

export { levelSchema } from './level'
export { tokenSchema } from './token'
export type { Level } from './level'
export type { Token } from './token'

const NEW_IN_3 = ['parts', 'trials', 'families', 'marks', 'moods', 'icons', 'kits']

/** The style guide: tokens, type levels, how blocks are dressed, files of the brand, and blocks that are shared. */
export const styleKind: DocumentKind = {
  kind: 'style',
  schema: 3,
  unmarked: 1,
  collections: {
    tokens: { schema: tokenSchema, parents: [] },
    levels: { schema: levelSchema, parents: [] },
    shared: { schema: sharedSchema, parents: [] },
    sharedValues: { schema: sharedValueSchema, parents: [{ field: 'shared', collection: 'shared' }] },
    patterns: { schema: ownPatternSchema, parents: [] },
    parts: { schema: partSchema, parents: [] },
    trials: { schema: trialSchema, parents: [] },
    families: { schema: familySchema, parents: [] },
    marks: { schema: markSchema, parents: [] },
    moods: { schema: moodSchema, parents: [] },
    icons: { schema: iconsSchema, parents: [] },
    kits: { schema: kitRecordSchema, parents: [] },
  },
  // Schema 2 has shared blocks and patterns of one's own; schema 3 parts, families, files of the brand and kits.
  migrations: [withCollections(['shared', 'sharedValues', 'patterns']), withCollections(NEW_IN_3)],
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
    parts: Record<string, StylePart>
    trials: Record<string, Trial>
    families: Record<string, Family>
    marks: Record<string, BrandMark>
    moods: Record<string, Mood>
    icons: Record<string, IconSettings>
    kits: Record<string, KitRecord>
  }
}

/** Puts a shared block after those there are. */
export function putShared({ records }: StyleDocument, shared: Omit<Shared, 'order'>): Operation[] {
  const known = inOrder(Object.values(records.shared))
  return putAmong('shared', known, known.length, [shared])
}
