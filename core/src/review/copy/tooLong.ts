import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { isDrawnAction, isHeading, linesOf, wordedPart } from '../drawing/seenBlocks'

/** lines a heading has at most, and on pages narrower than this one more */
const [MOST_LINES, NARROW] = [3, 600]

/** px that words run past their room and nobody sees */
const SEEN = 0.5

/** Headings and actions whose words are too many for their place. */
export const tooLong: DrawingRule = {
  id: 'tooLong',
  label: 'Words too long for their place',
  why: 'A heading of four lines is a paragraph, and an action that wraps is read twice before it is pressed.',
  severity: 'fair',
  from: 'finished',
  find: (facts) =>
    atEachBand(facts, ({ seen, layout }) =>
      seen.flatMap((one) => {
        const worded = wordedPart(one)
        if (!worded || one.node.look.lines) return []
        const { count } = linesOf(worded)
        const most = MOST_LINES + (layout.width < NARROW ? 1 : 0)
        if (isHeading(one) && count > most)
          return [{ of: one, says: `${named(one)} is a heading of ${count} lines` }]
        if (isDrawnAction(one) && count > 1)
          return [{ of: one, says: `${named(one)} is an action whose words break into ${count} lines` }]
        const over = worded.w - linesOf(one).room
        if (isDrawnAction(one) && worded !== one && over > SEEN)
          return [
            {
              of: one,
              says: `${named(one)} is an action whose words run ${Math.ceil(over)} px past its room`,
            },
          ]
        return []
      }),
    ),
}
