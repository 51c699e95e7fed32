import type { Pattern } from './pattern'
import { patternById, patterns } from './patterns'

/** Where a section stands on its page. */
export interface SectionPlace {
  /** common to all pages: at their top or their foot */
  common?: 'top' | 'bottom'
  isFirst: boolean
  isHome: boolean
}

/** Pattern of a section nothing else is known of. */
const PLAIN = 'words'

/** Words that name nothing by themselves. */
const LITTLE = new Set(
  'what who where when how why we our us you your is are it to the of and in on for do at by with from'.split(
    ' ',
  ),
)

/** The words of a text in the singular; little ones only where there are no others. */
function wordsIn(text: string): string[] {
  const all = text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word.length > 1)
  const telling = all.filter((word) => !LITTLE.has(word))
  return (telling.length ? telling : all).map((word) => (word.length > 3 ? word.replace(/s$/, '') : word))
}

const known = patterns.map((pattern) => ({
  pattern,
  label: new Set(wordsIn(pattern.label)),
  also: new Set([...wordsIn(`${pattern.label} ${pattern.also}`), ...pattern.also.split(' ')]),
}))

/** How well a pattern's words name a section. */
function score(words: string[], { label, also }: (typeof known)[number]): number {
  return words.reduce((sum, word) => {
    if (label.has(word)) return sum + 3
    if (also.has(word)) return sum + 2
    return word.length > 4 &&
      [...also].some((one) => one.length > 4 && (one.startsWith(word) || word.startsWith(one)))
      ? sum + 1
      : sum
  }, 0)
}

/** The pattern a section's name asks for, by the words patterns are found by; of equals the one offered first. */
export function guessPattern(name: string, { common, isFirst, isHome }: SectionPlace): Pattern {
  const words = wordsIn(name)
  const offered = known.filter(({ pattern: { group } }) =>
    common === 'top' ? group === 'top' : common === 'bottom' ? group === 'foot' : group !== 'foot',
  )
  const best = offered.reduce<{ pattern?: Pattern; points: number }>(
    (leading, one) => {
      const points = score(words, one)
      return points > leading.points ? { pattern: one.pattern, points } : leading
    },
    { points: 0 },
  )
  if (best.pattern) return best.pattern
  if (common) return offered[0].pattern
  const plain = isFirst ? (isHome ? 'hero-beside' : 'page-title') : PLAIN
  return patternById(plain) as Pattern
}
