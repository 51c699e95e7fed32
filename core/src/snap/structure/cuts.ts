import { endOf, startOf, type Axis } from '../rect'
import type { Found } from './found'

/** Things parted by straight cuts across an axis. */
export interface Cut {
  parts: Found[][]
  /** px between one part and the next */
  gaps: number[]
}

/** All cuts across an axis that go through nothing, within a tolerance, px. */
export function cutsAlong(found: Found[], axis: Axis, tolerance: number): Cut {
  const sorted = [...found].sort(
    (a, b) => startOf(a.rect, axis) - startOf(b.rect, axis) || endOf(a.rect, axis) - endOf(b.rect, axis),
  )
  const parts: Found[][] = [[sorted[0]]]
  const gaps: number[] = []
  let end = endOf(sorted[0].rect, axis)
  for (const one of sorted.slice(1)) {
    const gap = startOf(one.rect, axis) - end
    const reaches = endOf(one.rect, axis) - end
    // No cut goes through something thinner than the tolerance.
    if (gap >= -tolerance && reaches > Math.max(0, -gap)) {
      parts.push([one])
      gaps.push(gap)
    } else parts[parts.length - 1].push(one)
    end = Math.max(end, endOf(one.rect, axis))
  }
  return { parts, gaps }
}

/** Gaps above which to cut: those beyond the widest jump among them, the widest alone, or all. */
export function thresholds(gaps: number[], tolerance: number): number[] {
  const widest = Math.max(...gaps)
  if (widest - Math.min(...gaps) <= 2 * tolerance) return [-Infinity]
  const sorted = [...new Set(gaps)].sort((a, b) => a - b)
  let most = 0
  let jump = sorted[0]
  for (let index = 1; index < sorted.length; index++) {
    // A few px more or less say little of small gaps.
    const ratio = (sorted[index] + 4) / (sorted[index - 1] + 4)
    if (ratio > most) {
      most = ratio
      jump = (sorted[index] + sorted[index - 1]) / 2
    }
  }
  return [...new Set([jump, widest - 2 * tolerance - 0.01, -Infinity])]
}

/** Parts put together again wherever the gap between them is no larger than a threshold. */
export function partedBy({ parts, gaps }: Cut, over: number): Cut {
  const merged: Found[][] = [[...parts[0]]]
  const between: number[] = []
  gaps.forEach((gap, index) => {
    if (gap > over) {
      merged.push([...parts[index + 1]])
      between.push(gap)
    } else merged[merged.length - 1].push(...parts[index + 1])
  })
  return { parts: merged, gaps: between }
}
