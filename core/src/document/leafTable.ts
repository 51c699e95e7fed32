import { z } from 'zod'
import type { Json, StoredRecord } from './types'

const whole = z.registry<{ whole: true }>()

/** Marks an object schema as one leaf: it is written whole, not by its parts. */
export function leaf<T extends z.ZodType>(schema: T): T {
  whole.add(schema, { whole: true })
  return schema
}

/**
 * What a schema says of where values stand, compiled once: a leaf is written whole; a branch has keys of its own; a
 * keyed branch takes any key of a kind, such as a band's id.
 */
export type LeafTable =
  | { type: 'leaf'; schema: z.ZodType }
  | { type: 'branch'; keys: ReadonlyMap<string, LeafTable> }
  | { type: 'keyed'; key: z.ZodType; below: LeafTable }

const compiled = new WeakMap<z.ZodType, LeafTable>()

/** The table of leaves of a schema. A record of one of several kinds (a discriminated union) has the leaves of all. */
export function leafTable(schema: z.ZodType): LeafTable {
  let table = compiled.get(schema)
  if (!table) compiled.set(schema, (table = compile(schema)))
  return table
}

function compile(schema: z.ZodType): LeafTable {
  const inner = unwrapped(schema)
  if (inner === undefined || whole.has(inner)) return { type: 'leaf', schema }
  if (inner instanceof z.ZodObject) {
    const shape = Object.entries(inner.shape as Record<string, z.ZodType>)
    return { type: 'branch', keys: new Map(shape.map(([key, below]) => [key, leafTable(below)])) }
  }
  if (inner instanceof z.ZodRecord)
    return { type: 'keyed', key: inner.keyType as z.ZodType, below: leafTable(inner.valueType as z.ZodType) }
  if (inner instanceof z.ZodDiscriminatedUnion)
    return (inner.options as z.ZodType[]).map(leafTable).reduce(joined)
  return { type: 'leaf', schema }
}

/** A schema without what makes it optional. */
function unwrapped(schema: z.ZodType): z.ZodType | undefined {
  let inner = schema
  while (
    !whole.has(inner) &&
    (inner instanceof z.ZodOptional || inner instanceof z.ZodDefault || inner instanceof z.ZodNullable)
  )
    inner = inner.unwrap() as z.ZodType
  return inner
}

/** The leaves of either of two tables; what is a leaf in one of them is written whole. */
function joined(a: LeafTable, b: LeafTable): LeafTable {
  if (a === b) return a
  if (a.type === 'branch' && b.type === 'branch') {
    const keys = new Map(a.keys)
    for (const [key, below] of b.keys) {
      const known = keys.get(key)
      keys.set(key, known ? joined(known, below) : below)
    }
    return { type: 'branch', keys }
  }
  if (a.type === 'keyed' && b.type === 'keyed')
    return { type: 'keyed', key: a.key, below: joined(a.below, b.below) }
  const schemas = [a, b].flatMap((one) => (one.type === 'leaf' ? [one.schema] : []))
  return {
    type: 'leaf',
    schema: schemas.length === 2 ? z.union(schemas as [z.ZodType, z.ZodType]) : z.unknown(),
  }
}

/** What stands below a key of a table, or nothing where there is no such key. */
function below(table: LeafTable, key: string): LeafTable | undefined {
  if (table.type === 'branch') return table.keys.get(key)
  if (table.type === 'keyed') return table.key.safeParse(key).success ? table.below : undefined
  return undefined
}

/** The schema of the leaf at a path of keys, or a reason why there is none. */
export function leafAt(schema: z.ZodType, path: string[]): { leaf: z.ZodType } | { reason: string } {
  let here: LeafTable | undefined = leafTable(schema)
  for (const key of path) {
    here = here && below(here, key)
    if (!here) return { reason: `there is no value at ${path.join('.')}` }
  }
  if (path.length === 0 || here?.type !== 'leaf')
    return { reason: `${path.join('.') || 'a record'} is written by its parts` }
  return { leaf: here.schema }
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Paths of all leaves of a value, as its table parts it. Keys the table does not know are leaves. */
export function leafPaths(table: LeafTable | undefined, value: unknown, path: string[] = []): string[][] {
  if (!table || table.type === 'leaf' || !isObject(value)) return path.length ? [path] : []
  return Object.entries(value).flatMap(([key, one]) => leafPaths(below(table, key), one, [...path, key]))
}

/** Values laid over others, leaf by leaf: what `over` lacks is taken from `under`, which is given back unaltered. */
export function overlay<T>(table: LeafTable | undefined, under: T, over: unknown): T {
  if (over === undefined) return under
  if (!table || table.type === 'leaf' || !isObject(over) || !isObject(under)) return over as T
  const merged: Record<string, unknown> = { ...under }
  for (const key in over) {
    const value = over[key]
    if (value === undefined) continue
    const next = below(table, key)
    merged[key] = !next || next.type === 'leaf' ? value : overlay(next, merged[key], value)
  }
  return merged as T
}

/** A record without branches that hold no leaf, the form in which records are compared and stored. */
export function withoutEmptyBranches(schema: z.ZodType, record: StoredRecord): StoredRecord {
  return stripped(leafTable(schema), record as Json) as StoredRecord
}

function stripped(table: LeafTable | undefined, value: Json): Json {
  if (!table || table.type === 'leaf' || !isObject(value)) return value
  const entries = Object.entries(value)
    .map(([key, one]) => [key, stripped(below(table, key), one as Json)] as const)
    .filter(([key, one]) => one !== undefined && !isEmptyBranch(below(table, key), one))
  return Object.fromEntries(entries)
}

const isEmptyBranch = (table: LeafTable | undefined, value: Json) =>
  table !== undefined && table.type !== 'leaf' && isObject(value) && Object.keys(value).length === 0
