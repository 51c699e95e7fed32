/** Anything JSON can hold. */
export type Json = string | number | boolean | null | Json[] | { [key: string]: Json }

/** A flat record. `parent` names a record of the same collection, `order` is a fractional key among siblings. */
export interface StoredRecord {
  id: string
  [field: string]: Json | undefined
}

export type Records = Record<string, Record<string, StoredRecord>>

/** A document: collections of flat records, of one kind, at one schema number. */
export interface StoredDocument {
  kind: string
  id: string
  schema: number
  records: Records
}

/** The documents of a project by id. */
export type Documents = Record<string, StoredDocument>

/** One insertion, retention or deletion of a rich-text delta, as `quill-delta` defines it. */
export interface DeltaOp {
  insert?: string
  delete?: number
  retain?: number
  attributes?: Record<string, Json>
}

/** Creates a record; passed over if the id exists or the parent does not. */
export interface PutOperation {
  type: 'put'
  collection: string
  id: string
  record: StoredRecord
}

/**
 * Writes one leaf of a record, or clears it when there is no value. An undoing `set` names in `over` the value our
 * change wrote (an empty `over` means it cleared the leaf): if another value stands there now, that one is kept.
 */
export interface SetOperation {
  type: 'set'
  collection: string
  id: string
  path: string[]
  value?: Json
  over?: { value?: Json }
}

/** Removes a record with its descendants as they stand when it is applied. */
export interface RemoveOperation {
  type: 'remove'
  collection: string
  id: string
}

/** Edits rich text. Concurrent edits transform one another. */
export interface EditOperation {
  type: 'edit'
  collection: string
  id: string
  path: string[]
  delta: DeltaOp[]
}

export type Operation = PutOperation | SetOperation | RemoveOperation | EditOperation

/** The operations of a change on one document, which is created by its first operations. */
export interface ChangePart {
  document: string
  kind: string
  /** schema of its kind that it was written under */
  schema?: number
  operations: Operation[]
}

/** What a designer did, as one unit: applied wholly at the head of the project or not at all. */
export interface Change {
  id: string
  client: string
  base: number
  label: string
  parts: ChangePart[]
}

/** An operation that did not take effect. One `refused` operation refuses its whole change. */
export interface Outcome {
  result: 'refused' | 'passed over'
  document: string
  collection: string
  id: string
  reason: string
}

/** A change as the server logged it at `revision`, with what would undo it. */
export interface LoggedChange extends Change {
  revision: number
  inverse: ChangePart[]
  outcomes: Outcome[]
}
