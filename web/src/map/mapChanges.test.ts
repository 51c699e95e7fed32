import fc from 'fast-check'
import type { Documents, Operation, StoredRecord } from '@nolvex/core/document/types'
import { usualSite } from '@nolvex/core/site/usualSite'
import { openProject, type OpenProject } from '../testing/openProject'
import { locks } from '../testing/pretendBrowser'
import { press } from '../testing/press'
import { useMap } from './mapStore'
import { usePageChanges, type PageChanges } from './usePageChanges'
import { usePageCommands } from './usePageCommands'
import { useTreeCards } from './useTreeCards'
import { useTreeCommands } from './useTreeCommands'

let open: OpenProject
let changes: PageChanges
let map: ReturnType<typeof useMap>
let cards: ReturnType<typeof useTreeCards>
const idOf = (title: string) => title.toLowerCase().padEnd(16, '0')

/** A plan as indented titles. */
const PLAN = `
Home
  Timetable
  Isles
    Orrel
    Tansay
  Fares
`

function pagesOf(plan: string): Record<string, StoredRecord> {
  const above: string[] = []
  const lines = plan.split('\n').filter((line) => line.trim())
  return Object.fromEntries(
    lines.map((line, index): [string, StoredRecord] => {
      const title = line.trim()
      const depth = (line.length - line.trimStart().length) / 2
      above[depth] = idOf(title)
      const order = `a${String.fromCharCode(97 + index)}`
      return [idOf(title), { id: idOf(title), order, title, ...(depth ? { parent: above[depth - 1] } : {}) }]
    }),
  )
}

/** The plan as it stands now, in the same form. */
function plan(): string {
  const line = (id: string | null, depth: number): string[] =>
    changes
      .siblings(id as string)
      .flatMap((page) => [`${'  '.repeat(depth)}${page.title}`, ...below(page.id, depth + 1)])
  const below = (id: string, depth: number): string[] => {
    const first = Object.values(map.pages).find(({ parent }) => parent === id)
    return first ? line(first.id, depth) : []
  }
  const top = Object.values(map.pages).find(({ parent }) => !parent)
  return `\n${top ? line(top.id, 0).join('\n') : ''}\n`
}

beforeEach(openPlan)

async function openPlan() {
  locks.releaseAll()
  const site = { ...usualSite, records: { ...usualSite.records, pages: pagesOf(PLAN) } }
  open = await openProject({ site } as unknown as Documents)
  map = useMap()
  const view = {
    fit: () => undefined,
    fitSelection: () => undefined,
    zoomBy: () => undefined,
    focusSearch: () => undefined,
  }
  changes = open.use(() => usePageChanges())
  open.use(() => useTreeCommands(changes, view))
  open.use(() => usePageCommands(changes))
  cards = open.use(() => useTreeCards())
}
afterEach(() => open.close())

test('arrow keys walk the tree as it is drawn, down or across', () => {
  const walked = (...keys: string[]) => {
    press(...keys)
    return map.titleOf(map.selected)
  }
  expect(walked('ArrowDown')).toBe('Home')
  expect(walked('ArrowDown', 'ArrowRight')).toBe('Isles')
  expect(walked('ArrowDown')).toBe('Orrel')
  expect(walked('ArrowLeft')).toBe('Orrel')
  expect(walked('ArrowRight', 'ArrowUp', 'ArrowUp')).toBe('Home')
  press('T')
  expect(walked('ArrowRight', 'ArrowDown')).toBe('Isles')
  expect(walked('ArrowLeft')).toBe('Home')
  press('T')
  press('Escape')
  expect(map.selected).toBeUndefined()
})

test('a folded branch is not walked into and shows no cards', () => {
  map.selected = idOf('Isles')
  const all = cards.cards.value.length
  press('.')
  expect(cards.cards.value).toHaveLength(all - 2)
  press('ArrowDown')
  expect(map.titleOf(map.selected)).toBe('Isles')
  press('.', 'ArrowDown')
  expect(map.titleOf(map.selected)).toBe('Orrel')
})

test('pages move among and below their neighbours by keys, and back by undo', async () => {
  map.selected = idOf('Fares')
  press('Alt+ArrowLeft')
  expect(plan()).toBe(`
Home
  Timetable
  Fares
  Isles
    Orrel
    Tansay
`)
  press('Alt+ArrowDown')
  expect(plan()).toBe(`
Home
  Timetable
    Fares
  Isles
    Orrel
    Tansay
`)
  press('Alt+ArrowUp')
  press('Alt+ArrowRight')
  for (let step = 0; step < 4; step++) open.project.undo()
  expect(plan()).toBe(PLAN)
  await open.saved()
  expect(Object.keys(open.server.documents.site.records.pages)).toHaveLength(6)
})

test('a page never goes below itself', () => {
  changes.move(idOf('Isles'), idOf('Orrel'), 0)
  changes.move(idOf('Isles'), idOf('Isles'), 0)
  expect(plan()).toBe(PLAN)
  expect(open.project.view.history.undo).toHaveLength(0)
})

test('pages are added beside and below, ready to be named', () => {
  map.selected = idOf('Timetable')
  press('Enter')
  expect(map.renaming).toBe(map.selected)
  changes.rename(map.selected as string, 'Notices')
  press('Shift+Enter')
  changes.rename(map.selected as string, 'Planned work')
  expect(plan()).toBe(`
Home
  Timetable
  Notices
    Planned work
  Isles
    Orrel
    Tansay
  Fares
`)
})

test('a branch is duplicated with its sections, beside the original', () => {
  const section: Operation = {
    type: 'put',
    collection: 'sections',
    id: 'landing000000000',
    record: { id: 'landing000000000', order: 'a0', name: 'Landing', page: idOf('Orrel') },
  }
  open.project.changeSite('Add section', [section])
  map.selected = idOf('Isles')
  press('Ctrl+D')
  expect(plan()).toBe(`
Home
  Timetable
  Isles
    Orrel
    Tansay
  Isles
    Orrel
    Tansay
  Fares
`)
  const sections = Object.values(map.site.sections)
  expect(sections.map(({ name }) => name)).toEqual(['Landing', 'Landing'])
  expect(new Set(sections.map(({ page }) => page)).size).toBe(2)
})

test('a branch nothing refers to goes at once; the selection moves to its neighbour', () => {
  map.selected = idOf('Isles')
  press('Delete')
  expect(changes.asked.value).toBeUndefined()
  expect(plan()).toBe(`
Home
  Timetable
  Fares
`)
  expect(map.titleOf(map.selected)).toBe('Fares')
})

test('one that a menu leads to is asked about first, with how much would go', () => {
  const put = (collection: string, record: StoredRecord): Operation => ({
    type: 'put',
    collection,
    id: record.id,
    record,
  })
  open.project.changeSite('Add menu', [
    put('menus', { id: 'mainmenu00000000', order: 'a0', name: 'Main', kind: 'main' }),
    put('menuEntries', {
      id: 'entry00000000000',
      order: 'a0',
      menu: 'mainmenu00000000',
      page: idOf('Orrel'),
    }),
  ])
  expect(open.project.view.notSaved).toEqual([])
  map.selected = idOf('Isles')
  press('Delete')
  expect(changes.asked.value).toMatchObject({ title: 'Isles', pages: 3 })
  expect(plan()).toBe(PLAN)
  changes.keep()
  expect(changes.asked.value).toBeUndefined()
  press('Delete')
  changes.removeNow(idOf('Isles'))
  expect(map.pages[idOf('Orrel')]).toBeUndefined()
})

test('every page below the first is joined to its parent, however the tree is drawn', () => {
  for (const connectors of ['straight', 'stepped', 'curved'] as const)
    for (const direction of ['down', 'across'] as const) {
      map.look = { ...map.look, connectors, direction }
      const joined = cards.cards.value.map((card) => [card.page.title, cards.connector(card) !== undefined])
      expect(joined.filter(([, isJoined]) => !isJoined)).toEqual([['Home', false]])
    }
})

const KEYS = [
  'ArrowUp',
  'ArrowDown',
  'ArrowLeft',
  'ArrowRight',
  'Enter',
  'Shift+Enter',
  'Ctrl+D',
  'Delete',
  'Alt+ArrowUp',
  'Alt+ArrowDown',
  'Alt+ArrowLeft',
  'Alt+ArrowRight',
  '.',
  'T',
  'B',
]
const share = fc.integer({ min: 0, max: 999 }).map((thousandths) => thousandths / 1000)

test('whatever a planner does by key and by dragging is taken, keeps a tree, and can be undone', async () => {
  const deed = fc.oneof(
    { weight: 4, arbitrary: fc.constantFrom(...KEYS) },
    { weight: 1, arbitrary: fc.record({ which: share, parent: fc.option(share), index: fc.nat(3) }) },
  )
  await fc.assert(
    fc.asyncProperty(fc.array(deed, { minLength: 4, maxLength: 30 }), async (deeds) => {
      await openPlan()
      const start = map.pages
      for (const one of deeds) {
        const ids = Object.keys(map.pages)
        const at = (number: number) => ids[Math.floor(number * ids.length)]
        if (typeof one === 'string') press(one)
        else if (ids.length)
          changes.move(at(one.which), one.parent === null ? null : at(one.parent), one.index)
        if (changes.asked.value) changes.removeNow(changes.asked.value.id)
        expect(open.project.view.notSaved).toEqual([])
        // Every page has its place in the tree, once.
        map.folded = new Set()
        expect(cards.cards.value.map(({ page }) => page.id).sort()).toEqual(Object.keys(map.pages).sort())
      }
      const steps = open.project.view.history.undo.length
      for (let step = 0; step < steps; step++) open.project.undo()
      expect(map.pages).toEqual(start)
      await open.saved()
      expect(open.server.documents.site.records.pages).toEqual(start)
      open.close()
    }),
    { numRuns: 100, seed: 7 },
  )
})
