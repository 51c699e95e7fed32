import equal from 'fast-deep-equal'
import {
  emptyDocument,
  MOST_RECORDS,
  type DocumentKind,
  type DocumentKinds,
  type ParentRelation,
} from './kind'
import { leafAt, withoutEmptyBranches } from './leafTable'
import { valueAt, withValue } from './path'
import { copyCollection, noteChanged } from './recordChanges'
import { composeText, invertEdit } from './richText'
import {
  addToParents,
  ancestorCount,
  ancestorsInclude,
  descendants,
  recordsByParent,
  type RecordsByParent,
} from './tree'
import type {
  ChangePart,
  Documents,
  EditOperation,
  Json,
  Operation,
  Outcome,
  PutOperation,
  SetOperation,
  StoredDocument,
  StoredRecord,
} from './types'

export interface Applied {
  documents: Documents
  /** What undoes the change, last operation first; empty when the change was refused. */
  inverse: ChangePart[]
  outcomes: Outcome[]
  refused: boolean
}

/** The changed documents of one change: each document and collection is copied once, however many operations follow. */
class Workspace {
  private owned = new Set<object>()
  /** by document, from the first removal on: thousands of records go in one pass */
  private below = new Map<string, RecordsByParent>()
  /** records by collection, counted once for all that are put */
  private counts = new Map<object, number>()

  constructor(public documents: Documents) {
    this.documents = { ...documents }
  }

  document(kind: DocumentKind, id: string): StoredDocument {
    const found = this.documents[id]
    if (found && this.owned.has(found)) return found
    const copy = found ? { ...found, records: { ...found.records } } : emptyDocument(kind, id)
    this.documents[id] = copy
    this.owned.add(copy)
    return copy
  }

  collection(document: StoredDocument, name: string): Record<string, StoredRecord> {
    const found = document.records[name] ?? {}
    if (this.owned.has(found)) return found
    const copy = copyCollection(found)
    document.records[name] = copy
    this.owned.add(copy)
    return copy
  }

  /** Writes a record where it is checked already. */
  write({ kind, document }: Place, collection: string, record: StoredRecord) {
    const records = this.collection(document, collection)
    records[record.id] = record
    noteChanged(records, record.id)
    const below = this.below.get(document.id)
    if (below) addToParents(kind, below, collection, record)
  }

  /** How many records stand below one another under a record, at most, by one relation. */
  height({ kind, document }: Place, { collection, field }: ParentRelation, id: string): number {
    const below = this.hanging(kind, document)
    const records = document.records[collection] ?? {}
    let height = 0
    for (let level = [id]; level.length; height++)
      level = level.flatMap((parent) =>
        (below.get(`${collection}/${parent}`) ?? [])
          .filter((one) => one.collection === collection && records[one.record.id]?.[field] === parent)
          .map((one) => one.record.id),
      )
    return height - 1
  }

  private hanging(kind: DocumentKind, document: StoredDocument): RecordsByParent {
    let below = this.below.get(document.id)
    if (!below) this.below.set(document.id, (below = recordsByParent(kind, document)))
    return below
  }

  /** Whether a collection has no room for one more record. */
  isFull(document: StoredDocument, name: string): boolean {
    const collection = this.collection(document, name)
    const count = this.counts.get(collection) ?? Object.keys(collection).length
    this.counts.set(collection, count + 1)
    return count >= MOST_RECORDS
  }

  /** Takes a record out with everything that hangs below it. @returns them, parents before children */
  takeOut({ kind, document }: Place, collection: string, id: string) {
    const taken = descendants(document, this.hanging(kind, document), collection, id)
    for (const gone of taken) {
      const collection = this.collection(document, gone.collection)
      delete collection[gone.record.id]
      noteChanged(collection, gone.record.id)
      const count = this.counts.get(collection)
      if (count !== undefined) this.counts.set(collection, count - 1)
    }
    return taken
  }
}

class Refusal extends Error {}
class PassedOver extends Error {}

/** Everything one operation needs to know about where it is applied. */
interface Place {
  kind: DocumentKind
  document: StoredDocument
  workspace: Workspace
}

/**
 * Applies the parts of a change, all or none.
 * @param documents the project's documents at the head; not altered, and shared where nothing changed
 * @param parts what to do, document by document; a missing document is created empty
 * @returns the documents after it, its inverse, and what was refused or passed over with the reason
 */
export function applyChange(kinds: DocumentKinds, documents: Documents, parts: ChangePart[]): Applied {
  const workspace = new Workspace(documents)
  const inverse: ChangePart[] = []
  const outcomes: Outcome[] = []
  for (const part of parts) {
    const kind = kinds[part.kind]
    const clash = documents[part.document] && documents[part.document].kind !== part.kind
    if (!kind || clash)
      return refuse(documents, part, undefined, `there is no ${part.kind} document ${part.document}`)
    const document = workspace.document(kind, part.document)
    const undoing: Operation[] = []
    for (const operation of part.operations) {
      try {
        undoing.unshift(...applyOperation({ kind, document, workspace }, operation))
      } catch (error) {
        if (error instanceof Refusal) return refuse(documents, part, operation, error.message)
        if (!(error instanceof PassedOver)) throw error
        outcomes.push(outcomeOf('passed over', part, operation, error.message))
      }
    }
    if (undoing.length) inverse.unshift({ document: part.document, kind: part.kind, operations: undoing })
  }
  for (const part of parts) {
    const lost = kinds[part.kind].lacks?.(workspace.documents[part.document])
    const before = documents[part.document]
    if (lost && before && !kinds[part.kind].lacks?.(before))
      return refuse(documents, part, undefined, `every ${part.kind} needs ${lost}`)
  }
  return { documents: workspace.documents, inverse, outcomes, refused: false }
}

function refuse(
  documents: Documents,
  part: ChangePart,
  operation: Operation | undefined,
  reason: string,
): Applied {
  return { documents, inverse: [], outcomes: [outcomeOf('refused', part, operation, reason)], refused: true }
}

function outcomeOf(
  result: Outcome['result'],
  part: ChangePart,
  operation: Operation | undefined,
  reason: string,
): Outcome {
  return {
    result,
    document: part.document,
    collection: operation?.collection ?? '',
    id: operation?.id ?? '',
    reason,
  }
}

function applyOperation(place: Place, operation: Operation): Operation[] {
  if (!Object.hasOwn(place.kind.collections, operation.collection)) {
    throw new Refusal(`a ${place.kind.kind} has no ${operation.collection}`)
  }
  switch (operation.type) {
    case 'put':
      return put(place, operation)
    case 'set':
      return set(place, operation)
    case 'remove':
      return remove(place, operation.collection, operation.id)
    case 'edit':
      return edit(place, operation)
  }
}

function put(place: Place, { collection, id, record }: PutOperation): Operation[] {
  if (record.id !== id) throw new Refusal(`the record names itself ${record.id}, not ${id}`)
  if (Object.hasOwn(place.document.records[collection] ?? {}, id)) throw new PassedOver('it exists already')
  const clean = withoutEmptyBranches(place.kind.collections[collection].schema, record)
  checkSchema(place, collection, clean)
  checkParents(place, collection, clean)
  if (place.workspace.isFull(place.document, collection)) {
    const most = MOST_RECORDS.toLocaleString('en')
    throw new Refusal(`a ${place.kind.kind} holds at most ${most} ${collection}; delete some first`)
  }
  place.workspace.write(place, collection, clean)
  return [{ type: 'remove', collection, id }]
}

function set(place: Place, operation: SetOperation): Operation[] {
  const { collection, id, path, value } = operation
  const record = existing(place, collection, id)
  const found = leafAt(place.kind.collections[collection].schema, path)
  if ('reason' in found) throw new Refusal(found.reason)
  if (path[0] === 'id') throw new Refusal('an id never changes')
  const before = valueAt(record, path)
  if (operation.over && !equal(before, operation.over.value)) {
    throw new PassedOver(`${path.join('.')} was changed meanwhile, and that value is kept`)
  }
  if (equal(before, value)) return []
  const after = withValue(record, path, value)
  checkSchema(place, collection, after)
  if (isRelation(place, collection, path)) checkParents(place, collection, after)
  place.workspace.write(place, collection, after)
  return [{ type: 'set', collection, id, path, ...given(before), over: given(value) }]
}

const given = (value: Json | undefined) => (value === undefined ? {} : { value })

function edit(place: Place, { collection, id, path, delta }: EditOperation): Operation[] {
  const record = existing(place, collection, id)
  const found = leafAt(place.kind.collections[collection].schema, path)
  if ('reason' in found) throw new Refusal(found.reason)
  const before = valueAt(record, path) ?? []
  if (!Array.isArray(before)) throw new Refusal(`${path.join('.')} is not rich text`)
  const text = composeText(before as never, delta)
  if (!text) throw new Refusal('the edit does not fit the text')
  const after = withValue(record, path, text.length ? (text as unknown as Json) : undefined)
  checkSchema(place, collection, after)
  place.workspace.write(place, collection, after)
  return [{ type: 'edit', collection, id, path, delta: invertEdit(before as never, delta) }]
}

function remove(place: Place, collection: string, id: string): Operation[] {
  if (!Object.hasOwn(place.document.records[collection] ?? {}, id)) return []
  return place.workspace.takeOut(place, collection, id).map(({ collection, record }): Operation => {
    return { type: 'put', collection, id: record.id, record }
  })
}

function existing(place: Place, collection: string, id: string): StoredRecord {
  const records = place.document.records[collection] ?? {}
  if (!Object.hasOwn(records, id)) throw new PassedOver('it no longer exists')
  return records[id]
}

function checkSchema(place: Place, collection: string, record: StoredRecord) {
  const parsed = place.kind.collections[collection].schema.safeParse(record)
  if (parsed.success) return
  const [issue] = parsed.error.issues
  throw new Refusal(`${issue.path.join('.') || collection}: ${issue.message}`)
}

function isRelation(place: Place, collection: string, path: string[]): boolean {
  return (
    path.length === 1 && place.kind.collections[collection].parents.some(({ field }) => field === path[0])
  )
}

function checkDepth(place: Place, collection: string, relation: ParentRelation, parent: string, id: string) {
  const { deepest } = relation
  if (!deepest || relation.collection !== collection) return
  const records = place.document.records[collection]
  const above = ancestorCount(records, relation, parent)
  const below = Object.hasOwn(records, id) ? place.workspace.height(place, relation, id) : 0
  if (above + 1 + below > deepest)
    throw new Refusal(`it would stand more than ${deepest.toLocaleString('en')} deep`)
}

function checkParents(place: Place, collection: string, record: StoredRecord) {
  for (const relation of place.kind.collections[collection].parents) {
    const parentId = record[relation.field]
    const parents = place.document.records[relation.collection] ?? {}
    if (typeof parentId === 'string') {
      if (parentId === record.id || ancestorsInclude(parents, relation, parentId, record.id, collection)) {
        throw new Refusal('it would stand inside itself')
      }
      if (!Object.hasOwn(parents, parentId)) throw new PassedOver(`its ${relation.field} no longer exists`)
      checkDepth(place, collection, relation, parentId, record.id)
    }
    const reason = relation.refuses?.(typeof parentId === 'string' ? parents[parentId] : undefined, record)
    if (reason) throw new Refusal(reason)
  }
}
