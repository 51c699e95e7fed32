import equal from 'fast-deep-equal'
import type { DocumentKind, DocumentKinds } from './kind'
import { leafPaths, leafTable, type LeafTable } from './leafTable'
import { valueAt } from './path'
import { documentDepthFirst } from './tree'
import type { Documents, Json, Operation, StoredDocument, StoredRecord } from './types'

/** What differs between two states of one record. */
export interface RecordDifference {
  document: string
  collection: string
  id: string
  change: 'added' | 'removed' | 'altered'
  /** The leaves that differ, for altered records. */
  leaves: { path: string[]; before?: Json; after?: Json }[]
}

/** All records that differ between two states of a project's documents. */
export function compareDocuments(
  kinds: DocumentKinds,
  before: Documents,
  after: Documents,
): RecordDifference[] {
  const ids = [...new Set([...Object.keys(before), ...Object.keys(after)])].sort()
  return ids.flatMap((id) => compareDocument(kinds[(after[id] ?? before[id]).kind], before[id], after[id]))
}

function compareDocument(
  kind: DocumentKind | undefined,
  before?: StoredDocument,
  after?: StoredDocument,
): RecordDifference[] {
  if (before === after) return []
  const document = (after ?? before)?.id ?? ''
  const names = new Set([...Object.keys(before?.records ?? {}), ...Object.keys(after?.records ?? {})])
  return [...names].flatMap((collection) => {
    const schema = kind?.collections[collection]?.schema
    const table = schema && leafTable(schema)
    const old = before?.records[collection] ?? {}
    const now = after?.records[collection] ?? {}
    const ids = old === now ? [] : [...new Set([...Object.keys(old), ...Object.keys(now)])]
    return ids.flatMap((id) => {
      const leaves = differingLeaves(table, old[id], now[id])
      if (leaves.length === 0) return []
      const change = !old[id] ? 'added' : !now[id] ? 'removed' : 'altered'
      return [
        { document, collection, id, change, leaves: change === 'altered' ? leaves : [] } as RecordDifference,
      ]
    })
  })
}

function differingLeaves(table: LeafTable | undefined, before?: StoredRecord, after?: StoredRecord) {
  if (before === after) return []
  const paths = new Map(
    [...pathsIn(table, before), ...pathsIn(table, after)].map((path) => [path.join('\n'), path]),
  )
  return [...paths.values()]
    .map((path) => ({ path, before: before && valueAt(before, path), after: after && valueAt(after, path) }))
    .filter((leaf) => !equal(leaf.before, leaf.after))
}

/** Leaves of a record; of one nothing is known of, each key is a leaf. */
const pathsIn = (table: LeafTable | undefined, record: StoredRecord | undefined): string[][] =>
  !record ? [] : table ? leafPaths(table, record) : Object.keys(record).map((key) => [key])

/** The operations that turn one state of a document into another, parents before children; used to restore. */
export function operationsBetween(
  kind: DocumentKind,
  before: StoredDocument,
  after: StoredDocument,
): Operation[] {
  const differences = compareDocument(kind, before, after)
  const keyOf = ({ collection, id }: { collection: string; id: string }) => `${collection}/${id}`
  const added = new Set(differences.filter(({ change }) => change === 'added').map(keyOf))
  // From the top down: what a record is moved into has found its place by then, so no cycle can arise on the way.
  const topDown = documentDepthFirst(kind, after)
  const rank = new Map(topDown.map(({ collection, record }, index) => [`${collection}/${record.id}`, index]))
  const altered = differences
    .filter(({ change }) => change === 'altered')
    .sort((a, b) => (rank.get(keyOf(a)) ?? 0) - (rank.get(keyOf(b)) ?? 0))
  const puts = topDown
    .map(({ collection, record }): Operation => ({ type: 'put', collection, id: record.id, record }))
    .filter((operation) => added.has(keyOf(operation)))
  const sets = altered.flatMap(({ collection, id }) =>
    setsBetween(kind, collection, before.records[collection][id], after.records[collection][id]),
  )
  const removed = differences.filter(({ change }) => change === 'removed')
  return [
    ...puts,
    ...sets,
    ...removed.map(({ collection, id }): Operation => ({ type: 'remove', collection, id })),
  ]
}

function setsBetween(
  { collections }: DocumentKind,
  collection: string,
  before: StoredRecord,
  after: StoredRecord,
): Operation[] {
  const table = leafTable(collections[collection].schema)
  const paths = [...leafPaths(table, before), ...leafPaths(table, after)]
  return [...new Map(paths.map((path) => [path.join('\n'), path])).values()]
    .filter((path) => !equal(valueAt(before, path), valueAt(after, path)))
    .map((path) => {
      const value = valueAt(after, path)
      const cleared: Operation = { type: 'set', collection, id: after.id, path }
      return value === undefined ? cleared : { ...cleared, value }
    })
}
