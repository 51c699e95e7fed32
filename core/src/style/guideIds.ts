import type { Role } from '../colour/roles'

/** Ids a computed guide gives its records: the same each time, so that what names them still does when it is computed anew. */
export const guideId = (...words: (string | undefined)[]): string =>
  words
    .filter(Boolean)
    .join('')
    .toLowerCase()
    .replace(/[^a-z0-9]/g, '')
    .padEnd(16, '0')
    .slice(0, 16)

export const roleTokenId = (role: Role): string => guideId('role', role)
export const gapTokenId = (name: string): string => guideId('gap', name.replace('space-', ''))

/** An id that is the same each time for the same words, where they are more than an id has room for. */
export function idOfWords(...words: (string | undefined)[]): string {
  // FNV-1a over the words, twice from different beginnings.
  const hash = (seed: number) => {
    let value = seed
    for (const sign of words.join(' ')) value = Math.imul(value ^ sign.charCodeAt(0), 0x01000193) >>> 0
    return value.toString(36).padStart(7, '0')
  }
  return `p${hash(0x811c9dc5)}${hash(0x9dc5811c)}0`.slice(0, 16)
}
