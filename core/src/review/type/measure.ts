import { breakLines } from '../../text/lines'
import { px } from '../../units/length'
import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { isHeading, isTarget, isWithin, type Seen } from '../drawing/seenBlocks'

/** Common practice: 45 to 75 characters to a line are read with ease; a few more or less do not matter. */
const [FEW, MANY] = [45, 75]
const SLACK = 5
/** lines from which the eye has to find the next one often; of two it does so once, which is hard in very long ones alone */
const [LONG, VERY_MANY] = [3, 110]
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
        const isRead = one.words && !isHeading(one) && !isTarget(one) && !isWithin(one, isTarget)
        if (!isRead || one.node.look.lines) return []
        const { characters, count, room } = measureOf(one)
        if (count < LONG && characters < VERY_MANY) return []
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

/** How many characters stand in a line on average; the last one, which ends where the text does, is left out. */
function measureOf({ box, w }: Seen): { characters: number; count: number; room: number } {
  const room = w - box.insetLeft - box.insetRight
  const lines = box.paragraph ? breakLines(box.paragraph, room) : []
  const whole = lines.slice(0, -1)
  const characters = whole.reduce((sum, { start, end }) => sum + end - start, 0) / Math.max(1, whole.length)
  return { characters: Math.round(characters), count: lines.length, room }
}
