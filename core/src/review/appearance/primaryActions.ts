import { atLead, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { isFilledAction } from '../drawing/seenBlocks'
import { steppingBack } from './steppingBack'

/** Several actions side by side that are all the one to take. */
export const primaryActions: DrawingRule = {
  id: 'primaryActions',
  label: 'Several main actions side by side',
  why: 'Where all are loud none is: one thing to do stands out, the others step back.',
  severity: 'fair',
  from: 'finished',
  find: (facts) =>
    atLead(facts, (at) =>
      at.seen.flatMap((holder) => {
        const loud = holder.children.filter(isFilledAction)
        return loud.slice(1).flatMap((one) => {
          if (one.node.look.fill !== loud[0].node.look.fill) return []
          const says = `${named(one)} is as much the main action as ${named(loud[0])} beside it`
          return [{ of: one, says, mend: steppingBack(facts, at, one, 'secondary', 'Let it step back') }]
        })
      }),
    ),
}
