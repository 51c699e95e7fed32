import { generateNKeysBetween } from 'fractional-indexing'

const LONGEST = 64

/** A record that stands among others by its key. */
export interface Ordered {
  id: string
  order: string
}

/**
 * Order keys for records put at a place among siblings.
 * @param siblings the records already there, in order
 * @param index where the first new record will stand, 0 to `siblings.length`
 * @param count how many keys are wanted
 * @returns the keys, and new ones for the siblings when theirs have run together, grown past 64 characters, or are of a
 *   form none can be put between, as files from elsewhere may have them
 */
export function orderAt(
  siblings: Ordered[],
  index: number,
  count = 1,
): { keys: string[]; renumbered: Ordered[] } {
  const before = siblings[index - 1]?.order ?? null
  const after = siblings[index]?.order ?? null
  if (before === null || after === null || before < after) {
    const keys = keysBetween(before, after, count)
    if (keys?.every((key) => key.length <= LONGEST)) return { keys, renumbered: [] }
  }
  const fresh = generateNKeysBetween(null, null, siblings.length + count)
  const renumbered = siblings.map(({ id }, at) => ({ id, order: fresh[at < index ? at : at + count] }))
  return { keys: fresh.slice(index, index + count), renumbered }
}

function keysBetween(before: string | null, after: string | null, count: number): string[] | undefined {
  try {
    return generateNKeysBetween(before, after, count)
  } catch {
    return undefined
  }
}
