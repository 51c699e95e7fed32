import { childrenOf } from '@nolvex/core/document/tree'
import { useCommands } from '../commands/commandStore'
import { useMap } from './mapStore'
import type { PageChanges } from './usePageChanges'

type Direction = 'up' | 'down' | 'left' | 'right'

/** Walking the tree and looking at it, by keys. */
export function useTreeCommands(
  changes: PageChanges,
  view: {
    fit: () => void
    fitSelection: () => void
    zoomBy: (factor: number) => void
    focusSearch: () => void
  },
) {
  const map = useMap()

  /** Where a direction leads in the tree, as it is drawn. */
  function neighbour(id: string, direction: Direction): string | undefined {
    const turned: Record<Direction, Direction> = { up: 'left', left: 'up', down: 'right', right: 'down' }
    const way = map.look.direction === 'across' ? turned[direction] : direction
    const at = changes.place(id)
    if (way === 'up') return changes.parentOf(id) ?? undefined
    if (way === 'down') return map.folded.has(id) ? undefined : childrenOf(map.pages, id)[0]?.id
    return changes.siblings(id)[way === 'left' ? at - 1 : at + 1]?.id
  }

  function go(direction: Direction) {
    const known = map.selected && map.pages[map.selected] ? map.selected : undefined
    const next = known ? neighbour(known, direction) : childrenOf(map.pages, null)[0]?.id
    if (next) map.selected = next
  }

  useCommands().offer([
    { id: 'go-up', label: 'Select the page above', keys: ['ArrowUp'], run: () => go('up') },
    { id: 'go-down', label: 'Select the page below', keys: ['ArrowDown'], run: () => go('down') },
    { id: 'go-left', label: 'Select the page to the left', keys: ['ArrowLeft'], run: () => go('left') },
    { id: 'go-right', label: 'Select the page to the right', keys: ['ArrowRight'], run: () => go('right') },
    { id: 'map-none', label: 'Select nothing', keys: ['Escape'], run: () => leave() },
    { id: 'map-fit', label: 'Fit the whole map', keys: ['0'], run: view.fit },
    { id: 'map-near', label: 'Fit the selected branch', keys: ['9'], run: view.fitSelection },
    { id: 'map-in', label: 'Zoom in', keys: ['+', '='], run: () => view.zoomBy(1.25) },
    { id: 'map-out', label: 'Zoom out', keys: ['-'], run: () => view.zoomBy(0.8) },
    { id: 'map-search', label: 'Find a page on the map', keys: ['/', 'Ctrl+F'], run: view.focusSearch },
    {
      id: 'map-forward',
      label: 'Bring the selected branch forward, or all pages again',
      keys: ['B'],
      run: () => (map.forward = map.forward ? undefined : map.selected),
    },
    {
      id: 'map-turn',
      label: 'Draw the tree down or across',
      keys: ['T'],
      run: () => (map.look.direction = map.look.direction === 'down' ? 'across' : 'down'),
    },
  ])

  function leave() {
    map.selected = undefined
    map.forward = undefined
  }
}
