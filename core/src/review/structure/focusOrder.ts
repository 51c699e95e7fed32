import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { isTarget, isWithin, type Seen } from '../drawing/seenBlocks'

/**
 * What the key reaches in another order than it is seen: from right to left in a row, or at the top of the page last.
 * What stands above one another is told by the order of reading. @see WCAG 2.2, 2.4.3
 */
export const focusOrder: DrawingRule = {
  id: 'focusOrder',
  label: 'Reached by key in another order than seen',
  why: 'Who goes by the key loses where they are when the mark jumps back.',
  severity: 'fair',
  from: 'plain',
  find: (facts) =>
    atEachBand(facts, ({ seen }) => {
      const withTargets = new Set<Seen>()
      for (const one of seen.filter(isTarget))
        for (let around: Seen | undefined = one; around; around = around.parent) withTargets.add(around)
      const beside = seen.flatMap((holder) => {
        const reached = holder.children.filter((one) => withTargets.has(one) && one.h > 0 && !one.node.isPart)
        return reached.slice(1).flatMap((later, index) => {
          const earlier = reached[index]
          if (!isClearlyLeft(later, earlier)) return []
          const says = `${named(later)} is reached after ${named(earlier)} and stands to its left`
          return [{ of: later, says }]
        })
      })
      return [...beside, ...reachedLast(seen)]
    }),
}

/** Wholly to the left, in the same row. */
function isClearlyLeft(left: Seen, right: Seen): boolean {
  const shared = Math.min(left.y + left.h, right.y + right.h) - Math.max(left.y, right.y)
  return left.x + left.w <= right.x + 1 && shared > Math.min(left.h, right.h) / 2
}

/** What stays at the top of the window and comes after all else. */
function reachedLast(seen: Seen[]) {
  const targets = seen.filter(isTarget)
  return seen.flatMap((one) => {
    const { sticky } = one.node.place
    if (one.parent || sticky?.edge !== 'top' || sticky.isLater) return []
    const own = targets.filter((target) => isWithin(target, (outer) => outer === one))
    const first = own[0] ? targets.indexOf(own[0]) : 0
    if (first === 0) return []
    return [{ of: one, says: `${named(one)} stays at the top and is reached after ${first} others` }]
  })
}
