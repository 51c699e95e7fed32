import { hexOf, oklabOfSrgb, srgbOfOklab, type Oklab } from './spaces'

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
/** So many pixels tell the colours of a picture; of a larger one only some are looked at. */
const ENOUGH = 3_000_000
const MOST_TURNS = 20
/** Clusters that move less than this, in OKLab, stand still. */
const STILL = 5e-4
/** Clusters nearer than this in OKLab are one colour. */
const ONE_COLOUR = 0.035

/** Pixels of about one colour, bin by bin: where they stand in OKLab on average, and how many there are. */
interface Bins {
  l: Float64Array
  a: Float64Array
  b: Float64Array
  weight: Float64Array
}

interface Cluster extends Oklab {
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
  if (bins.weight.length === 0) return []
  let clusters: Cluster[] = firstCentres(bins, most).map((centre) => ({ ...centre, weight: 0 }))
  for (let turn = 0; turn < MOST_TURNS; turn++) {
    const moved = clustered(bins, clusters)
    const isStill = moved.every((one, index) => distance(one, clusters[index]) < STILL)
    clusters = moved
    if (isStill) break
  }
  const filled = clusters.filter(({ weight }) => weight > 0)
  const total = filled.reduce((sum, { weight }) => sum + weight, 0)
  return joined(filled)
    .sort((a, b) => b.weight - a.weight)
    .map((one) => ({ hex: hexOf(srgbOfOklab(one)), share: one.weight / total }))
}

function binsOf(pixels: Uint8ClampedArray | Uint8Array): Bins {
  const counts = new Uint32Array(BINS)
  const [reds, greens, blues] = [new Float64Array(BINS), new Float64Array(BINS), new Float64Array(BINS)]
  const step = 4 * Math.max(1, Math.round(pixels.length / 4 / ENOUGH))
  for (let at = 0; at < pixels.length; at += step) {
    if (pixels[at + 3] < SEEN) continue
    const red = pixels[at]
    const green = pixels[at + 1]
    const blue = pixels[at + 2]
    const bin = ((red >> SHIFT) << (2 * BITS)) | ((green >> SHIFT) << BITS) | (blue >> SHIFT)
    counts[bin]++
    reds[bin] += red
    greens[bin] += green
    blues[bin] += blue
  }
  const filled = counts.reduce((count, weight) => count + (weight > 0 ? 1 : 0), 0)
  const column = () => new Float64Array(filled)
  const bins: Bins = { l: column(), a: column(), b: column(), weight: column() }
  let index = 0
  counts.forEach((weight, bin) => {
    if (weight === 0) return
    const scale = 1 / (weight * 255)
    const { l, a, b } = oklabOfSrgb({ r: reds[bin] * scale, g: greens[bin] * scale, b: blues[bin] * scale })
    bins.l[index] = l
    bins.a[index] = a
    bins.b[index] = b
    bins.weight[index++] = weight
  })
  return bins
}

/** The heaviest bin, then always the one that weighs most for its distance from those taken. */
function firstCentres(bins: Bins, most: number): Oklab[] {
  const { length } = bins.weight
  const at = (index: number): Oklab => ({ l: bins.l[index], a: bins.a[index], b: bins.b[index] })
  const centres: Oklab[] = [at(bins.weight.indexOf(bins.weight.reduce((a, b) => Math.max(a, b))))]
  const nearest = new Float64Array(length).fill(Infinity)
  while (centres.length < most) {
    const taken = centres[centres.length - 1]
    let best = -1
    let worth = 0
    for (let index = 0; index < length; index++) {
      nearest[index] = Math.min(nearest[index], distance(at(index), taken))
      // The root keeps a small but striking colour from being lost among large areas.
      const own = Math.sqrt(bins.weight[index]) * nearest[index] ** 2
      if (own > worth) {
        best = index
        worth = own
      }
    }
    if (best < 0) break
    centres.push(at(best))
  }
  return centres
}

/** Every bin given to the centre nearest to it, and where the middles of these then are; an empty one stays. */
function clustered(bins: Bins, centres: Cluster[]): Cluster[] {
  const sums = centres.map(() => ({ l: 0, a: 0, b: 0, weight: 0 }))
  for (let index = 0; index < bins.weight.length; index++) {
    const l = bins.l[index]
    const a = bins.a[index]
    const b = bins.b[index]
    let best = 0
    let least = Infinity
    for (let at = 0; at < centres.length; at++) {
      const centre = centres[at]
      // Squares order as distances do.
      const own = (l - centre.l) ** 2 + (a - centre.a) ** 2 + (b - centre.b) ** 2
      if (own < least) {
        best = at
        least = own
      }
    }
    const weight = bins.weight[index]
    const sum = sums[best]
    sum.l += l * weight
    sum.a += a * weight
    sum.b += b * weight
    sum.weight += weight
  }
  return sums.map(({ l, a, b, weight }, at) =>
    weight ? { l: l / weight, a: a / weight, b: b / weight, weight } : { ...centres[at], weight: 0 },
  )
}

/** Clusters that look like one colour become one. */
function joined(clusters: Cluster[]): Cluster[] {
  const kept: Cluster[] = []
  for (const cluster of clusters.sort((a, b) => b.weight - a.weight)) {
    const near = kept.findIndex((one) => distance(one, cluster) < ONE_COLOUR)
    if (near < 0) kept.push(cluster)
    else kept[near] = between(kept[near], cluster)
  }
  return kept
}

function between(one: Cluster, other: Cluster): Cluster {
  const weight = one.weight + other.weight
  const mean = (axis: 'l' | 'a' | 'b') => (one[axis] * one.weight + other[axis] * other.weight) / weight
  return { l: mean('l'), a: mean('a'), b: mean('b'), weight }
}

const distance = (a: Oklab, b: Oklab) => Math.sqrt((a.l - b.l) ** 2 + (a.a - b.a) ** 2 + (a.b - b.b) ** 2)
