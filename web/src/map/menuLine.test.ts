import { ref } from 'vue'
import type { Documents } from '@nolvex/core/document/types'
import { entryLabel, menuLines } from '@nolvex/core/site/menuChanges'
import { usualSite } from '@nolvex/core/site/usualSite'
import { openProject, type OpenProject } from '../testing/openProject'
import { locks } from '../testing/pretendBrowser'
import { press } from '../testing/press'
import { useMap } from './mapStore'
import { useMenuLine } from './useMenuLine'

const MENU = 'mainmenu00000000'
const idOf = (label: string) => label.toLowerCase().padEnd(16, '0')
let open: OpenProject
let selected: ReturnType<typeof ref<string>>

const lines = () => menuLines(useMap().site.menuEntries, MENU)
/** The menu as indented labels. */
const menu = () =>
  lines().map(({ entry, depth }) => `${'  '.repeat(depth)}${entryLabel(entry, useMap().pages)}`)

beforeEach(async () => {
  locks.releaseAll()
  const entry = (label: string, order: string, parent?: string) => ({
    [idOf(label)]: { id: idOf(label), menu: MENU, label, order, ...(parent ? { parent: idOf(parent) } : {}) },
  })
  const records = {
    ...usualSite.records,
    menus: { [MENU]: { id: MENU, order: 'a0', name: 'Main', kind: 'main' } },
    menuEntries: {
      ...entry('Timetable', 'a0'),
      ...entry('Isles', 'a1'),
      ...entry('Orrel', 'a0', 'Isles'),
      ...entry('Fares', 'a2'),
    },
  }
  open = await openProject({ site: { ...usualSite, records } } as unknown as Documents)
  selected = ref<string>()
  open.use(() => useMenuLine(selected, lines))
})
afterEach(() => open.close())

test('arrow keys walk from line to line, through levels, and stop at the ends', () => {
  const walked = (...keys: string[]) => {
    press(...keys)
    return selected.value
  }
  expect(walked('ArrowDown')).toBe(idOf('Timetable'))
  expect(walked('ArrowDown', 'ArrowDown')).toBe(idOf('Orrel'))
  expect(walked('ArrowDown', 'ArrowDown', 'ArrowDown')).toBe(idOf('Fares'))
  expect(walked('ArrowUp', 'ArrowUp', 'ArrowUp', 'ArrowUp')).toBe(idOf('Timetable'))
})

test('a line moves among its neighbours, below the one before, and out again', () => {
  selected.value = idOf('Fares')
  press('Alt+ArrowUp')
  expect(menu()).toEqual(['Timetable', 'Fares', 'Isles', '  Orrel'])
  press('Alt+ArrowRight')
  expect(menu()).toEqual(['Timetable', '  Fares', 'Isles', '  Orrel'])
  press('Alt+ArrowLeft', 'Alt+ArrowDown')
  expect(menu()).toEqual(['Timetable', 'Isles', '  Orrel', 'Fares'])
  for (let step = 0; step < 4; step++) open.project.undo()
  expect(menu()).toEqual(['Timetable', 'Isles', '  Orrel', 'Fares'])
})

test('a line takes along what stands below it', () => {
  selected.value = idOf('Isles')
  press('Alt+ArrowRight')
  expect(menu()).toEqual(['Timetable', '  Isles', '    Orrel', 'Fares'])
})

test('the first line cannot go in, a top line cannot go out', () => {
  selected.value = idOf('Timetable')
  press('Alt+ArrowRight', 'Alt+ArrowLeft')
  expect(menu()).toEqual(['Timetable', 'Isles', '  Orrel', 'Fares'])
  expect(open.project.view.history.undo).toEqual([])
})

test('a line that is taken out goes with those below it, and undo brings all back', async () => {
  selected.value = idOf('Isles')
  press('Delete')
  expect(menu()).toEqual(['Timetable', 'Fares'])
  expect(selected.value).toBeUndefined()
  expect(press('Delete')).toEqual([false])
  open.project.undo()
  expect(menu()).toEqual(['Timetable', 'Isles', '  Orrel', 'Fares'])
  await open.saved()
  expect(Object.keys(open.server.documents.site.records.menuEntries)).toHaveLength(4)
})
