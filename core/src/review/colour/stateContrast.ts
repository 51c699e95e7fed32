import { PART_STATE_NAMES, type PartState } from '../../block/partState'
import { atLead, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import type { Seen } from '../drawing/seenBlocks'
import { contrastNeeded, ratioWords, wordContrast } from './wordContrast'

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
      seen.flatMap((one) =>
        stateContrasts(one).map(({ ratio, when }) => ({
          of: one,
          says: `${named(one)} stands out from its ground by ${ratioWords(ratio)} to 1 ${when}; ${contrastNeeded(one)} are needed`,
        })),
      ),
    ),
}

/** The states of a block in which its words are hard to read, as a sentence ends. */
export function stateContrasts(one: Seen): { ratio: number; when: string }[] {
  if (!one.label || one.node.isPart || one.node.attributes['aria-hidden']) return []
  return (one.node.states ?? []).flatMap(({ state, look, of }) => {
    const when = STATE_WORDS[state]
    const ratio = wordContrast(one, look)
    if (!READ.has(state) || !when || of !== one.node.key || ratio === undefined) return []
    return ratio < contrastNeeded(one) ? [{ ratio, when }] : []
  })
}
