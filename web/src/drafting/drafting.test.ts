import { px } from '@nolvex/core/units/length'
import { usualBands } from '@nolvex/core/site/usualSite'
import type { ChangePart } from '@nolvex/core/document/types'
import { locks } from '../testing/pretendBrowser'
import { draftPage, idOf, type Draft, type Sketch } from '../testing/draftPage'

const text = (name: string, more: Partial<Sketch> = {}): Sketch => ({
  kind: 'text',
  name,
  text: [{ insert: `${name} says a few words\n` }],
  ...more,
})
const box = (name: string, holds: Sketch[], more: Partial<Sketch> = {}): Sketch => ({
  kind: 'box',
  name,
  holds,
  ...more,
})
const section = (name: string, holds: Sketch[], more: Partial<Sketch> = {}): Sketch => ({
  kind: 'section',
  name,
  holds,
  ...more,
})
const column = { arrange: { type: 'column', gap: px(20), align: 'start' } } as Partial<Sketch>

let draft: Draft
beforeEach(() => locks.releaseAll())
afterEach(() => draft.close())

describe('values of one band', () => {
  test('differ there, are seen to, and are given back', async () => {
    draft = await draftPage([section('top', [text('one')])], 390)
    const { page } = draft
    const path = ['arrange', 'padding', 'top']
    page.select([idOf('one')])
    page.set('Change padding', path, px(30) as never)
    expect(page.differs(draft.block('one'), path)).toBe(true)
    expect(page.value(draft.block('one'), path)).toMatchObject({
      value: px(30),
      source: { from: 'band', band: usualBands.narrow },
    })
    const tall = draft.placed('one').h
    page.width.value = 1440
    expect(page.differs(draft.block('one'), path)).toBe(false)
    page.width.value = 390
    page.set('Give back', path, undefined)
    expect(page.differs(draft.block('one'), path)).toBe(false)
    expect(draft.placed('one').h).toBe(tall - 30)
  })

  test('say what would show again: the next band that has a value, the lead, or none', async () => {
    draft = await draftPage([section('top', [text('one')])], 834)
    const { page } = draft
    const path = ['arrange', 'padding', 'top']
    page.set('Change padding', path, px(20) as never, [idOf('one')])
    page.width.value = 390
    page.set('Change padding', path, px(10) as never, [idOf('one')])
    expect(page.sourceBeneath(draft.block('one'), path)).toBe('Medium')
    page.width.value = 834
    expect(page.sourceBeneath(draft.block('one'), path)).toBe('what it is without a value')
    page.width.value = 1440
    page.set('Change padding', path, px(30) as never, [idOf('one')])
    page.width.value = 834
    expect(page.sourceBeneath(draft.block('one'), path)).toBe('Wide')
  })

  test('of the lead hold everywhere that has none of its own', async () => {
    draft = await draftPage([section('top', [text('one')])])
    const path = ['arrange', 'padding', 'left']
    draft.page.set('Change padding', path, px(12) as never, [idOf('one')])
    for (const width of [390, 834, 1440]) {
      draft.page.width.value = width
      expect(draft.placed('one').box.insetLeft).toBe(12)
    }
  })
})

test('another window’s change moves the page here, and what it removed is no longer selected', async () => {
  draft = await draftPage([section('top', [box('list', [text('one'), text('two')], column)])])
  draft.page.select([idOf('one'), idOf('two')])
  const { y } = draft.placed('two')
  const parts: ChangePart[] = [
    {
      document: draft.page.page.value,
      kind: 'drawing',
      operations: [{ type: 'remove', collection: 'blocks', id: idOf('one') }],
    },
  ]
  draft.server.commitFromElsewhere(parts)
  await draft.saved()
  expect(draft.page.selection.value).toEqual([idOf('two')])
  expect(draft.placed('two').y).toBeLessThan(y)
})
