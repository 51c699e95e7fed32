import { useCommands } from '../../commands/commandStore'
import { useOverlays } from '../../grid/useOverlays'
import type { DraftingPage } from '../usePage'
import { nextZoom, type Camera } from './camera'
import { usePresentation } from './usePresentation'

/** Offers what changes how the page is looked at. */
export function useCameraCommands(page: DraftingPage, { zoom, zoomTo, show }: Camera) {
  const { boxes, overview } = useOverlays()
  const { isAlone } = usePresentation()
  useCommands().offer([
    {
      id: 'zoom-in',
      label: 'Zoom in',
      keys: ['+', 'Shift++', '='],
      run: () => void zoomTo(nextZoom(zoom.value, 1)),
    },
    { id: 'zoom-out', label: 'Zoom out', keys: ['-', '−'], run: () => void zoomTo(nextZoom(zoom.value, -1)) },
    { id: 'zoom-true', label: 'Show the page at 100 %', keys: ['H'], run: () => void zoomTo(1) },
    {
      id: 'zoom-width',
      label: 'Show the page as wide as the desk',
      keys: ['0'],
      run: () => void zoomTo('width'),
    },
    { id: 'zoom-page', label: 'Show the whole page', keys: ['Shift+Z'], run: () => void zoomTo('page') },
    {
      id: 'zoom-selected',
      label: 'Show what is selected',
      keys: ['Z'],
      run: () => void show(page.around.value),
      enabled: () => page.selected.value.length > 0,
    },
    {
      id: 'overview',
      label: 'Show or hide the overview of the page',
      keys: ['Y'],
      run: () => (overview.value = !overview.value),
    },
    {
      id: 'boxes',
      label: 'Show or hide the outlines of all boxes',
      keys: ['X'],
      run: () => (boxes.value = !boxes.value),
    },
    {
      id: 'alone',
      label: 'Show the page alone, or with everything again',
      keys: ['L'],
      run: () => {
        isAlone.value = !isAlone.value
        page.select([])
      },
    },
    {
      id: 'not-alone',
      label: 'Show everything around the page again',
      keys: ['Escape'],
      run: () => (isAlone.value = false),
      enabled: () => isAlone.value,
    },
  ])
}
