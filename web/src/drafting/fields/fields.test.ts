import { px } from '@nolvex/core/units/length'
import { usualBands } from '@nolvex/core/site/usualSite'
import { box, column, section, text } from '@nolvex/core/testing/sketches'
import { draftPage, idOf, type Draft } from '../../testing/draftPage'
import { locks } from '../../testing/pretendBrowser'
import { useFields } from './useFields'

let draft: Draft
let fields: ReturnType<typeof useFields>
beforeEach(async () => {
  locks.releaseAll()
  draft = await draftPage([
    section('top', [
      box('list', [text('one', { place: { width: px(200) } }), text('two')], column),
      { kind: 'picture', name: 'sea', look: { radius: { topLeft: px(4) } } },
    ]),
  ])
  fields = draft.use(() => useFields(draft.page))
})
afterEach(() => draft.close())

const states = () => fields.groups.value.flatMap((group) => group.states)
const stateOf = (label: string) => {
  const found = states().find(({ field }) => field.label === label)
  if (!found) throw new Error(`There is no field ${label}.`)
  return found
}
const select = (...names: string[]) => draft.page.select(names.map(idOf))

test('of several blocks a value is shown where they share it, and else as mixed', () => {
  select('one', 'two')
  expect(stateOf('wide')).toMatchObject({ value: undefined, isMixed: true })
  expect(stateOf('tall')).toMatchObject({ value: 'fit', isMixed: false })
})

test('a change goes to all of them in one step, and undo takes it back from all', () => {
  select('one', 'two')
  fields.write(stateOf('wide').field, 'fit')
  expect([draft.block('one'), draft.block('two')].map(({ place }) => place?.width)).toEqual(['fit', 'fit'])
  expect(stateOf('wide')).toMatchObject({ value: 'fit', isMixed: false })
  draft.project.undo()
  expect(draft.block('one').place?.width).toEqual(px(200))
  expect(draft.block('two').place?.width).toBeUndefined()
})

test('one field may stand for several leaves', () => {
  select('sea')
  expect(stateOf('corners').isMixed).toBe(true)
  fields.write(stateOf('corners').field, px(9) as never)
  expect(draft.block('sea').look?.radius).toEqual({
    topLeft: px(9),
    topRight: px(9),
    bottomRight: px(9),
    bottomLeft: px(9),
  })
})

test('at another band what bands may differ in is written there, and the rest for all', () => {
  draft.page.width.value = 390
  select('one')
  fields.write(stateOf('wide').field, 'fit')
  fields.write(stateOf('locked in its place').field, true)
  expect(draft.block('one').at?.[usualBands.narrow]?.place?.width).toBe('fit')
  expect(draft.block('one')).toMatchObject({ place: { width: px(200) }, locked: true })
  expect(stateOf('wide').differs).toBe(true)
  fields.write(stateOf('wide').field, undefined)
  expect(stateOf('wide')).toMatchObject({ differs: false, value: px(200) })
})

test('nothing selected has no fields', () => {
  select()
  expect(fields.groups.value).toEqual([])
})
