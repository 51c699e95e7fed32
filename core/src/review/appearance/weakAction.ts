import { contrastRatio } from '../../colour/contrast'
import { atLead, blockAt, named } from '../drawing/atEachBand'
import type { DrawingFacts } from '../drawing/drawingFacts'
import type { DrawingRule } from '../drawing/drawingRule'
import { isDrawnAction, type Seen } from '../drawing/seenBlocks'

/** A main action that stands out less than the one beside it. */
export const weakAction: DrawingRule = {
  id: 'weakAction',
  label: 'The main action is weaker than its neighbour',
  why: 'What is to be done first is seen first; else people take what is louder.',
  severity: 'fair',
  from: 'finished',
  find: (facts) =>
    atLead(facts, ({ seen }) =>
      seen.flatMap((holder) => {
        const actions = holder.children.filter(isDrawnAction)
        const main = actions.find((one) => variantOf(facts, one) === undefined)
        if (!main) return []
        const louder = actions.find(
          (one) => variantOf(facts, one) !== undefined && strengthOf(one) > strengthOf(main) + SLACK,
        )
        if (!louder) return []
        const changes = [{ of: louder.node, path: ['variant'], value: 'quiet' }]
        const says = `${named(main)} is the main action and stands out less than ${named(louder)} beside it`
        return [{ of: main, says, mend: { label: `Draw ${named(louder)} as quiet`, changes } }]
      }),
    ),
}

/** a ratio of contrast that is hardly seen as more */
const SLACK = 0.5

const variantOf = (facts: DrawingFacts, { node }: Seen): string | undefined => {
  const variant = blockAt(facts, node.origin.document, node.origin.record)?.variant
  return variant === 'primary' ? undefined : variant
}

/** How much the ground of an action stands out from what it stands on; 1 where it has none. */
const strengthOf = ({ ground, behind }: Seen): number =>
  ground && behind ? contrastRatio(ground, behind) : 1
