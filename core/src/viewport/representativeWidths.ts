/** A weighted value: visits with a width of `px`. */
export interface Weighted {
  px: number
  visits: number
}

/** Values that belong together: the one that stands best for them, and the range they span. */
export interface WidthCluster {
  /** the mean of the widths by visits, px */
  centre: number
  from: number
  to: number
  visits: number
  /** the width most of its visits have, px */
  commonest: number
}

export interface RepresentativeWidths {
  clusters: WidthCluster[]
  /** mean square distance of a visit from its centre, px² */
  misfit: number
}

/**
 * The k widths that stand best for an audience, for every k up to `most`: the clusters with the least sum of squared
 * distances from their means, weighted by visits. Optimal, by dynamic programming over sorted values with divide and
 * conquer on the last cluster's first value, O(k n log n).
 * @param values each px once, ascending
 * @see Wang and Song, “Ckmeans.1d.dp: Optimal k-means Clustering in One Dimension by Dynamic Programming”, The R
 * Journal 3/2 (2011)
 */
export function representativeWidths(values: Weighted[], most: number): RepresentativeWidths[] {
  const given = values.filter(({ visits }) => visits > 0)
  const count = given.length
  if (count === 0) return []
  const sums = prefixSums(given)
  const total = sums.visits[count]
  const found: RepresentativeWidths[] = []
  /** costs[j]: least cost of the first j values in k clusters; firsts[k][j]: where the last of them begins */
  let costs = Array.from({ length: count + 1 }, (_, end) => costOf(sums, 0, end))
  const firsts: Int32Array[] = [new Int32Array(count + 1)]
  for (let k = 1; k <= Math.min(most, count); k++) {
    if (k > 1) {
      const next = new Array<number>(count + 1).fill(Infinity)
      const first = new Int32Array(count + 1)
      fill(costs, next, first, sums, k, count, k - 1, count - 1)
      costs = next
      firsts.push(first)
    }
    found.push({ clusters: clustersOf(given, firsts, sums), misfit: Math.max(0, costs[count]) / total })
  }
  return found
}

interface Sums {
  visits: Float64Array
  px: Float64Array
  squares: Float64Array
}

/** Sums up to each value, of px measured from the middle value: squares of large numbers would lose their last digits. */
function prefixSums(values: Weighted[]): Sums {
  const origin = values[values.length >> 1].px
  const sums = [0, 1, 2].map(() => new Float64Array(values.length + 1))
  values.forEach(({ px, visits }, index) => {
    sums.forEach((sum, power) => (sum[index + 1] = sum[index] + visits * (px - origin) ** power))
  })
  return { visits: sums[0], px: sums[1], squares: sums[2] }
}

/** Cost of one cluster of values start to end, the last not counted: sum of squared distances from the mean. */
function costOf({ visits, px, squares }: Sums, start: number, end: number): number {
  const weight = visits[end] - visits[start]
  if (weight <= 0) return 0
  const sum = px[end] - px[start]
  return Math.max(0, squares[end] - squares[start] - (sum * sum) / weight)
}

/** Finds the best first value of the last cluster for ends low to high; it never moves back as the end moves on. */
function fill(
  before: number[],
  next: number[],
  first: Int32Array,
  sums: Sums,
  low: number,
  high: number,
  least: number,
  most: number,
) {
  if (low > high) return
  const end = (low + high) >> 1
  for (let start = least; start <= Math.min(most, end - 1); start++) {
    const cost = before[start] + costOf(sums, start, end)
    if (cost < next[end]) {
      next[end] = cost
      first[end] = start
    }
  }
  fill(before, next, first, sums, low, end - 1, least, first[end])
  fill(before, next, first, sums, end + 1, high, first[end], most)
}

function clustersOf(values: Weighted[], firsts: Int32Array[], sums: Sums): WidthCluster[] {
  const clusters: WidthCluster[] = []
  let end = values.length
  for (let k = firsts.length - 1; k >= 0; k--) {
    const start = k === 0 ? 0 : firsts[k][end]
    const visits = sums.visits[end] - sums.visits[start]
    const origin = values[values.length >> 1].px
    const centre = origin + (sums.px[end] - sums.px[start]) / visits
    const own = values.slice(start, end)
    const commonest = own.reduce((most, one) => (one.visits > most.visits ? one : most)).px
    clusters.unshift({ centre, from: own[0].px, to: own[own.length - 1].px, visits, commonest })
    end = start
  }
  return clusters
}

/**
 * Bands proposed from clusters of widths: each begins where its cluster does, the first at 0, and is drawn at the
 * width most of its visitors have.
 */
export function proposedBands(clusters: WidthCluster[]): { name: string; from: number; drawnAt: number }[] {
  const names = NAMES[clusters.length] ?? clusters.map((_, index) => `Band ${index + 1}`)
  return clusters.map(({ from, commonest }, index) => {
    const begins = index === 0 ? 0 : from
    const end = clusters[index + 1]?.from ?? 10_001
    const drawnAt = Math.min(end - 1, Math.max(200, begins, commonest))
    return { name: names[index], from: begins, drawnAt }
  })
}

const NAMES: Record<number, string[]> = {
  1: ['All widths'],
  2: ['Narrow', 'Wide'],
  3: ['Narrow', 'Medium', 'Wide'],
  4: ['Narrow', 'Medium', 'Wide', 'Very wide'],
  5: ['Narrow', 'Less narrow', 'Medium', 'Wide', 'Very wide'],
}
