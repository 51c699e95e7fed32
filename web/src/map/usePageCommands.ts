import { useRouter } from 'vue-router'
import { useCommands } from '../commands/commandStore'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'
import type { PageChanges } from './usePageChanges'

/** Commands on pages, alike in the tree and in the table. */
export function usePageCommands(changes: PageChanges) {
  const map = useMap()
  const project = useProject()
  const router = useRouter()
  const hasSelection = () => map.selected !== undefined && map.pages[map.selected] !== undefined
  useCommands().offer([
    {
      id: 'page-add',
      label: 'Add a page beside the selected one',
      keys: ['Enter'],
      run: () => changes.add('after'),
    },
    {
      id: 'page-below',
      label: 'Add a page below the selected one',
      keys: ['Shift+Enter', 'Insert'],
      run: () => changes.add('below'),
    },
    {
      id: 'page-draw',
      label: 'Open the drawing of the page',
      keys: ['O'],
      run: () => void router.push({ name: 'wireframe', params: { project: project.id, page: map.selected } }),
      enabled: hasSelection,
    },
    {
      id: 'page-rename',
      label: 'Rename the page',
      keys: ['F2'],
      run: () => (map.renaming = map.selected),
      enabled: hasSelection,
    },
    {
      id: 'page-duplicate',
      label: 'Duplicate the page with all below it',
      keys: ['Ctrl+D'],
      run: changes.duplicate,
      enabled: hasSelection,
    },
    {
      id: 'page-delete',
      label: 'Delete the page and all below it',
      keys: ['Delete', 'Backspace'],
      run: changes.remove,
      enabled: hasSelection,
    },
    {
      id: 'page-left',
      label: 'Move the page before its neighbour',
      keys: ['Alt+ArrowLeft'],
      run: () => changes.moveBy(-1),
      enabled: hasSelection,
    },
    {
      id: 'page-right',
      label: 'Move the page after its neighbour',
      keys: ['Alt+ArrowRight'],
      run: () => changes.moveBy(1),
      enabled: hasSelection,
    },
    {
      id: 'page-out',
      label: 'Move the page up a level',
      keys: ['Alt+ArrowUp'],
      run: changes.moveOut,
      enabled: hasSelection,
    },
    {
      id: 'page-in',
      label: 'Move the page below its neighbour',
      keys: ['Alt+ArrowDown'],
      run: changes.moveIn,
      enabled: hasSelection,
    },
    {
      id: 'page-fold',
      label: 'Fold or unfold the branch',
      keys: ['.'],
      run: () => map.selected && map.toggleFold(map.selected),
      enabled: hasSelection,
    },
  ])
}
