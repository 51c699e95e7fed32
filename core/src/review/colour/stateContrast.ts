import { contrastRatio } from '../../colour/contrast'
import { NEEDED } from '../../colour/roles'
import { alphaOf, composited } from '../../colour/spaces'
import { PART_STATE_NAMES, type PartState } from '../../block/partState'
import { atLead, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { isLarge, type Seen } from '../drawing/seenBlocks'

/** States in which words are read: those that are disabled are exempt. @see WCAG 2.2, 1.4.3 */
const READ = new Set<PartState>(PART_STATE_NAMES.filter((state) => state !== 'disabled'))
const STATE_WORDS: Partial<Record<PartState, string>> = {
  hover: 'under the pointer',
  focus: 'with the keys on it',
  pressed: 'while it is pressed',
  wrong: 'when it is wrong',
  chosen: 'when it is chosen',
  loading: 'while it loads',
  open: 'when it is open',
}

/** Words that are hard to read in a state their block can be in, and not at rest. */
export const stateContrast: DrawingRule = {
  id: 'stateContrast',
  label: 'Words hard to read in a state',
  why: 'Just when somebody goes there, the words on it fade.',
  severity: 'serious',
  from: 'finished',
  find: (facts) =>
    atLead(facts, ({ seen }) =>
      seen.flatMap((one) => {
        if (!one.words || one.node.attributes['aria-hidden']) return []
        return (one.node.states ?? []).flatMap(({ state, look, of }) => {
          const said = STATE_WORDS[state]
          if (!READ.has(state) || !said || of !== one.node.key) return []
          const ratio = contrastIn(one, look)
          const wanted = isLarge(one) ? NEEDED.large : NEEDED.words
          if (ratio === undefined || ratio >= wanted) return []
          const shown = Math.floor(ratio * 10) / 10
          return [
            {
              of: one,
              says: `${named(one)} stands out from its ground by ${shown} to 1 ${said}; ${wanted} are needed`,
            },
          ]
        })
      }),
    ),
}

function contrastIn(
  { behind }: Seen,
  { colour, fill, backdrop, gradient }: Seen['node']['look'],
): number | undefined {
  if (backdrop || gradient) return undefined
  const ground =
    fill === undefined ? behind : alphaOf(fill) === 1 || !behind ? fill : composited(fill, behind)
  if (ground === undefined || alphaOf(ground) < 1) return undefined
  return contrastRatio(alphaOf(colour) < 1 ? composited(colour, ground) : colour, ground)
}
