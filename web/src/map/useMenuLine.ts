import { computed, type Ref } from 'vue'
import { entriesBelow, moveInMenu, type MenuLine } from '@nolvex/core/site/menuChanges'
import { useCommands } from '../commands/commandStore'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'

/** Moving the selected line of a menu, and walking from line to line, by keys. */
export function useMenuLine(selected: Ref<string | undefined>, lines: () => MenuLine[]) {
  const project = useProject()
  const map = useMap()
  const entries = computed(() => map.site.menuEntries)
  const entry = computed(() => (selected.value ? entries.value[selected.value] : undefined))

  function place() {
    const here = entry.value
    if (!here) return undefined
    const siblings = entriesBelow(entries.value, here.menu, here.parent ?? null)
    return { here, siblings, at: siblings.findIndex(({ id }) => id === here.id) }
  }

  function moveTo(parent: string | null, index: number) {
    const here = entry.value
    if (here) project.changeSite('Move in menu', moveInMenu(entries.value, here.id, here.menu, parent, index))
  }

  function shift(step: -1 | 1) {
    const found = place()
    if (found) moveTo(found.here.parent ?? null, Math.max(0, found.at + step))
  }

  function moveIn() {
    const found = place()
    const before = found?.siblings[found.at - 1]
    if (before) moveTo(before.id, entriesBelow(entries.value, before.menu, before.id).length)
  }

  function moveOut() {
    const found = place()
    const above = found?.here.parent ? entries.value[found.here.parent] : undefined
    if (!above) return
    const uncles = entriesBelow(entries.value, above.menu, above.parent ?? null)
    moveTo(above.parent ?? null, uncles.findIndex(({ id }) => id === above.id) + 1)
  }

  function walk(step: number) {
    const all = lines().map((line) => line.entry.id)
    const at = selected.value ? all.indexOf(selected.value) : -1
    selected.value = all[Math.min(all.length - 1, Math.max(0, at + step))]
  }

  function remove() {
    if (!selected.value) return
    project.changeSite('Take out of the menu', [
      { type: 'remove', collection: 'menuEntries', id: selected.value },
    ])
    selected.value = undefined
  }

  const hasEntry = () => entry.value !== undefined
  useCommands().offer([
    { id: 'line-up', label: 'Select the line above', keys: ['ArrowUp'], run: () => walk(-1) },
    { id: 'line-down', label: 'Select the line below', keys: ['ArrowDown'], run: () => walk(1) },
    {
      id: 'line-earlier',
      label: 'Move the line up',
      keys: ['Alt+ArrowUp'],
      run: () => shift(-1),
      enabled: hasEntry,
    },
    {
      id: 'line-later',
      label: 'Move the line down',
      keys: ['Alt+ArrowDown'],
      run: () => shift(1),
      enabled: hasEntry,
    },
    {
      id: 'line-in',
      label: 'Move the line below the one before',
      keys: ['Alt+ArrowRight'],
      run: moveIn,
      enabled: hasEntry,
    },
    {
      id: 'line-out',
      label: 'Move the line up a level',
      keys: ['Alt+ArrowLeft'],
      run: moveOut,
      enabled: hasEntry,
    },
    {
      id: 'line-delete',
      label: 'Take the line out',
      keys: ['Delete', 'Backspace'],
      run: remove,
      enabled: hasEntry,
    },
  ])

  return { shift, moveIn, moveOut, remove }
}
