import { px } from '../../units/length'
import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { isHeading, isTarget, isWithin, linesOf } from '../drawing/seenBlocks'

/** Common practice: 45 to 75 characters to a line are read with ease; a few more or less do not matter. */
const [FEW, MANY] = [45, 75]
const SLACK = 5
/** lines from which the eye has to find the next one often */
const LONG = 3
/** lines from which short ones tire */
const TORN = 7
/** px of a page on which short lines are as they have to be */
const NARROW = 600

export const measure: DrawingRule = {
  id: 'measure',
  label: 'Lines too long or too short',
  why: 'In long lines the eye loses its way back; short ones break what belongs together.',
  severity: 'fair',
  from: 'plain',
  find: (facts) =>
    atEachBand(facts, ({ seen, layout }) =>
      seen.flatMap((one) => {
        const { count, room } = linesOf(one)
        const isRead =
          one.words && count >= LONG && !isHeading(one) && !isTarget(one) && !isWithin(one, isTarget)
        if (!isRead || one.node.look.lines) return []
        // The last line is left out: it ends where the text does.
        const characters = Math.round(one.words.length / (count - 0.5))
        const says = `${named(one)} has lines of ${characters} characters; ${FEW} to ${MANY} are read with ease`
        if (characters < FEW - SLACK)
          return count >= TORN && layout.width > NARROW && characters < FEW - 3 * SLACK
            ? [{ of: one, says }]
            : []
        if (characters <= MANY + SLACK) return []
        const wide = Math.floor(((room / characters) * (MANY - SLACK)) / 8) * 8
        const changes = [{ of: one.node, path: ['place', 'maxWidth'], value: { ...px(wide) } }]
        return [
          {
            of: one,
            says,
            mend: one.node.isPart ? undefined : { label: `At most ${wide} px wide`, changes },
          },
        ]
      }),
    ),
}
