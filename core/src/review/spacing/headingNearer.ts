import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { isHeading, sizeOf, type Seen } from '../drawing/seenBlocks'
import { scaleSteps, stepValue } from './scaleSteps'
import { isArranged, stackOf } from './stacks'

/** Headings that stand nearer to what went before than to what they head. */
export const headingNearer: DrawingRule = {
  id: 'headingNearer',
  label: 'A heading nearer to what stands before it',
  why: 'What is near belongs together: a heading stands closer to its own text than to the one above.',
  severity: 'fair',
  from: 'plain',
  find: (facts) =>
    atEachBand(facts, ({ seen }) =>
      seen.filter(isArranged).flatMap((holder) => {
        const stack = stackOf(holder)
        if (!stack) return []
        return stack.blocks.flatMap((one, index) => {
          const [before, after] = [stack.blocks[index - 1], stack.blocks[index + 1]]
          if (!before || !after || !isHeading(one) || isHeading(before) || leadsInto(before, one)) return []
          const [above, below] = [stack.gaps[index - 1], stack.gaps[index]]
          if (above >= below - 0.5) return []
          const wanted = scaleSteps(facts.sources.style).find((step) => step.px >= below * 1.5)
          const says = `${named(one)} stands ${Math.round(above)} px below ${named(before)} and ${Math.round(below)} px above ${named(after)}, which it heads`
          const marks = [
            {
              rect: { x: one.x, y: before.y + before.h, w: one.w, h: above },
              says: `${Math.round(above)} px`,
            },
            { rect: { x: one.x, y: one.y + one.h, w: one.w, h: below }, says: `${Math.round(below)} px` },
          ]
          if (one.node.isPart || !wanted) return [{ of: one, says, marks }]
          const changes = [{ of: one.node, path: ['place', 'space'], value: stepValue(wanted) }]
          return [{ of: one, says, marks, mend: { label: `${wanted.px} px above it`, changes } }]
        })
      }),
    ),
}

/** A short line in smaller type above a heading, a picture or a sign belongs to it. */
const leadsInto = (before: Seen, heading: Seen) =>
  before.words === '' || (sizeOf(before) < sizeOf(heading) && before.words.length < 40)
