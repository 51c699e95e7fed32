import type { Documents, Json, StoredRecord } from './types'

/** A record that names something by its id. */
export interface NamingRecord {
  document: string
  collection: string
  record: StoredRecord
}

/** All records of a project in which an id stands as a value, wherever their schema has room for one. */
export function recordsNaming(documents: Documents, id: string): NamingRecord[] {
  return Object.values(documents).flatMap(({ id: document, records }) =>
    Object.entries(records).flatMap(([collection, held]) =>
      Object.values(held)
        .filter((record) => Object.entries(record).some(([key, value]) => key !== 'id' && names(value, id)))
        .map((record) => ({ document, collection, record })),
    ),
  )
}

function names(value: Json | undefined, id: string): boolean {
  if (typeof value !== 'object' || value === null) return value === id
  return Object.values(value).some((below) => names(below, id))
}
