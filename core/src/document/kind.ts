import type { z } from 'zod'
import type { Operation, StoredDocument, StoredRecord } from './types'

/** How records of a collection hang below others; removal takes what hangs below along. */
export interface ParentRelation {
  field: string
  collection: string
  /** how deep records may stand in one another, where the collection is a tree of itself */
  deepest?: number
  /** A reason why `parent` (undefined: the top) cannot hold `child`, or nothing when it can. */
  refuses?: (parent: StoredRecord | undefined, child: StoredRecord) => string | undefined
}

export interface CollectionDefinition {
  schema: z.ZodType
  parents: ParentRelation[]
}

/** The most records one collection of a document holds. */
export const MOST_RECORDS = 20_000

/** A pure step from one schema number to the next. */
export interface MigrationStep {
  document: (document: StoredDocument) => StoredDocument
  /** what an operation written before the step is after it; absent where it is the same */
  operation?: (operation: Operation) => Operation[]
}

/** What the documents of one kind may hold. `migrations[n]` reads schema `n + 1` and gives `n + 2`. */
export interface DocumentKind {
  kind: string
  schema: number
  /** the schema of changes that do not say theirs, as all did before they could */
  unmarked: number
  collections: Record<string, CollectionDefinition>
  migrations: MigrationStep[]
  /** What a document lacks of what every one of its kind needs, in words; a change may not take it away. */
  lacks?: (document: StoredDocument) => string | undefined
}

export type DocumentKinds = Record<string, DocumentKind>

/** An empty document of a kind, at its present schema number. */
export function emptyDocument(kind: DocumentKind, id: string): StoredDocument {
  const records = Object.fromEntries(Object.keys(kind.collections).map((name) => [name, {}]))
  return { kind: kind.kind, id, schema: kind.schema, records }
}

/** A step that gives documents the collections they lack. */
export const withCollections = (names: string[]): MigrationStep => ({
  document: (document) => ({
    ...document,
    records: { ...Object.fromEntries(names.map((name) => [name, {}])), ...document.records },
  }),
})
