/**
 * A value that came anew, with every part of it that is as it was before being the very same object as before: whoever
 * goes by that sees what changed, although all of it was sent. Values are plain data: objects, arrays, and what JSON has.
 * @param before as it was; stays as it is
 * @param after as it is; its parts are replaced in place
 */
export function shareUnchanged<T>(before: unknown, after: T): T {
  if (before === after || !isHolder(before) || !isHolder(after)) return after
  if (Array.isArray(before) !== Array.isArray(after)) return after
  const keys = Object.keys(after)
  let isSame = keys.length === Object.keys(before).length
  for (const key of keys) {
    after[key as keyof typeof after] = shareUnchanged(before[key], after[key]) as never
    isSame &&= key in before && before[key] === after[key]
  }
  return isSame ? (before as T) : after
}

const isHolder = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null
