import { useCommands } from '../../commands/commandStore'
import { guidesOfBlock } from '@nolvex/core/grid/guideLayout'
import type { DraftingPage } from '../usePage'

/** What can be done with guides by command and key. */
export function useGuideCommands(page: DraftingPage) {
  const { guides } = page
  const chosen = guides.selected
  const hasChosen = () => chosen.value.length > 0
  const hasBlocks = () => page.selection.value.length > 0
  const ofBlocks = (parts: ('edges' | 'centre')[]) => () =>
    guides.add(
      page.selection.value.flatMap((id) => {
        const block = page.placed.value.get(id)
        return block ? guidesOfBlock(block, parts) : []
      }),
    )
  const steps = [1, 10].flatMap((step) =>
    (['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'] as const).map((key) => ({
      id: `guide-${key}-${step}`,
      label: `Move the chosen guides ${step} px (${key.slice(5).toLowerCase()})`,
      keys: [step === 1 ? key : `Shift+${key}`],
      run: () => guides.move(chosen.value, key === 'ArrowLeft' || key === 'ArrowUp' ? -step : step),
      enabled: hasChosen,
    })),
  )
  useCommands().offer([
    ...steps,
    {
      id: 'guide-clear-chosen',
      label: 'Clear the chosen guides',
      keys: ['Delete', 'Backspace'],
      run: () => guides.clear(chosen.value),
      enabled: hasChosen,
    },
    {
      id: 'guide-copy',
      label: 'Copy the chosen guides',
      keys: ['Ctrl+D'],
      run: () => guides.copy(chosen.value, 16),
      enabled: hasChosen,
    },
    {
      id: 'guide-none',
      label: 'Choose no guide',
      keys: ['Escape'],
      run: () => guides.choose([]),
      enabled: hasChosen,
    },
    {
      id: 'guide-edges',
      label: 'Put guides at all edges of the selected blocks',
      keys: ['Shift+G'],
      run: ofBlocks(['edges']),
      enabled: hasBlocks,
    },
    {
      id: 'guide-centre',
      label: 'Put guides through the centre of the selected blocks',
      run: ofBlocks(['centre']),
      enabled: hasBlocks,
    },
    { id: 'guide-clear', label: 'Clear all guides in view', run: () => guides.clear('all') },
    { id: 'guide-clear-band', label: 'Clear the guides of this band', run: () => guides.clear('band') },
  ])
}
