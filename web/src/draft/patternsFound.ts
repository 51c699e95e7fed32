import type { Pattern } from '@nolvex/core/draft/pattern'

/** Patterns whose words begin as the words typed do, all of them; in the order they are offered. */
export function patternsFound(patterns: Pattern[], typed: string): Pattern[] {
  const wanted = typed.toLowerCase().split(/\s+/).filter(Boolean)
  return patterns.filter(({ label, also }) => {
    const words = `${label} ${also}`.toLowerCase().split(/[^\p{L}\p{N}]+/u)
    return wanted.every((word) => words.some((one) => one.startsWith(word)))
  })
}
