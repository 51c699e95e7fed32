import { jest } from '@jest/globals'
import { shelfItems, type ShelfItem } from '@nolvex/core/block/shelf'
import { handles } from '@nolvex/core/snap/resizeBlock'
import { px } from '@nolvex/core/units/length'
import { box, column, section, text } from '@nolvex/core/testing/sketches'
import { draftPage, idOf, type Draft } from '../../testing/draftPage'
import { locks } from '../../testing/pretendBrowser'
import type { Following, Held, Press } from './gesture'
import { beginGesture } from './gestures'

let draft: Draft
const held: Held = { reach: 0, keepsShape: false, fromCentre: false, onlyEnclosed: false }
beforeEach(async () => {
  locks.releaseAll()
  draft = await draftPage([
    section('top', [box('list', [text('one'), text('two')], column), box('other', [], column)]),
    section('ground', [], { place: { height: px(400) } }),
  ])
})
afterEach(() => draft.close())

/** Presses the middle of a block, or beside all of them. */
function press(name: string | undefined, more: Partial<Press> = {}): Following {
  const at = name ? draft.placed(name) : undefined
  const point = at ? { x: at.x + at.w / 2, y: at.y + at.h / 2 } : { x: 5, y: 5000 }
  const stack = draft.page.under(point)
  const rest = { handle: undefined, addsToSelection: false, wantsArea: false }
  const all: Press = { page: draft.page, point, hit: stack[0], stack, ...rest, ...more }
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
  press(undefined).click?.()
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

test('what is locked stays out of the way: what lies under it is pressed, and its handles hold', () => {
  draft.page.set('Lock', ['locked'], true, [idOf('one')])
  press('one')
  expect(selected()).toEqual([idOf('list')])
  draft.page.select([idOf('one')])
  expect(press('one', { handle: handles[2] }).move).toBeUndefined()
})

test('pressed again at one place, after a while, what lies under it is selected, and then it again', () => {
  const now = jest.spyOn(performance, 'now')
  const again = (ms: number) => {
    now.mockReturnValue(ms)
    press('one').click?.()
    return selected()
  }
  expect(again(10_000)).toEqual([idOf('one')])
  expect(again(10_200)).toEqual([idOf('one')])
  expect(again(11_000)).toEqual([idOf('list')])
  expect(again(12_000)).toEqual([idOf('top')])
  expect(again(13_000)).toEqual([idOf('one')])
  now.mockRestore()
})

test('a rectangle selects what it touches, from a section’s ground, and from anywhere while its key is held', () => {
  const [one, two] = [draft.placed('one'), draft.placed('two')]
  const drawn = (following: Following, more: Partial<Held> = {}) => {
    const to = { x: two.x + 9, y: two.y + 9 }
    const shown = following.move?.({ x: 0, y: 0 }, to, { ...held, ...more })
    return { says: shown?.says, selects: following.commit?.()?.selects }
  }
  const ground = press('top', { point: { x: one.x + 5, y: one.y - 9 }, hit: draft.placed('top') })
  expect(drawn(ground)).toEqual({ says: '2 blocks', selects: [idOf('one'), idOf('two')] })
  expect(drawn(ground, { onlyEnclosed: true })).toEqual({ says: '0 blocks enclosed', selects: [] })
  expect(drawn(press('one', { wantsArea: true })).selects).toEqual([idOf('one'), idOf('two')])
})

test('what was chosen on the shelf is drawn over the columns it is to stand on', () => {
  const item = shelfItems.find(({ block }) => block.kind === 'picture') as ShelfItem
  draft.page.toDraw.value = item
  const ground = draft.placed('ground')
  const following = press(undefined, { point: { x: 420, y: ground.y + 50 } })
  const shown = following.move?.({ x: 0, y: 0 }, { x: 800, y: ground.y + 250 }, held)
  expect(shown?.says).toContain('columns 4–7')
  const change = following.commit?.()
  draft.page.change(change?.label ?? '', change?.operations ?? [])
  const made = draft.page.blocks.value[change?.selects?.[0] ?? '']
  expect(made).toMatchObject({
    kind: 'picture',
    place: { column: { start: 4, span: 4 }, height: { value: 200 } },
  })
  expect(draft.page.toDraw.value).toBeUndefined()
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
