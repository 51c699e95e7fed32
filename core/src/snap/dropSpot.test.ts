import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { px } from '../units/length'
import { Draft, idOf, type Sketch } from '../testing/draft'
import { box, column, free, row, section, spanning, standing, text } from '../testing/sketches'
import { columnsOf } from './containerColumns'
import { beginMove, dropSpot } from './dropSpot'
import type { HintKind } from './hint'

const library = shippedFontLibrary()
let draft: Draft
const draftOf = (sketches: Sketch[], width?: number, hints: HintKind[] = ['edges', 'centres']) =>
  new Draft(sketches, { library, width, hints })

/** Drags a block so that its top left corner and the pointer come to (x, y), and drops it. */
function drop(name: string, x: number, y: number, selected: string[] = []) {
  const { w, h } = draft.placed(name)
  const page = draft.drawn
  const grabbed = page.placed.get(idOf(name))
  const moving = grabbed && beginMove(page, draft.hits, grabbed, selected.map(idOf))
  const spot = moving && dropSpot(moving, { x, y, w, h }, { x: x + 1, y: y + 1 })
  if (spot) draft.change(spot.operations())
  return spot
}
const centre = (name: string) => {
  const { x, y, w, h } = draft.placed(name)
  return [x + w / 2, y + h / 2] as const
}

describe('dropping', () => {
  test('in a column puts a block where the pointer is among its siblings', () => {
    draft = draftOf([section('top', [box('list', [text('one'), text('two'), text('three')], column)])])
    const { x, y, h } = draft.placed('two')
    drop('one', x, y + h / 2 + 2)
    expect(draft.inside('list')).toEqual(['two', 'one', 'three'])
    expect(draft.placed('one').y).toBe(draft.placed('two').y + draft.placed('two').h + 20)
    drop('three', x, draft.placed('two').y)
    expect(draft.inside('list')).toEqual(['three', 'two', 'one'])
  })

  test('in a row goes by the pointer across, and on itself changes nothing', () => {
    draft = draftOf([section('top', [box('line', [text('one'), text('two'), text('three')], row)])])
    const [x, y] = centre('three')
    drop('one', x + 5, y)
    expect(draft.inside('line')).toEqual(['two', 'three', 'one'])
    const before = draft.drawn.blocks
    drop('one', draft.placed('one').x + 10, y)
    expect(draft.inside('line')).toEqual(['two', 'three', 'one'])
    expect(Object.keys(before)).toEqual(Object.keys(draft.drawn.blocks))
  })

  test('in a grid by a column leaves its neighbours in their row where there is room', () => {
    draft = draftOf([
      section('top', [
        text('one', spanning(3, 1)),
        text('two', spanning(3, 5)),
        text('three', spanning(3, 9)),
      ]),
    ])
    const tops = () => ['one', 'two', 'three'].map((name) => draft.placed(name).y)
    const before = tops()
    const column = draft.placed('two').x - draft.placed('one').x
    drop('one', draft.placed('one').x + column / 4, draft.placed('one').y)
    expect(draft.block('one').place?.column?.start).toBe(2)
    drop('three', draft.placed('three').x + column / 4, draft.placed('three').y)
    expect(draft.block('three').place?.column?.start).toBe(10)
    expect(tops()).toEqual(before)
  })

  test('moves into the innermost block there that may hold it, and never into itself', () => {
    draft = draftOf([
      section('top', [
        box('outer', [text('one'), box('inner', [text('two')], column)], column),
        box('other', [text('three')], column),
      ]),
    ])
    drop('three', ...centre('two'))
    expect(draft.inside('inner')).toEqual(['two', 'three'])
    drop('outer', ...centre('inner'))
    expect(draft.block('outer').parent).toBe(idOf('top'))
    expect(draft.block('inner').parent).toBe(idOf('outer'))
  })

  test('on a text stands beside it, as a text holds no blocks', () => {
    draft = draftOf([section('top', [box('a', [text('one')], column), box('b', [text('two')], column)])])
    drop('one', ...centre('two'))
    expect(draft.block('one').parent).toBe(idOf('b'))
  })

  test('a section goes between sections and nowhere else', () => {
    draft = draftOf([
      section('first', [text('one')]),
      section('second', [box('list', [text('two')], column)]),
      section('third', [text('three')]),
    ])
    drop('first', 200, draft.placed('third').y + 5)
    expect(draft.inside()).toEqual(['second', 'first', 'third'])
    drop('third', ...centre('two'))
    expect(draft.block('third').parent).toBeUndefined()
  })

  test('a block dropped beside all sections stays where it is', () => {
    draft = draftOf([section('top', [text('one')])])
    expect(drop('one', 200, 5000)).toBeUndefined()
  })

  test('on columns takes the nearest one, and the mark shows which', () => {
    draft = draftOf([section('top', [text('one', spanning(3, 1)), text('two', spanning(3, 4))])])
    const columns = columnsOf(draft.placed('top'))
    expect(columns).toHaveLength(12)
    const spot = drop('one', columns[6].left + 9, draft.placed('one').y)
    expect(spot?.mark).toMatchObject({
      x: columns[6].left,
      w: columns[8].left + columns[8].width - columns[6].left,
    })
    expect(draft.block('one').place?.column).toMatchObject({ start: 7, span: 3 })
    expect(draft.placed('one').x).toBe(columns[6].left)
  })

  test('freely snaps to a neighbour’s edge within 6 px and keeps the offset from the container', () => {
    draft = draftOf([
      section('top', [box('free', [text('one', standing(10, 10)), text('two', standing(300, 120))], free)]),
    ])
    const { x, y } = draft.placed('two')
    const spot = drop('one', x + 4, y + 80)
    expect(spot?.hints.map(({ line }) => line?.at)).toContain(x)
    expect(draft.placed('one')).toMatchObject({ x, y: y + 80 })
    expect(draft.block('one').place?.offset).toMatchObject({ left: px(300), top: px(200) })
  })

  test('freely, where nothing is to be snapped to, stands where it is let go', () => {
    draft = draftOf(
      [section('top', [box('free', [text('one', standing(10, 10)), text('two', standing(300, 120))], free)])],
      1440,
      [],
    )
    const { x, y } = draft.placed('two')
    drop('one', x + 4, y + 80)
    expect(draft.placed('one').x).toBe(x + 4)
  })

  test.each(['start', 'end', 'both', 'centre', 'proportion'] as const)(
    'freely keeps an anchor at the %s, measured from the inside of the border',
    (anchor) => {
      const edge = { width: px(10), line: 'solid' as const, colour: { hex: '#000000' } }
      const bordered = { ...free, look: { border: { top: edge, right: edge, bottom: edge, left: edge } } }
      const place = {
        width: px(100),
        height: px(40),
        anchor: { x: anchor, y: anchor },
        offset: { right: px(700) },
      }
      draft = draftOf([section('top', [box('free', [text('one', { place })], bordered)])], 1440, [])
      const { x, y, w, h } = draft.placed('one')
      drop('one', Math.round(x) + 30, Math.round(y) + 20)
      expect(draft.block('one').place?.anchor).toEqual({ x: anchor, y: anchor })
      const now = draft.placed('one')
      expect([now.x, now.y].map(Math.round)).toEqual([Math.round(x) + 30, Math.round(y) + 20])
      expect(now.w).toBeCloseTo(w, 0)
      expect(now.h).toBeCloseTo(h, 0)
    },
  )

  test('what cuts off what runs out takes nothing that is dropped beyond it', () => {
    const cutting = { ...column, place: { height: px(30), overflow: 'hidden' as const } }
    draft = draftOf([
      section(
        'top',
        [
          box('cut', [box('inner', [text('one')], { ...column, place: { height: px(200) } })], cutting),
          text('two'),
        ],
        column,
      ),
    ])
    const { x, y } = draft.placed('cut')
    drop('two', x + 5, y + 100)
    expect(draft.inside('inner')).toEqual(['one'])
  })

  test('carries the whole selection along, what stands in a selected block once', () => {
    draft = draftOf([
      section('top', [
        box('a', [text('one'), box('inner', [text('two')], column), text('three')], column),
        box('b', [text('four')], column),
      ]),
    ])
    drop('three', ...centre('four'), ['inner', 'two', 'three'])
    expect(draft.inside('a')).toEqual(['one'])
    expect([...draft.inside('b')].sort()).toEqual(['four', 'inner', 'three'])
    expect(draft.inside('inner')).toEqual(['two'])
  })

  test('at another band changes the order there alone', () => {
    draft = draftOf([section('top', [box('list', [text('one'), text('two')], column)])], 390)
    drop('one', ...([draft.placed('two').x, draft.placed('two').y + draft.placed('two').h - 2] as const))
    expect(draft.inside('list')).toEqual(['two', 'one'])
    draft.width = 1440
    expect(draft.inside('list')).toEqual(['one', 'two'])
  })

  test('a little beside what places it freely, a block still stands there; clearly beside, elsewhere', () => {
    draft = draftOf([
      section('top', [
        box('board', [text('one', standing(20, 20))], free),
        box('list', [text('two')], column),
      ]),
    ])
    const board = draft.placed('board')
    drop('one', board.x + 40, board.y + board.h + 20)
    expect(draft.placed('one').parent).toBe(idOf('board'))
    expect(draft.placed('one').y).toBeCloseTo(board.y + board.h + 20, 0)
    const list = draft.placed('list')
    drop('one', list.x + 5, list.y + list.h - 2)
    expect(draft.placed('one').parent).toBe(idOf('list'))
  })
})
