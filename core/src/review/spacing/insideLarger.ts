import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { hasEdge, type Seen } from '../drawing/seenBlocks'
import { scaleSteps, stepValue } from './scaleSteps'
import { isArranged, stackOf } from './stacks'

/** px of difference that are not seen */
const SLACK = 2

/** Blocks whose own gaps are wider than the one to their neighbours, so that they fall apart. */
export const insideLarger: DrawingRule = {
  id: 'insideLarger',
  label: 'Gaps wider inside than outside',
  why: 'What belongs together stands closer together than to anything else; otherwise the group is not seen.',
  severity: 'fair',
  from: 'plain',
  find: (facts) =>
    atEachBand(facts, ({ seen }) =>
      seen.filter(isArranged).flatMap((holder) => {
        const outer = stackOf(holder)
        if (!outer) return []
        return outer.blocks.flatMap((group, index) => {
          if (!isArranged(group) || isSetApart(group) || group.children.length < 2) return []
          const inner = stackOf(group)
          if (!inner || inner.gaps.length < 1) return []
          const outside = Math.min(outer.gaps[index - 1] ?? Infinity, outer.gaps[index] ?? Infinity)
          const inside = Math.min(...inner.gaps)
          if (inside <= outside + SLACK) return []
          const wanted = scaleSteps(facts.sources.style).findLast((step) => step.px < outside)
          const says = `${named(group)} has ${Math.round(inside)} px between its own blocks and ${Math.round(outside)} px to the next`
          const isColumn = group.node.arrange.type === 'column'
          if (!isColumn || !wanted) return [{ of: group, says }]
          // Blocks with a space of their own do not go by the gap.
          const own = inner.blocks.filter(({ box, node }) => box.space !== undefined && !node.isPart)
          const changes = [
            { of: group.node, path: ['arrange', 'gap'], value: stepValue(wanted) },
            ...own.map(({ node }) => ({ of: node, path: ['place', 'space'], value: stepValue(wanted) })),
          ]
          return [{ of: group, says, mend: { label: `${wanted.px} px inside`, changes } }]
        })
      }),
    ),
}

/** A ground or an edge of its own holds a group together whatever the gaps. */
const isSetApart = (group: Seen) => group.node.look.fill !== undefined || hasEdge(group)
