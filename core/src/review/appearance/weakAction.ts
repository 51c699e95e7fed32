import { contrastRatio } from '../../colour/contrast'
import { atLead, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { isDrawnAction, type Seen } from '../drawing/seenBlocks'
import { isMainAction } from './mainActions'
import { steppingBack } from './steppingBack'

/** A main action that stands out less than the one beside it. */
export const weakAction: DrawingRule = {
  id: 'weakAction',
  label: 'The main action is weaker than its neighbour',
  why: 'What is to be done first is seen first; else people take what is louder.',
  severity: 'fair',
  from: 'finished',
  find: (facts) =>
    atLead(facts, (at) =>
      at.seen.flatMap((holder) => {
        const actions = holder.children.filter(isDrawnAction)
        const main = actions.find((one) => isMainAction(facts, one))
        if (!main) return []
        const louder = actions.find(
          (one) => !isMainAction(facts, one) && strengthOf(one) > strengthOf(main) + SLACK,
        )
        if (!louder) return []
        const says = `${named(main)} is the main action and stands out less than ${named(louder)} beside it`
        const label = `Draw ${named(louder)} as quiet`
        return [{ of: main, says, mend: steppingBack(facts, at, louder, 'quiet', label) }]
      }),
    ),
}

/** a ratio of contrast that is hardly seen as more */
const SLACK = 0.5

/** How much the ground of an action stands out from what it stands on; 1 where it has none. */
const strengthOf = ({ ground, behind }: Seen): number =>
  ground && behind ? contrastRatio(ground, behind) : 1
