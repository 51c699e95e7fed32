import { isDeepStrictEqual } from 'node:util'

/** Fails a journey with what was expected and what was found. */
export function expectEqual<T>(found: T, wanted: T, what: string) {
  if (isDeepStrictEqual(found, wanted)) return
  throw new Error(`${what}: expected ${JSON.stringify(wanted)}, found ${JSON.stringify(found)}`)
}

export function expectTrue(condition: unknown, what: string): asserts condition {
  if (!condition) throw new Error(`not so: ${what}`)
}
