import type { DocumentKind, DocumentKinds } from './kind'
import type { ChangePart, StoredDocument } from './types'

/** A document, or a change, whose schema number this program does not know. */
export class UnknownSchema extends Error {}

/** A stored document brought to its kind's present schema, one pure step at a time. */
export function migrate(kinds: DocumentKinds, document: StoredDocument): StoredDocument {
  const kind = kindOf(kinds, document.kind)
  checkKnown(kind, document.schema)
  return kind.migrations
    .slice(document.schema - 1)
    .reduce(
      (older, step, index) => ({ ...step.document(older), schema: document.schema + index + 1 }),
      document,
    )
}

/** Parts of a change as they are made now, saying the schema they are written under. */
export function markedParts(kinds: DocumentKinds, parts: ChangePart[]): ChangePart[] {
  return parts.map((part) => ({ ...part, schema: kindOf(kinds, part.kind).schema }))
}

/**
 * Parts of a change that was logged or kept, brought to the present schemas of their kinds.
 * @throws UnknownSchema for one of a newer schema
 */
export function migratedParts(kinds: DocumentKinds, parts: ChangePart[]): ChangePart[] {
  return parts.map((part) => {
    const kind = kindOf(kinds, part.kind)
    const schema = part.schema ?? kind.unmarked
    checkKnown(kind, schema)
    const operations = kind.migrations
      .slice(schema - 1)
      .reduce((older, { operation }) => (operation ? older.flatMap(operation) : older), part.operations)
    return { ...part, schema: kind.schema, operations }
  })
}

function kindOf(kinds: DocumentKinds, name: string): DocumentKind {
  if (!Object.hasOwn(kinds, name))
    throw new UnknownSchema(`Nothing is known of documents of the kind “${name}”.`)
  return kinds[name]
}

function checkKnown({ kind, schema: known }: DocumentKind, schema: number) {
  if (schema > known)
    throw new UnknownSchema(`This ${kind} was written by a newer Nolvex (schema ${schema}).`)
}
