import type { Json, StoredRecord } from './types'

type Branch = Record<string, Json | undefined>

const isBranch = (value: Json | undefined): value is Record<string, Json> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** The value at a path of keys, or undefined where nothing stands. */
export function valueAt(record: StoredRecord, path: string[]): Json | undefined {
  let here: Json | undefined = record as Json
  for (const key of path) {
    if (!isBranch(here) || !Object.hasOwn(here, key)) return undefined
    here = here[key]
  }
  return here
}

/** A copy of the record with the leaf at `path` written, or cleared together with the branches it leaves empty. */
export function withValue(record: StoredRecord, path: string[], value: Json | undefined): StoredRecord {
  return write(record, path, value) as StoredRecord
}

function write(branch: Branch, [key, ...rest]: string[], value: Json | undefined): Branch {
  const below = branch[key]
  const next = rest.length === 0 ? value : (write(isBranch(below) ? below : {}, rest, value) as Json)
  const copy = { ...branch }
  if (next === undefined || (rest.length > 0 && Object.keys(next as object).length === 0)) delete copy[key]
  else copy[key] = next
  return copy
}
