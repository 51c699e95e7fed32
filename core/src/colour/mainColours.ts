import { hexOf, oklabOf, srgbOfOklab, type Oklab } from './spaces'

/** A colour of a picture, and the share of its pixels it stands for, 0 to 1. */
export interface MainColour {
  hex: string
  share: number
}

/** Bits of each channel that tell the pixels counted together. */
const BITS = 5
const SHIFT = 8 - BITS
const BINS = 1 << (3 * BITS)
/** Fewer pixels than this are seen through, of 255. */
const SEEN = 128
const MOST_TURNS = 30
/** Clusters nearer than this in OKLab are one colour. */
const ONE_COLOUR = 0.035

/** Pixels of about one colour: how many, and where they stand in OKLab on average. */
interface Bin extends Oklab {
  weight: number
}

/**
 * The main colours of a picture, by clustering its pixels in OKLab (weighted k-means); the largest first. The same
 * picture always gives the same colours.
 * @param pixels red, green, blue and alpha of each pixel, 0 to 255; those that are mostly seen through do not count
 * @param most how many colours at most
 * @see Lloyd, Least squares quantization in PCM, 1982
 */
export function mainColours(pixels: Uint8ClampedArray | Uint8Array, most = 6): MainColour[] {
  const bins = binsOf(pixels)
  if (bins.length === 0) return []
  let centres = firstCentres(bins, most)
  let groups = grouped(bins, centres)
  for (let turn = 0; turn < MOST_TURNS; turn++) {
    const moved = groups.map(middle)
    const isStill = moved.every((one, index) => distance(one, centres[index]) < 1e-4)
    centres = moved
    if (isStill) break
    groups = grouped(bins, centres)
  }
  const total = bins.reduce((sum, { weight }) => sum + weight, 0)
  return joined(groups.map((group) => ({ ...middle(group), weight: weightOf(group) })))
    .sort((a, b) => b.weight - a.weight)
    .map((one) => ({ hex: hexOf(srgbOfOklab(one)), share: one.weight / total }))
}

function binsOf(pixels: Uint8ClampedArray | Uint8Array): Bin[] {
  const counts = new Uint32Array(BINS)
  const sums = new Float64Array(BINS * 3)
  for (let at = 0; at < pixels.length; at += 4) {
    if (pixels[at + 3] < SEEN) continue
    const bin =
      ((pixels[at] >> SHIFT) << (2 * BITS)) | ((pixels[at + 1] >> SHIFT) << BITS) | (pixels[at + 2] >> SHIFT)
    counts[bin]++
    sums[bin * 3] += pixels[at]
    sums[bin * 3 + 1] += pixels[at + 1]
    sums[bin * 3 + 2] += pixels[at + 2]
  }
  const bins: Bin[] = []
  for (let bin = 0; bin < BINS; bin++) {
    const weight = counts[bin]
    if (weight === 0) continue
    const [r, g, b] = [0, 1, 2].map((channel) => sums[bin * 3 + channel] / weight / 255)
    bins.push({ ...oklabOf(hexOf({ r, g, b })), weight })
  }
  return bins
}

/** The heaviest bin, then always the one that weighs most for its distance from those taken. */
function firstCentres(bins: Bin[], most: number): Oklab[] {
  const heaviest = bins.reduce((best, bin) => (bin.weight > best.weight ? bin : best))
  const centres: Oklab[] = [heaviest]
  const nearest = bins.map((bin) => distance(bin, heaviest))
  while (centres.length < most) {
    let best = -1
    let worth = 0
    bins.forEach((bin, index) => {
      // The root keeps a small but striking colour from being lost among large areas.
      const own = Math.sqrt(bin.weight) * nearest[index] ** 2
      if (own > worth) [best, worth] = [index, own]
    })
    if (best < 0) break
    const taken = bins[best]
    centres.push(taken)
    bins.forEach((bin, index) => (nearest[index] = Math.min(nearest[index], distance(bin, taken))))
  }
  return centres
}

function grouped(bins: Bin[], centres: Oklab[]): Bin[][] {
  const groups: Bin[][] = centres.map(() => [])
  for (const bin of bins) {
    let best = 0
    let least = Infinity
    centres.forEach((centre, index) => {
      const own = distance(bin, centre)
      if (own < least) [best, least] = [index, own]
    })
    groups[best].push(bin)
  }
  return groups.filter((group) => group.length)
}

const weightOf = (group: Bin[]) => group.reduce((sum, { weight }) => sum + weight, 0)

function middle(group: Bin[]): Oklab {
  const total = weightOf(group)
  const mean = (axis: 'l' | 'a' | 'b') => group.reduce((sum, bin) => sum + bin[axis] * bin.weight, 0) / total
  return { l: mean('l'), a: mean('a'), b: mean('b') }
}

/** Clusters that look like one colour become one. */
function joined(clusters: Bin[]): Bin[] {
  const kept: Bin[] = []
  for (const cluster of clusters.sort((a, b) => b.weight - a.weight)) {
    const near = kept.findIndex((one) => distance(one, cluster) < ONE_COLOUR)
    if (near < 0) kept.push(cluster)
    else kept[near] = { ...middle([kept[near], cluster]), weight: kept[near].weight + cluster.weight }
  }
  return kept
}

const distance = (a: Oklab, b: Oklab) => Math.hypot(a.l - b.l, a.a - b.a, a.b - b.b)
