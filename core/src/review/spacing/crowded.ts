import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { isHeading, linesOf, sizeOf, type Seen } from '../drawing/seenBlocks'
import { stepValue, scaleSteps } from './scaleSteps'
import { isArranged, stackOf } from './stacks'

/** Share of the font size that sets paragraphs apart at least. Common practice: half a line or more. */
const LEAST = 0.4

/** Paragraphs that stand so close that nobody sees where one ends. */
export const crowded: DrawingRule = {
  id: 'crowded',
  label: 'Paragraphs that run into one another',
  why: 'Where the gap between paragraphs is that between lines, they are read as one block, or not at all.',
  severity: 'fair',
  from: 'plain',
  find: (facts) =>
    atEachBand(facts, ({ seen }) =>
      seen.flatMap((holder) => {
        const stack = isArranged(holder) ? stackOf(holder) : undefined
        const at = stack?.gaps.findIndex(
          (gap, index) =>
            isLong(stack.blocks[index]) &&
            isLong(stack.blocks[index + 1]) &&
            gap < LEAST * sizeOf(stack.blocks[index]),
        )
        if (!stack || at === undefined || at < 0) return []
        const one = stack.blocks[at + 1]
        const gap = Math.round(stack.gaps[at])
        const size = sizeOf(stack.blocks[at])
        const wanted = scaleSteps(facts.sources.style)
          .filter(({ px }) => px >= size / 2)
          .sort((a, b) => a.px - b.px)[0]
        const says = `${named(one)} stands ${gap} px below ${named(stack.blocks[at])}, which is read as the same paragraph`
        const leaf =
          one.box.space === undefined
            ? { of: holder.node, path: ['arrange', 'gap'] }
            : { of: one.node, path: ['place', 'space'] }
        const changes = wanted && [{ ...leaf, value: stepValue(wanted) }]
        return [{ of: one, says, mend: changes && { label: `Set them ${wanted.px} px apart`, changes } }]
      }),
    ),
}

/** A text of several lines that is no heading. */
const isLong = (one: Seen): boolean =>
  one.words !== '' && !isHeading(one) && one.node.tag === 'p' && linesOf(one).count >= 2
