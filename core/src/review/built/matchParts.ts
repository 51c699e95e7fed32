import { classFromName } from '../../markup/className'
import type { PagePart } from './pagePart'

/** A part that is drawn, with what was built of it. */
export interface MatchedPart {
  drawn: PagePart
  built: PagePart
}

export interface Matched {
  pairs: MatchedPart[]
  /** drawn, and not found in what is built */
  missing: PagePart[]
  /** built, and not drawn */
  extra: PagePart[]
}

/** What counts for two parts being one: the same words, the block's name as a class, the same place. */
const [WORDS, NAMED, PLACE, OVERLAP] = [3, 1.5, 1, 1]
/** Under this likeness of words two texts are two, whatever they are called. */
const LEAST_LIKE = 0.4
/** what a pair has to reach */
const LEAST_SCORE = 1.2
/** px from which on places count half */
const NEAR = 200

const KINDS: Record<PagePart['kind'], PagePart['kind'][]> = {
  text: ['text', 'button'],
  button: ['button', 'text'],
  picture: ['picture'],
  control: ['control'],
  box: ['box'],
}

/**
 * Which part of a built page is which of the drawing: first what says the same as often, in the order it is read; then
 * the likeliest pairs of all that is left.
 */
export function matchParts(drawn: PagePart[], built: PagePart[]): Matched {
  const pairs = sameWords(drawn, built)
  const taken = new Set<PagePart>(pairs.flatMap((pair) => [pair.drawn, pair.built]))
  const left = built.filter((part) => !taken.has(part))
  const candidates = drawn
    .filter((part) => !taken.has(part))
    .flatMap((part) =>
      left.flatMap((other) => {
        const score = likeness(part, other)
        return score >= LEAST_SCORE ? [{ drawn: part, built: other, score }] : []
      }),
    )
  for (const pair of candidates.sort((a, b) => b.score - a.score)) {
    if (taken.has(pair.drawn) || taken.has(pair.built)) continue
    taken.add(pair.drawn).add(pair.built)
    pairs.push({ drawn: pair.drawn, built: pair.built })
  }
  return {
    pairs: pairs.sort((a, b) => inReadingOrder(a.drawn, b.drawn)),
    missing: drawn.filter((part) => !taken.has(part)),
    extra: built.filter((part) => !taken.has(part)),
  }
}

/** From the top, from the left, and what holds others before them. */
export const inReadingOrder = (a: PagePart, b: PagePart): number =>
  a.y - b.y || a.x - b.x || b.w * b.h - a.w * a.h

/** Parts that say the same, as often in both: what moved down a screen is still known by its words. */
function sameWords(drawn: PagePart[], built: PagePart[]): MatchedPart[] {
  const groups = (parts: PagePart[]) => {
    const found = new Map<string, PagePart[]>()
    for (const part of parts) {
      if (!part.words) continue
      const key = `${part.kind === 'button' ? 'text' : part.kind} ${spaceless(part.words)}`
      found.set(key, [...(found.get(key) ?? []), part])
    }
    return found
  }
  const others = groups(built)
  return [...groups(drawn)].flatMap(([key, parts]) => {
    const same = others.get(key)
    if (same?.length !== parts.length) return []
    const inTurn = [...same].sort(inReadingOrder)
    return [...parts].sort(inReadingOrder).map((part, at) => ({ drawn: part, built: inTurn[at] }))
  })
}

/** What two texts have in common however blocks of them are set apart. */
const spaceless = (words: string): string => words.toLowerCase().replace(/\s+/g, '')

function likeness(drawn: PagePart, built: PagePart): number {
  if (!KINDS[drawn.kind].includes(built.kind)) return 0
  const isNamed = built.marks?.some((mark) => mark === classFromName(drawn.name)) ?? false
  const hasWords = drawn.kind !== 'box' && drawn.words !== '' && built.words !== ''
  const words = hasWords ? wordsAlike(drawn.words, built.words) : 0
  if (hasWords && words < LEAST_LIKE && !isNamed) return 0
  const apart = Math.hypot(drawn.x - built.x, drawn.y - built.y)
  return WORDS * words + (isNamed ? NAMED : 0) + PLACE / (1 + apart / NEAR) + OVERLAP * shared(drawn, built)
}

/** The area two rectangles share, as a share of what they cover together. */
function shared(one: PagePart, other: PagePart): number {
  const w = Math.min(one.x + one.w, other.x + other.w) - Math.max(one.x, other.x)
  const h = Math.min(one.y + one.h, other.y + other.h) - Math.max(one.y, other.y)
  if (w <= 0 || h <= 0) return 0
  return (w * h) / (one.w * one.h + other.w * other.h - w * h)
}

/** How many words two texts share, 0 to 1. @see L. R. Dice, Measures of the amount of ecologic association, 1945 */
export function wordsAlike(one: string, other: string): number {
  const wordsOf = (text: string) => text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []
  const [first, second] = [wordsOf(one), wordsOf(other)]
  if (first.length + second.length === 0) return one === other ? 1 : 0
  const counts = new Map<string, number>()
  for (const word of first) counts.set(word, (counts.get(word) ?? 0) + 1)
  let both = 0
  for (const word of second) {
    const count = counts.get(word) ?? 0
    if (count > 0) both++
    counts.set(word, count - 1)
  }
  return (2 * both) / (first.length + second.length)
}
