import { leafPaths, leafTable } from '../document/leafTable'
import { valueAt } from '../document/path'
import { recordsNaming } from '../document/recordsNaming'
import type { ChangePart, Documents, Json, Operation, StoredRecord } from '../document/types'
import { documentKinds } from '../resolve/documentKinds'

/** Where something named by its id is used: how often, by document. */
export interface NamedUses {
  document: string
  records: { collection: string; id: string }[]
}

/** The records that name something, by the document they stand in. */
export function usesOf(documents: Documents, id: string): NamedUses[] {
  const found = new Map<string, NamedUses>()
  for (const { document, collection, record } of recordsNaming(documents, id)) {
    const uses = found.get(document) ?? { document, records: [] }
    uses.records.push({ collection, id: record.id })
    found.set(document, uses)
  }
  return [...found.values()]
}

/** Changes by which everything that names one thing, such as a token, names another. */
export function replaceNamed(documents: Documents, from: string, to: string): ChangePart[] {
  return rewriteValues(documents, usesOf(documents, from), (value) => (value === from ? to : undefined))
}

/** Gives another value for one met in a leaf, or nothing where it stays; looked at before what is in it. */
export type Rewrite = (value: Json, path: string[]) => Json | undefined

/** Changes that rewrite values in the leaves of some records, leaf by leaf. */
export function rewriteValues(documents: Documents, uses: NamedUses[], rewrite: Rewrite): ChangePart[] {
  return uses.flatMap(({ document, records }): ChangePart[] => {
    const { kind, records: held } = documents[document]
    const operations = records.flatMap(({ collection, id }) => {
      const schema = documentKinds[kind]?.collections[collection]?.schema
      return schema ? rewriteRecord(collection, schema, held[collection][id], rewrite) : []
    })
    return operations.length ? [{ document, kind, operations }] : []
  })
}

function rewriteRecord(
  collection: string,
  schema: Parameters<typeof leafTable>[0],
  record: StoredRecord,
  rewrite: Rewrite,
): Operation[] {
  return leafPaths(leafTable(schema), record).flatMap((path): Operation[] => {
    if (path[0] === 'id') return []
    const value = valueAt(record, path)
    const after = value === undefined ? undefined : rewritten(value, path, rewrite)
    return after === value || after === undefined
      ? []
      : [{ type: 'set', collection, id: record.id, path, value: after }]
  })
}

function rewritten(value: Json, path: string[], rewrite: Rewrite): Json {
  const other = rewrite(value, path)
  if (other !== undefined) return other
  if (Array.isArray(value)) {
    const list = value.map((one) => rewritten(one, path, rewrite))
    return list.some((one, index) => one !== value[index]) ? list : value
  }
  if (typeof value !== 'object' || value === null) return value
  const entries = Object.entries(value).map(
    ([key, one]) => [key, one && rewritten(one, path, rewrite)] as const,
  )
  return entries.some(([key, one]) => one !== value[key]) ? (Object.fromEntries(entries) as Json) : value
}
