import { handles } from '@nolvex/core/snap/resizeBlock'
import { box, column, section, text } from '@nolvex/core/testing/sketches'
import { draftPage, idOf, type Draft } from '../../testing/draftPage'
import { locks } from '../../testing/pretendBrowser'
import type { Following, Held, Press } from './gesture'
import { beginGesture } from './gestures'

let draft: Draft
const held: Held = { reach: 0, keepsShape: false, fromCentre: false }
beforeEach(async () => {
  locks.releaseAll()
  draft = await draftPage([
    section('top', [box('list', [text('one'), text('two')], column), box('other', [], column)]),
  ])
})
afterEach(() => draft.close())

/** Presses the middle of a block, or beside all of them. */
function press(name: string | undefined, more: Partial<Press> = {}): Following {
  const at = name ? draft.placed(name) : undefined
  const point = at ? { x: at.x + at.w / 2, y: at.y + at.h / 2 } : { x: 5, y: 5000 }
  const hit = draft.page.hits.value.at(point)[0]
  const all: Press = { page: draft.page, point, hit, handle: undefined, addsToSelection: false, ...more }
  return beginGesture(all) as Following
}
function commit(following: Following) {
  const change = following.commit?.()
  if (change) draft.page.change(change.label, change.operations)
  return change?.label
}
const selected = () => draft.page.selection.value

test('a press selects what is innermost there, with Shift adds it or takes it out, and beside all nothing', () => {
  press('one')
  expect(selected()).toEqual([idOf('one')])
  press('two', { addsToSelection: true })
  press('one', { addsToSelection: true })
  expect(selected()).toEqual([idOf('two')])
  press(undefined)
  expect(selected()).toEqual([])
})

test('a drag shows where the block would go, and is one change when it is let go', () => {
  const { x, y, h } = draft.placed('two')
  const following = press('one')
  const by = { x: 0, y: y + h - draft.placed('one').y }
  const shown = following.move?.(by, { x: x + 5, y: y + h - 2 }, held)
  expect(shown?.ghost).toMatchObject({ x: draft.placed('one').x, y: draft.placed('one').y + by.y })
  expect(shown?.mark.h).toBe(3)
  expect(draft.inside('list')).toEqual(['one', 'two'])
  expect(commit(following)).toBe('Move one')
  expect(draft.inside('list')).toEqual(['two', 'one'])
  expect(draft.project.view.history.undo).toHaveLength(1)
})

test('while a block is dragged the page is laid out as it would then stand, and its own layout stays', () => {
  const { x, y, h } = draft.placed('two')
  const following = press('one')
  const shown = following.move?.({ x: 0, y: h }, { x: x + 5, y: y + h - 2 }, held)
  draft.page.landing.value = shown?.operations
  const landed = (name: string) => draft.page.landed.value?.placed.get(idOf(name))
  expect(shown?.moves).toBe(idOf('one'))
  expect(landed('two')?.y).toBe(draft.placed('one').y)
  expect(landed('one')?.y).toBeGreaterThan(draft.placed('one').y)
  expect(draft.placed('two').y).toBe(y)
  commit(following)
  draft.page.landing.value = undefined
  expect(draft.page.landed.value).toBeUndefined()
  expect(draft.inside('list')).toEqual(['two', 'one'])
})

test('pressed inside what is selected, all of that is dragged; let go without moving, what is pressed is selected', () => {
  draft.page.select([idOf('list')])
  const following = press('one')
  expect(selected()).toEqual([idOf('list')])
  following.click?.()
  expect(selected()).toEqual([idOf('one')])
})

test('what is locked is selected and stays', () => {
  draft.page.set('Lock', ['locked'], true, [idOf('one')])
  const following = press('one')
  expect(selected()).toEqual([idOf('one')])
  expect(following.move).toBeUndefined()
  expect(press('one', { handle: handles[2] }).move).toBeUndefined()
})

test('a handle resizes the selection, wherever it lies', () => {
  draft.page.select([idOf('one')])
  const { h } = draft.placed('one')
  const following = press('two', { handle: handles.find(({ name }) => name === 'foot') })
  expect(following.move?.({ x: 0, y: 30 }, { x: 0, y: 0 }, held)?.mark.h).toBe(h + 30)
  expect(commit(following)).toBe('Resize one')
  expect(draft.placed('one').h).toBe(h + 30)
  expect(selected()).toEqual([idOf('one')])
})

test('a press that is let go at once changes nothing', () => {
  expect(commit(press('one'))).toBeUndefined()
  expect(draft.project.view.history.undo).toHaveLength(0)
})
