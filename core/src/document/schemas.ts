import { z } from 'zod'
import { idSchema } from './ids'
import { LONGEST_TEXT } from './richText'
import type { Change, Json } from './types'

const FORBIDDEN = new Set(['__proto__', 'constructor', 'prototype'])

const json: z.ZodType<Json> = z.json() as z.ZodType<Json>
const key = z
  .string()
  .min(1)
  .max(64)
  .refine((name) => !FORBIDDEN.has(name), 'this name is not allowed')
const path = z.array(key).min(1).max(8)
const target = { collection: key, id: idSchema }

const deltaOp = z.strictObject({
  insert: z.string().min(1).max(LONGEST_TEXT).optional(),
  delete: z.int().positive().optional(),
  retain: z.int().positive().optional(),
  attributes: z.record(key, json).optional(),
})

export const operationSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('put'), ...target, record: z.looseObject({ id: idSchema }) }),
  z.strictObject({
    type: z.literal('set'),
    ...target,
    path,
    value: json.optional(),
    over: z.strictObject({ value: json.optional() }).optional(),
  }),
  z.strictObject({ type: z.literal('remove'), ...target }),
  z.strictObject({ type: z.literal('edit'), ...target, path, delta: z.array(deltaOp).max(5000) }),
])

export const MOST_OPERATIONS = 5000

/** A change as a client sends it. At most 5,000 operations; the server limits its bytes to 1 MB. */
export const changeSchema = z
  .strictObject({
    id: idSchema,
    client: idSchema,
    base: z.int().nonnegative(),
    label: z.string().max(200),
    parts: z
      .array(
        z.strictObject({
          document: idSchema,
          kind: z.enum(['site', 'content', 'collection', 'style', 'drawing']),
          schema: z.int().min(1).optional(),
          operations: z.array(operationSchema).min(1).max(MOST_OPERATIONS),
        }),
      )
      .min(1)
      .max(500),
  })
  .refine(
    ({ parts }) => parts.reduce((sum, part) => sum + part.operations.length, 0) <= MOST_OPERATIONS,
    `a change holds at most ${MOST_OPERATIONS} operations`,
  )

/** Reads a change from outside. Throws a `ZodError` that names what is wrong. */
export function readChange(value: unknown): Change {
  return changeSchema.parse(value) as Change
}
