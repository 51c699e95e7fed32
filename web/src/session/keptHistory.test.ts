import { locks } from '../testing/pretendBrowser'
import {
  editText,
  onDrawing,
  onSite,
  putPage,
  putText,
  setTitle,
  titles,
  titleIn,
  words,
} from '../testing/smallChanges'
import { beginProject, closeTabs, openTab, quiet, server, settle, type Tab } from '../testing/tabs'

/** What a window remembers of itself over a reload. */
class PretendStorage {
  private items = new Map<string, string>()
  getItem = (key: string) => this.items.get(key) ?? null
  setItem = (key: string, value: string) => void this.items.set(key, value)
}
const inWindow = (storage: PretendStorage) => Object.assign(globalThis, { sessionStorage: storage })

beforeEach(() => {
  beginProject()
  inWindow(new PretendStorage())
})
afterEach(() => {
  closeTabs()
  Reflect.deleteProperty(globalThis, 'sessionStorage')
})

const steps = ({ view }: Tab) => view.history.undo.map(({ label }) => label)

/** The same window, loaded again. */
async function reload(tab: Tab): Promise<Tab> {
  tab.session.close()
  await settle()
  locks.releaseAll()
  return openTab()
}

test('after a reload a window goes on undoing and redoing what it did before', async () => {
  let tab = await openTab()
  tab.session.change('Add page', onSite(putPage('harbour')))
  tab.session.change('Rename page', onSite(setTitle('harbour', 'Quay')))
  tab.session.undo()
  await quiet(tab)
  tab = await reload(tab)
  expect([steps(tab), tab.view.history.redo.length]).toEqual([['Add page'], 1])
  tab.session.redo()
  expect(titleIn(tab.session.documents, 'harbour')).toBe('Quay')
  tab.session.undo()
  tab.session.undo()
  await quiet(tab)
  expect(titles(server.documents)).toEqual([])
})

test('what another window wrote meanwhile is kept when a step before it is undone', async () => {
  let tab = await openTab()
  tab.session.change('Draw', onDrawing(...putText('boats')))
  tab.session.change('Edit', onDrawing(editText({ retain: 5 }, { insert: ' leave' })))
  await quiet(tab)
  tab.session.close()
  await settle()
  server.commitFromElsewhere(onDrawing(editText({ insert: 'All ' })))
  tab = await reload(tab)
  expect(words(tab.session.documents)).toBe('All boats leave')
  tab.session.undo()
  await quiet(tab)
  expect(words(server.documents)).toBe('All boats')
})

test('steps that were not saved yet when the window was closed can be undone when they are', async () => {
  let tab = await openTab()
  server.fall()
  tab.session.change('Add page', onSite(putPage('harbour')))
  await settle()
  tab.session.close()
  await settle()
  locks.releaseAll()
  server.rise()
  tab = await openTab()
  await quiet(tab)
  expect(titles(server.documents)).toEqual(['harbour'])
  tab.session.undo()
  await quiet(tab)
  expect(titles(server.documents)).toEqual([])
})

test('another window, and a copy of this one, begin with nothing to undo', async () => {
  const storage = new PretendStorage()
  inWindow(storage)
  const tab = await openTab()
  tab.session.change('Add page', onSite(putPage('harbour')))
  await quiet(tab)
  // Its storage is copied while the first still lives and holds its name.
  const copy = await openTab()
  expect(steps(copy)).toEqual([])
  inWindow(new PretendStorage())
  expect(steps(await openTab())).toEqual([])
  expect(steps(tab)).toEqual(['Add page'])
})
