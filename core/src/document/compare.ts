import equal from 'fast-deep-equal'
import { valueAt } from './path'
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
export function compareDocuments(before: Documents, after: Documents): RecordDifference[] {
  const ids = [...new Set([...Object.keys(before), ...Object.keys(after)])].sort()
  return ids.flatMap((id) => compareDocument(before[id], after[id]))
}

function compareDocument(before?: StoredDocument, after?: StoredDocument): RecordDifference[] {
  if (before === after) return []
  const document = (after ?? before)?.id ?? ''
  const names = new Set([...Object.keys(before?.records ?? {}), ...Object.keys(after?.records ?? {})])
  return [...names].flatMap((collection) => {
    const old = before?.records[collection] ?? {}
    const now = after?.records[collection] ?? {}
    const ids = old === now ? [] : [...new Set([...Object.keys(old), ...Object.keys(now)])]
    return ids.flatMap((id) => {
      const leaves = differingLeaves(old[id], now[id])
      if (leaves.length === 0) return []
      const change = !old[id] ? 'added' : !now[id] ? 'removed' : 'altered'
      return [
        { document, collection, id, change, leaves: change === 'altered' ? leaves : [] } as RecordDifference,
      ]
    })
  })
}

function differingLeaves(before?: StoredRecord, after?: StoredRecord) {
  if (before === after) return []
  const paths = new Map([...leafPaths(before), ...leafPaths(after)].map((path) => [path.join('\n'), path]))
  return [...paths.values()]
    .map((path) => ({ path, before: before && valueAt(before, path), after: after && valueAt(after, path) }))
    .filter((leaf) => !equal(leaf.before, leaf.after))
}

function leafPaths(value: Json | StoredRecord | undefined, path: string[] = []): string[][] {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return path.length ? [path] : []
  return Object.entries(value).flatMap(([key, below]) => leafPaths(below as Json, [...path, key]))
}

/** The operations that turn one state of a document into another, parents before children; used to restore. */
export function operationsBetween(before: StoredDocument, after: StoredDocument): Operation[] {
  const differences = compareDocument(before, after)
  const removed = differences.filter(({ change }) => change === 'removed')
  const added = differences.filter(({ change }) => change === 'added')
  const altered = differences.filter(({ change }) => change === 'altered')
  return [
    ...added
      .sort((a, b) => depth(after, a) - depth(after, b))
      .map(({ collection, id }): Operation => {
        return { type: 'put', collection, id, record: after.records[collection][id] }
      }),
    ...altered.flatMap(({ collection, id, leaves }) =>
      leaves.map(({ path, after: value }): Operation => {
        return { type: 'set', collection, id, path, ...(value === undefined ? {} : { value }) }
      }),
    ),
    ...removed.map(({ collection, id }): Operation => ({ type: 'remove', collection, id })),
  ]
}

function depth(document: StoredDocument, { collection, id }: RecordDifference): number {
  let steps = 0
  const records = document.records[collection]
  for (let here = records[id]; here?.parent; here = records[String(here.parent)]) steps++
  return steps
}
