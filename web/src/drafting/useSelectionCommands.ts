import { ALIKE, alikeTo, stepFrom, type AlikeBy, type Step } from '@nolvex/core/snap/selecting'
import { useCommands } from '../commands/commandStore'
import type { DraftingPage } from './usePage'

/** Commands that change what is selected. */
export function useSelectionCommands(page: DraftingPage) {
  const { selection, selected, records, select, blocks } = page
  const has = () => records.value.length > 0
  const hasOne = () => records.value.length === 1

  function walk(step: number) {
    const order = [...page.placed.value.keys()]
    const index = order.indexOf(selection.value[0])
    const next = order[Math.min(order.length - 1, Math.max(0, index + step))]
    if (next) select([next])
  }
  function step(way: Step) {
    const [one] = selected.value
    const found = one && stepFrom(page.drawn.value, one, way)
    if (found) select([found.key])
  }
  function selectAlike(by: AlikeBy) {
    const found = selected.value.flatMap((one) => alikeTo(page.drawn.value, one, by))
    select([...new Set(found.map(({ key }) => key))])
  }
  const around = () =>
    page.placed.value.get(selection.value[0])?.parent ?? blocks.value[records.value[0]].parent

  useCommands().offer([
    {
      id: 'block-all',
      label: 'Select all sections',
      keys: ['Ctrl+A'],
      run: () =>
        select([...page.placed.value.values()].filter(({ parent }) => !parent).map(({ key }) => key)),
    },
    { id: 'block-none', label: 'Select nothing', keys: ['Escape'], run: () => select([]), enabled: has },
    {
      id: 'block-not-drawn',
      label: 'Draw nothing on the page after all',
      keys: ['Escape'],
      run: () => (page.toDraw.value = undefined),
      enabled: () => page.toDraw.value !== undefined,
    },
    {
      id: 'block-out',
      label: 'Select what it stands in',
      keys: ['Alt+ArrowLeft'],
      run: () => {
        const outer = around()
        if (outer) select([outer])
      },
      enabled: hasOne,
    },
    {
      id: 'block-in',
      label: 'Select the first of what stands in it',
      keys: ['Alt+ArrowRight'],
      run: () => step('first child'),
      enabled: hasOne,
    },
    { id: 'block-next', label: 'Select the next block', keys: ['ArrowDown'], run: () => walk(1) },
    { id: 'block-previous', label: 'Select the block before', keys: ['ArrowUp'], run: () => walk(-1) },
    {
      id: 'block-beside',
      label: 'Select the next of those it stands among',
      keys: ['ArrowRight'],
      run: () => step('next'),
      enabled: hasOne,
    },
    {
      id: 'block-beside-before',
      label: 'Select the one before of those it stands among',
      keys: ['ArrowLeft'],
      run: () => step('previous'),
      enabled: hasOne,
    },
    ...Object.entries(ALIKE).map(([by, words]) => ({
      id: `block-alike-${by}`,
      label: `Select all blocks ${words}`,
      keys: { kind: ['Alt+A'], looks: ['Alt+L'], level: ['Alt+T'] }[by as AlikeBy],
      run: () => selectAlike(by as AlikeBy),
      enabled: has,
    })),
  ])
}
