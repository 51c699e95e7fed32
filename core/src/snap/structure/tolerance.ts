import { endOf, startOf, type Axis, type Rect } from '../rect'

/** px; edges farther apart do not belong together */
const REACH = 14
const MOST = 6

const AXES: Axis[] = ['x', 'y']

/**
 * How far edges that belong together lie apart, from all pairs of like edges: with noise of n px either way their
 * differences spread over 2n + 1 values, without it they pile up at nothing. 1 px when all is exact.
 * @param most px it is at most
 */
export function estimateTolerance(rects: Rect[], most = MOST): number {
  const counts = new Float64Array(REACH + 1)
  for (const axis of AXES)
    for (const edge of [startOf, endOf])
      count(
        counts,
        rects.map((rect) => edge(rect, axis)),
      )
  // Beyond 8 px edges meet by chance; that many do so at every distance.
  let chance = 0
  for (let apart = 9; apart <= REACH; apart++) chance += counts[apart]
  chance /= REACH - 8
  const together = Math.max(1, counts[0] - chance / 2)
  let near = together
  for (let apart = 1; apart <= 8; apart++) near += Math.max(0, counts[apart] - chance)
  const noise = (near / together - 1) / 2
  return noise < 0.34 ? 1 : Math.min(most, Math.max(2, Math.round(2 * noise)))
}

function count(counts: Float64Array, places: number[]) {
  const sorted = places.sort((a, b) => a - b)
  sorted.forEach((from, index) => {
    for (let other = index + 1; other < sorted.length && sorted[other] - from <= REACH + 0.5; other++)
      counts[Math.min(REACH, Math.round(sorted[other] - from))]++
  })
}
