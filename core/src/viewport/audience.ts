import { z } from 'zod'
import { cutText } from '../text/cutText'

const side = z.int().min(1).max(20_000)
const size = z.tuple([side, side, z.number().min(0).max(1e12)])
export const MOST_SIZES = 5000

/** The visitors' viewport sizes, each once: width and height in px, and visits. */
export const audienceSchema = z.strictObject({
  id: z.literal('audience'),
  sizes: z.array(size).max(MOST_SIZES),
  /** where the figures come from */
  source: z.string().max(200).optional(),
})

export type ViewportSize = z.infer<typeof size>

/** All visits of an audience. */
export function totalVisits(sizes: ViewportSize[]): number {
  return sizes.reduce((sum, [, , visits]) => sum + visits, 0)
}

/** Sizes with each width and height once, widest last; sizes nobody comes with are left out. */
export function summedSizes(sizes: Iterable<ViewportSize>): ViewportSize[] {
  const sums = new Map<string, ViewportSize>()
  for (const [width, height, visits] of sizes) {
    const key = `${width}x${height}`
    const known = sums.get(key)
    if (known) known[2] += visits
    else sums.set(key, [width, height, visits])
  }
  return [...sums.values()].filter(([, , visits]) => visits > 0).sort((a, b) => a[0] - b[0] || a[1] - b[1])
}

/**
 * At most `most` sizes: the rarest are rounded to ever coarser steps (10, 20, 40... px) until they are few enough.
 * Visits are kept to the last one.
 * @returns the sizes, and the step the rarest were rounded to (0: none were)
 */
export function condensedSizes(
  sizes: ViewportSize[],
  most = MOST_SIZES,
): { sizes: ViewportSize[]; step: number } {
  let step = 0
  let kept = summedSizes(sizes)
  while (kept.length > most) {
    step = step === 0 ? 10 : step * 2
    const common = new Set([...kept].sort((a, b) => b[2] - a[2]).slice(0, Math.floor(most / 2)))
    const coarse = (px: number) => Math.max(1, Math.round(px / step) * step)
    kept = summedSizes(
      kept.map((one) => (common.has(one) ? one : ([coarse(one[0]), coarse(one[1]), one[2]] as ViewportSize))),
    )
  }
  return { sizes: kept, step }
}

/** Visits by width or height, each value once, ascending. */
export function visitsBy(sizes: ViewportSize[], axis: 'width' | 'height'): { px: number; visits: number }[] {
  const sums = new Map<number, number>()
  for (const size of sizes) {
    const px = size[axis === 'width' ? 0 : 1]
    sums.set(px, (sums.get(px) ?? 0) + size[2])
  }
  return [...sums].map(([px, visits]) => ({ px, visits })).sort((a, b) => a.px - b.px)
}

/** Visits in steps of `step` px: `from` is where each step begins. Steps between that are empty are listed too. */
export function histogram(
  values: { px: number; visits: number }[],
  step: number,
): { from: number; visits: number }[] {
  if (values.length === 0) return []
  const first = Math.floor(values[0].px / step)
  const last = Math.floor(values[values.length - 1].px / step)
  const bins = Array.from({ length: last - first + 1 }, (_, index) => ({
    from: (first + index) * step,
    visits: 0,
  }))
  for (const { px, visits } of values) bins[Math.floor(px / step) - first].visits += visits
  return bins
}

/**
 * The fold curve: for each height the audience has, the share of visits (0 to 1) that see at least so many px of a
 * page without scrolling.
 */
export function foldCurve(sizes: ViewportSize[]): { px: number; share: number }[] {
  const total = totalVisits(sizes)
  if (total === 0) return []
  let left = total
  return visitsBy(sizes, 'height').map(({ px, visits }) => {
    const share = left / total
    left -= visits
    return { px, share }
  })
}

/** Share of visits (0 to 1) that see at least `px` of a page without scrolling. */
export function shareWhoSee(sizes: ViewportSize[], px: number): number {
  const total = totalVisits(sizes)
  return total === 0 ? 0 : totalVisits(sizes.filter(([, height]) => height >= px)) / total
}

/**
 * Share of visits (0 to 1) that see a block without scrolling, each at their own width and height.
 * @param bottoms px from the page's top to the block's foot, by viewport width; absent where the block is hidden
 */
export function shareWhoSeeBlock(sizes: ViewportSize[], bottoms: ReadonlyMap<number, number>): number {
  const total = totalVisits(sizes)
  if (total === 0) return 0
  const seen = sizes.filter(([width, height]) => (bottoms.get(width) ?? Infinity) <= height)
  return totalVisits(seen) / total
}

/** A typed list of sizes: a line each, “1440 x 900 1200” or “1440 900 1200”. */
export function readSizes(text: string): { sizes: ViewportSize[] } | { error: string } {
  const found: ViewportSize[] = []
  for (const [index, line] of text.split('\n').entries()) {
    if (line.trim() === '') continue
    const numbers = line
      .trim()
      .split(/[\sx×,;]+/i)
      .map(Number)
    const read = size.safeParse(numbers.length === 2 ? [...numbers, 1] : numbers)
    if (!read.success)
      return { error: `Line ${index + 1}, “${cutText(line.trim(), 60)}”, is not “width x height visits”.` }
    found.push(read.data)
  }
  const sizes = summedSizes(found)
  return sizes.length ? { sizes } : { error: 'No line has a visit.' }
}
