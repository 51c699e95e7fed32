import type { DocumentKind, ParentRelation } from './kind'
import type { StoredDocument, StoredRecord } from './types'

/** Whether `id` stands among the ancestors of `from` in a collection that is a tree of itself. */
export function ancestorsInclude(
  records: Record<string, StoredRecord>,
  relation: ParentRelation,
  from: string,
  id: string,
  collection: string,
): boolean {
  if (relation.collection !== collection) return false
  for (let here = records[from]; here; here = records[String(here[relation.field])]) {
    if (here.id === id) return true
  }
  return false
}

/** How many records a chain of parents has, from `from` up to the top. */
export function ancestorCount(
  records: Record<string, StoredRecord>,
  { field }: ParentRelation,
  from: string,
): number {
  let count = 0
  for (let here = records[from]; here; here = records[String(here[field])]) count++
  return count
}

/** A record with the field by which it hangs below another. */
interface Hanging {
  collection: string
  field: string
  record: StoredRecord
}

/** What hangs below each record of a document, and perhaps some that no longer does. */
export type RecordsByParent = Map<string, Hanging[]>

/**
 * A record and everything that hangs below it, in any collection, parents before children.
 * @param below as `recordsByParent` found it, with what was added since by `addToParents`
 */
export function descendants(
  document: StoredDocument,
  below: RecordsByParent,
  collection: string,
  id: string,
) {
  const taken = [{ collection, record: document.records[collection][id] }]
  const seen = new Set([`${collection}/${id}`])
  for (let index = 0; index < taken.length; index++) {
    const parent = taken[index]
    for (const hanging of below.get(keyOf(parent)) ?? []) {
      const record = document.records[hanging.collection]?.[hanging.record.id]
      const child = { collection: hanging.collection, record }
      if (record?.[hanging.field] !== parent.record.id || seen.has(keyOf(child))) continue
      taken.push(child)
      seen.add(keyOf(child))
    }
  }
  return taken
}

/** What hangs below each record of a document, by collection and id, in one pass. */
export function recordsByParent(kind: DocumentKind, document: StoredDocument): RecordsByParent {
  const below: RecordsByParent = new Map()
  for (const collection of Object.keys(kind.collections))
    for (const record of Object.values(document.records[collection] ?? {}))
      addToParents(kind, below, collection, record)
  return below
}

/** Enters a record below those it hangs from. */
export function addToParents(
  kind: DocumentKind,
  below: RecordsByParent,
  collection: string,
  record: StoredRecord,
) {
  for (const { field, collection: above } of kind.collections[collection].parents) {
    if (!record[field]) continue
    const key = `${above}/${String(record[field])}`
    const list = below.get(key)
    if (list) list.push({ collection, field, record })
    else below.set(key, [{ collection, field, record }])
  }
}

/** Records that hang below `parent` (null: at the top) in their order; ties by id. */
export function childrenOf<T extends { id: string; parent?: string; order: string }>(
  records: Record<string, T>,
  parent: string | null,
): T[] {
  return inOrder(Object.values(records).filter((record) => (record.parent ?? null) === parent))
}

/** All records by their parent, each list in order. One pass, for whole trees. */
export function childrenByParent<T extends { id: string; parent?: string; order: string }>(
  records: Record<string, T>,
): Map<string | null, T[]> {
  const lists = new Map<string | null, T[]>()
  for (const record of Object.values(records)) {
    const key = record.parent ?? null
    const list = lists.get(key)
    if (list) list.push(record)
    else lists.set(key, [record])
  }
  for (const list of lists.values()) inOrder(list)
  return lists
}

/**
 * Records as they stand in a tree, each before what is below it, with how deep it stands (0 at the top). Walks without
 * recursion, so that no tree is too deep.
 * @param goesBelow whether what stands below a record follows
 */
export function treeInOrder<T extends { id: string }>(
  children: ReadonlyMap<string | null, T[]>,
  goesBelow: (record: T) => boolean = () => true,
): { record: T; depth: number }[] {
  const list: { record: T; depth: number }[] = []
  const open = (children.get(null) ?? []).map((record) => ({ record, depth: 0 })).reverse()
  for (let one = open.pop(); one; one = open.pop()) {
    list.push(one)
    const { record, depth } = one
    const below = goesBelow(record) ? (children.get(record.id) ?? []) : []
    for (let index = below.length - 1; index >= 0; index--)
      open.push({ record: below[index], depth: depth + 1 })
  }
  return list
}

/** Sorts records by their fractional order in place, ties by id. */
export function inOrder<T extends { id: string; order: string }>(records: T[]): T[] {
  return records.sort((a, b) => compareText(a.order, b.order) || compareText(a.id, b.id))
}

const compareText = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0)

/** Every record of a document with its collection, parents before what hangs below them. */
export function documentDepthFirst(kind: DocumentKind, document: StoredDocument) {
  const below = recordsByParent(kind, document)
  const isTop = (collection: string, record: StoredRecord) =>
    kind.collections[collection].parents.every(({ field, collection: above }) => {
      const parent = record[field]
      return !parent || !document.records[above]?.[String(parent)]
    })
  const all = Object.keys(document.records)
    .filter((collection) => kind.collections[collection])
    .flatMap((collection) =>
      Object.values(document.records[collection]).map((record) => ({ collection, record })),
    )
  const taken = all.filter(({ collection, record }) => isTop(collection, record))
  const placed = new Set(taken.map(keyOf))
  // A record with several parents follows the last of them.
  const isReady = ({ collection, record }: (typeof all)[number]) =>
    kind.collections[collection].parents.every(({ field, collection: above }) => {
      const parent = record[field]
      const isThere = parent && document.records[above]?.[String(parent)]
      return !isThere || placed.has(`${above}/${String(parent)}`)
    })
  for (let index = 0; index < taken.length; index++) {
    for (const child of below.get(keyOf(taken[index])) ?? []) {
      if (placed.has(keyOf(child)) || !isReady(child)) continue
      placed.add(keyOf(child))
      taken.push(child)
    }
  }
  return taken
}

const keyOf = ({ collection, record }: { collection: string; record: StoredRecord }) =>
  `${collection}/${record.id}`
