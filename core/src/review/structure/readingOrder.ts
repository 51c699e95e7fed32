import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import type { Seen } from '../drawing/seenBlocks'

/** What is read later than it is seen. @see WCAG 2.2, 1.3.2 */
export const readingOrder: DrawingRule = {
  id: 'readingOrder',
  label: 'Read in another order than seen',
  why: 'The outline is the order of the HTML: keys and voices go by it, and jump where eyes do not.',
  severity: 'fair',
  from: 'plain',
  find: (facts) =>
    atEachBand(facts, ({ seen }) =>
      seen.flatMap((holder) => {
        const blocks = holder.children.filter(({ node, h }) => !node.isPart && h > 0 && !node.place.sticky)
        let lowest = -Infinity
        return blocks.flatMap((later, index) => {
          // Only where something before it begins below its foot is there anything to look for.
          const isSuspect = later.y + later.h <= lowest + 1
          lowest = Math.max(lowest, later.y)
          const earlier = isSuspect
            ? blocks.slice(0, index).find((one) => isClearlyAbove(later, one))
            : undefined
          if (!earlier) return []
          return [{ of: later, says: `${named(later)} is read after ${named(earlier)} and stands above it` }]
        })
      }),
    ),
}

/** Wholly above, and over the same part of the page. */
const isClearlyAbove = (upper: Seen, lower: Seen) =>
  upper.y + upper.h <= lower.y + 1 && upper.x < lower.x + lower.w && lower.x < upper.x + upper.w
