import { roundTo } from '../units/length'

const LEAST = 4
const MOST = 400

/** The roles whose sizes a row of sizes sets, from the smallest to the largest. */
export const RANKED_ROLES = ['small', 'p', 'lead', 'h6', 'h5', 'h4', 'h3', 'h2', 'h1'] as const
export type RankedRole = (typeof RANKED_ROLES)[number]

/**
 * Sizes of a scale: the base, and others each a ratio larger or smaller than the one before, px to half a px.
 * @param below how many are smaller than the base
 * @param above how many are larger
 */
export function scaleSizes(base: number, ratio: number, below: number, above: number): number[] {
  return Array.from({ length: below + 1 + above }, (_, index) => {
    const size = base * ratio ** (index - below)
    return Math.min(MOST, Math.max(LEAST, Math.round(size * 2) / 2))
  })
}

/**
 * Sizes typed in one row, such as “14/18/24/64”, px.
 * @returns the sizes, rising, or what is wrong
 */
export function readSizeRow(text: string): { sizes: number[] } | { error: string } {
  const parts = text.split(/[/,;\s]+/).filter(Boolean)
  const sizes = parts.map((part) => Number(part.replace(/px$/i, '')))
  const wrong = parts.find((_, index) => !(sizes[index] >= LEAST && sizes[index] <= MOST))
  if (parts.length === 0 || wrong !== undefined)
    return {
      error: `“${wrong ?? text}” is no size: type px from ${LEAST} to ${MOST} with strokes between, such as 14/18/24/64.`,
    }
  if (parts.length > 12) return { error: 'More than 12 sizes are no scale: leave some out.' }
  return { sizes: [...new Set(sizes)].sort((a, b) => a - b) }
}

/**
 * Which size of a rising row each role of text has: of one, all; of two, text and the largest heading; of more, the smallest
 * is for small text, the next for text, and the others for headings, the largest first.
 */
export function sizesByRole(sizes: number[]): Record<RankedRole, number> {
  const [small] = sizes
  const text = sizes.length > 2 ? sizes[1] : sizes[0]
  const headings = sizes.length > 2 ? sizes.slice(2) : sizes.slice(1)
  /** the nth largest heading; text where there are not so many */
  const heading = (nth: number) => headings[headings.length - nth] ?? text
  return {
    small,
    p: text,
    lead: headings.length > 2 ? headings[0] : text,
    h6: text,
    h5: text,
    h4: heading(4),
    h3: heading(3),
    h2: heading(2),
    h1: heading(1),
  }
}

/** So much of its size a line is high: text has room, large headings have little. */
const LOOSE = { size: 18, ratio: 1.5 }
const CLOSE = { size: 64, ratio: 1.08 }

/** A good height of lines for a size, as a share of it: 1.5 for text, less the larger it is. Common practice, no source. */
export function lineRatio(size: number): number {
  const share = Math.log(size / LOOSE.size) / Math.log(CLOSE.size / LOOSE.size)
  const within = Math.min(1, Math.max(0, share))
  return roundTo(LOOSE.ratio + (CLOSE.ratio - LOOSE.ratio) * within, 2)
}

/** The same in whole px, a multiple of 2. */
export const lineHeightFor = (size: number): number => Math.ceil((size * lineRatio(size)) / 2) * 2
