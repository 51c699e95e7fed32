import { isWellFormed, mendText } from './wellFormed'
import type { Json } from './types'

/** How deeply what comes from outside may be nested; no record goes half as deep. */
export const DEEPEST_JSON = 40

/**
 * What keeps JSON from being stored, in words, or nothing: text that is not well formed, or nesting without end.
 * Walks without recursion, so that no depth can end it.
 */
export function jsonTrouble(value: unknown): string | undefined {
  const open: { value: unknown; path: string; depth: number }[] = [{ value, path: '', depth: 0 }]
  for (let one = open.pop(); one; one = open.pop()) {
    const { value: here, path, depth } = one
    if (typeof here === 'string' && !isWellFormed(here))
      return `${named(path)} holds half a character or a NUL, which is no text. Type it anew.`
    if (typeof here !== 'object' || here === null) continue
    if (depth >= DEEPEST_JSON)
      return `${named(path.split('.', 4).join('.'))} is nested more than ${DEEPEST_JSON} deep.`
    for (const [key, below] of Object.entries(here)) {
      if (!isWellFormed(key)) return `${named(path)} has a name that holds half a character or a NUL.`
      open.push({ value: below, path: path ? `${path}.${key}` : key, depth: depth + 1 })
    }
  }
  return undefined
}

const named = (path: string) => path || 'It'

/** JSON with its text mended where it is not well formed; the same object where nothing was to be mended. */
export function mendedJson<T extends Json | object>(value: T): T {
  return jsonTrouble(value) ? (mended(value as Json) as T) : value
}

function mended(value: Json): Json {
  if (typeof value === 'string') return mendText(value)
  if (typeof value !== 'object' || value === null) return value
  if (Array.isArray(value)) return value.map(mended)
  return Object.fromEntries(Object.entries(value).map(([key, below]) => [mendText(key), mended(below)]))
}
