/** Names of gaps around the base, which is `m`. */
const SMALLER = ['s', 'xs', '2xs', '3xs', '4xs']
const LARGER = ['l', 'xl', '2xl', '3xl', '4xl', '5xl', '6xl', '7xl']
/** What each step is of the base; common practice, no source. */
const SHARES_BELOW = [0.75, 0.5, 0.25, 0.125]
const SHARES_ABOVE = [1.5, 2, 3, 4, 6, 8, 12]

/** A gap with what it is called. */
export interface NamedGap {
  name: string
  px: number
}

const MOST = 2000

/**
 * Gaps around a base: shares and multiples of it, whole px, rising.
 * @param base px
 * @param below how many are smaller, up to 4
 * @param above how many are larger, up to 7
 */
export function gapsAround(base: number, below = 3, above = 5): NamedGap[] {
  const gaps = [
    ...SHARES_BELOW.slice(0, below).map((share, index) => ({ name: SMALLER[index], px: base * share })),
    { name: 'm', px: base },
    ...SHARES_ABOVE.slice(0, above).map((share, index) => ({ name: LARGER[index], px: base * share })),
  ]
  const whole = gaps.map(({ name, px }) => ({ name: `space-${name}`, px: Math.max(1, Math.round(px)) }))
  const rising = whole.sort((a, b) => a.px - b.px)
  return rising.filter(({ px }, index) => rising[index - 1]?.px !== px)
}

/**
 * Gaps typed in one row, such as “4 8 12 16 24 32 48 64”, px; the one nearest to 16 px is called `m`.
 * @returns the gaps, rising, or what is wrong
 */
export function readGapRow(text: string): { gaps: NamedGap[] } | { error: string } {
  const parts = text.split(/[/,;\s]+/).filter(Boolean)
  const sizes = parts.map((part) => Number(part.replace(/px$/i, '')))
  const wrong = parts.find((_, index) => !(sizes[index] >= 0 && sizes[index] <= MOST))
  if (parts.length === 0 || wrong !== undefined)
    return { error: `“${wrong ?? text}” is no gap: type px with spaces between, such as 4 8 16 24 32 48.` }
  const rising = [...new Set(sizes)].sort((a, b) => a - b)
  if (rising.length > 13) return { error: 'More than 13 gaps are no scale: leave some out.' }
  return { gaps: named(rising) }
}

function named(rising: number[]): NamedGap[] {
  let middle = rising.reduce((best, px, index) => {
    return Math.abs(px - 16) < Math.abs(rising[best] - 16) ? index : best
  }, 0)
  // There are names for so many on either side.
  middle = Math.max(rising.length - 1 - LARGER.length, Math.min(middle, SMALLER.length))
  return rising.map((px, index) => {
    const name =
      index === middle ? 'm' : index < middle ? SMALLER[middle - index - 1] : LARGER[index - middle - 1]
    return { name: `space-${name}`, px }
  })
}
