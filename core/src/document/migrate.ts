import type { DocumentKinds } from './kind'
import type { StoredDocument } from './types'

/** A document whose schema number this program does not know. */
export class UnknownSchema extends Error {}

/** A stored document brought to its kind's present schema, one pure step at a time. */
export function migrate(kinds: DocumentKinds, document: StoredDocument): StoredDocument {
  const kind = kinds[document.kind]
  if (!kind) throw new UnknownSchema(`Nothing is known of documents of the kind “${document.kind}”.`)
  if (document.schema > kind.schema) {
    throw new UnknownSchema(
      `This ${document.kind} was written by a newer Nolvex (schema ${document.schema}).`,
    )
  }
  return kind.migrations
    .slice(document.schema - 1)
    .reduce((older, step, index) => ({ ...step(older), schema: document.schema + index + 1 }), document)
}
