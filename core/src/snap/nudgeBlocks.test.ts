import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { px } from '../units/length'
import { Draft, idOf, type Sketch } from '../testing/draft'
import { box, free, section, text } from '../testing/sketches'
import { canNudge, nudgeBlocks } from './nudgeBlocks'

const library = shippedFontLibrary()
let draft: Draft
const draftOf = (sketches: Sketch[]) => new Draft(sketches, { library })

describe('nudging', () => {
  test.each([
    ['start', { left: px(50), top: px(20) }],
    ['end', { right: px(50), bottom: px(20) }],
    ['centre', { x: px(5), y: px(5) }],
    ['both', { left: px(50), right: px(50), top: px(20), bottom: px(20) }],
    ['proportion', { across: { start: 10, length: 20 }, down: { start: 10, length: 20 } }],
  ] as const)('moves a block anchored at its %s as the arrow points', (anchor, offset) => {
    const place = { width: px(100), height: px(40), anchor: { x: anchor, y: anchor }, offset }
    draft = draftOf([section('top', [box('free', [text('one', { place })], free)])])
    const { x, y, w, h } = draft.placed('one')
    const keys = [idOf('one')]
    expect(canNudge(draft.drawn, keys)).toBe(true)
    draft.change(nudgeBlocks(draft.drawn, keys, 3, 4))
    const now = draft.placed('one')
    const wanted = [x + 3, y + 4, w, h].map(Math.round)
    expect([now.x, now.y, now.w, now.h].map(Math.round)).toEqual(wanted)
  })

  test('keeps a share of the parent a share, and writes as the project does where it is sized by its text', () => {
    const place = { width: px(100), offset: { left: { value: 10, unit: '%' as const }, top: px(16) } }
    draft = new Draft([section('top', [box('free', [text('one', { place })], free)])], {
      library,
      sizing: 'elastic',
    })
    const { x, y } = draft.placed('one')
    draft.change(nudgeBlocks(draft.drawn, [idOf('one')], 5, 8))
    expect(draft.block('one').place?.offset?.left).toMatchObject({ unit: '%' })
    expect(draft.block('one').place?.offset?.top).toEqual({ value: 1.5, unit: 'rem' })
    expect([draft.placed('one').x - x, draft.placed('one').y - y].map(Math.round)).toEqual([5, 8])
  })

  test('is not offered where a parent arranges its children, nor for nothing', () => {
    draft = draftOf([section('top', [text('one')])])
    expect(canNudge(draft.drawn, [])).toBe(false)
    expect(canNudge(draft.drawn, [idOf('one')])).toBe(false)
  })
})
