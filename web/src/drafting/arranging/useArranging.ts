import { ref } from 'vue'
import {
  alignBlocks,
  distributeBlocks,
  type AlignTo,
  type AlignWithin,
  type Spread,
} from '@nolvex/core/snap/alignBlocks'
import {
  groupBlocks,
  lowerBlock,
  raiseBlock,
  stackBlocks,
  ungroupBlocks,
  wrapInSection,
} from '@nolvex/core/snap/groupBlocks'
import type { Axis } from '@nolvex/core/snap/rect'
import { newId } from '../../session/newId'
import type { DraftingPage } from '../usePage'

/** What blocks come into line with. */
export const WITHIN = {
  selection: 'one another',
  first: 'the one selected first',
  parent: 'what they stand in',
  columns: 'the columns',
  page: 'the page',
} as const
export type WithinName = keyof typeof WITHIN

/** Whatever was last chosen counts for the keys, too. */
const within = ref<WithinName>('selection')

/** Bringing blocks into line, spreading, grouping and stacking them: each says what it did, or why it did nothing. */
export function useArranging(page: DraftingPage) {
  const drawn = () => page.drawn.value
  const keys = () => page.selection.value

  function align(axis: Axis, to: AlignTo) {
    const [first] = page.selected.value
    const isAlone = page.selected.value.length === 1
    const wanted: AlignWithin =
      within.value === 'first' && first
        ? { key: first.key }
        : // One block alone is in line with itself: what it stands in is meant.
          isAlone && (within.value === 'selection' || within.value === 'first')
          ? 'parent'
          : (within.value as Exclude<WithinName, 'first'>)
    page.arrange('Bring into line', alignBlocks(drawn(), page.selected.value, { axis, to, within: wanted }))
  }
  const spread = (axis: Axis, how: Spread) =>
    page.arrange(
      how === 'equal' ? 'Spread evenly' : 'Spread by a gap',
      distributeBlocks(drawn(), page.selected.value, axis, how),
    )

  function group() {
    const grouped = groupBlocks(drawn(), keys(), newId)
    if (page.arrange('Group', grouped) && 'box' in grouped) page.select([grouped.box])
  }
  function ungroup() {
    const ungrouped = ungroupBlocks(drawn(), keys())
    if (page.arrange('Ungroup', ungrouped) && 'freed' in ungrouped) page.select(ungrouped.freed)
  }
  function wrap() {
    const wrapped = wrapInSection(drawn(), keys(), newId)
    if (page.arrange('Wrap in a section', wrapped) && 'box' in wrapped) page.select([wrapped.box])
  }
  const done = (label: string, operations: ReturnType<typeof raiseBlock>) =>
    page.arrange(label, 'reason' in operations ? operations : { operations })
  const raise = () => done('Move out of its box', raiseBlock(drawn(), page.records.value[0]))
  const lower = () => done('Move into the box before', lowerBlock(drawn(), page.records.value[0]))
  const stack = (to: 'front' | 'back') =>
    done(to === 'front' ? 'Bring to the front' : 'Bring to the back', stackBlocks(drawn(), keys(), to))

  return { within, align, spread, group, ungroup, wrap, raise, lower, stack }
}
