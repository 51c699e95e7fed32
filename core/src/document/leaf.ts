import { z } from 'zod'

const leaves = z.registry<{ leaf: true }>()

/** Marks an object schema as one leaf: it is written whole, not by its parts. */
export function leaf<T extends z.ZodType>(schema: T): T {
  leaves.add(schema, { leaf: true })
  return schema
}

function unwrap(schema: z.ZodType): z.ZodType {
  let inner = schema
  while (inner instanceof z.ZodOptional || inner instanceof z.ZodDefault || inner instanceof z.ZodNullable) {
    inner = inner.unwrap() as z.ZodType
  }
  return inner
}

function step(schema: z.ZodType, key: string): z.ZodType | undefined {
  if (leaves.has(schema)) return undefined
  if (schema instanceof z.ZodObject) {
    return Object.hasOwn(schema.shape, key) ? (schema.shape[key] as z.ZodType) : undefined
  }
  if (schema instanceof z.ZodRecord) {
    return (schema.keyType as z.ZodType).safeParse(key).success ? (schema.valueType as z.ZodType) : undefined
  }
  return undefined
}

/**
 * The schema of the leaf at a path of keys, or a reason why there is none. A leaf is whatever cannot be walked into:
 * a value, an array, or an object marked by `leaf`.
 */
export function leafAt(schema: z.ZodType, path: string[]): { leaf: z.ZodType } | { reason: string } {
  let here = unwrap(schema)
  for (const key of path) {
    const next = step(here, key)
    if (!next) return { reason: `there is no value at ${path.join('.')}` }
    here = unwrap(next)
  }
  const isBranch = (here instanceof z.ZodObject || here instanceof z.ZodRecord) && !leaves.has(here)
  if (path.length === 0 || isBranch)
    return { reason: `${path.join('.') || 'a record'} is written by its parts` }
  return { leaf: here }
}

/**
 * Paths of all leaves of a value, as its schema parts it. Keys the schema does not know are leaves.
 * A record that may be of several kinds is parted by its own keys.
 */
export function leafPathsIn(schema: z.ZodType, value: unknown, path: string[] = []): string[][] {
  const here = unwrap(schema)
  const isParted = (here instanceof z.ZodObject || here instanceof z.ZodRecord) && !leaves.has(here)
  const isRecord = path.length === 0 && here instanceof z.ZodUnion
  if (typeof value !== 'object' || value === null || (!isParted && !isRecord))
    return path.length ? [path] : []
  return Object.entries(value).flatMap(([key, below]) => {
    const next = isParted ? step(here, key) : undefined
    return next ? leafPathsIn(next, below, [...path, key]) : [[...path, key]]
  })
}
