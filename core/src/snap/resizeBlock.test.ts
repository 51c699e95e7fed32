import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { px } from '../units/length'
import { Draft, idOf, type Sketch } from '../testing/draft'
import { box, free, row, section, spanning, standing, text } from '../testing/sketches'
import type { HintKind } from './hint'
import { columnsOf } from './containerColumns'
import { beginResize, handles, resized, type Pull } from './resizeBlock'

const library = shippedFontLibrary()
let draft: Draft
const draftOf = (sketches: Sketch[], hints: HintKind[] = []) => new Draft(sketches, { library, hints })

describe('resizing', () => {
  const handle = (name: string) => handles.find((one) => one.name === name) as (typeof handles)[number]
  function pull(name: string, which: string, dx: number, dy: number, how: Pull = {}) {
    const page = draft.drawn
    const own = page.placed.get(idOf(name))
    if (!own) throw new Error(`${name} is gone`)
    const change = resized(beginResize(page, own), handle(which), dx, dy, how)
    draft.change(change.operations())
    return change
  }

  test('on columns goes by whole columns at either edge', () => {
    draft = draftOf([section('top', [text('one', spanning(4, 3))])])
    const columns = columnsOf(draft.placed('top'))
    const step = columns[1].left - columns[0].left
    pull('one', 'right edge', 2 * step + 9, 0)
    expect(draft.block('one').place).toMatchObject({ width: 'fill', column: { start: 3, span: 6 } })
    expect(draft.placed('one').w).toBeCloseTo(columns[7].left + columns[7].width - columns[2].left, 3)
    pull('one', 'left edge', -step + 4, 0)
    expect(draft.block('one').place?.column).toEqual({ start: 2, span: 7 })
    pull('one', 'left edge', 5000, 0)
    expect(draft.block('one').place?.column).toEqual({ start: 8, span: 1 })
  })

  test('elsewhere goes by whole pixels and never below 8', () => {
    draft = draftOf([section('top', [box('line', [text('one'), text('two')], row)])])
    const { w } = draft.placed('one')
    const change = pull('one', 'right edge', -100.4, 0)
    expect(draft.block('one').place?.width).toEqual(px(Math.round(w - 100.4)))
    expect(change?.mark.w).toBe(draft.placed('one').w)
    pull('one', 'right edge', -5000, 0)
    expect(draft.placed('one').w).toBe(8)
  })

  test('a foot that comes near a neighbour’s snaps to it', () => {
    draft = draftOf(
      [
        section('top', [
          box(
            'line',
            [text('one', { place: { height: px(80) } }), text('two', { place: { height: px(120) } })],
            {
              arrange: { type: 'row', gap: px(20), align: 'start' },
            },
          ),
        ]),
      ],
      ['edges'],
    )
    pull('one', 'foot', 0, 36)
    expect(draft.placed('one').h).toBe(120)
  })

  test('a freely placed block keeps its right edge when its left one is pulled', () => {
    draft = draftOf([section('top', [box('free', [text('one', standing(100, 10))], free)])])
    const { x, w } = draft.placed('one')
    pull('one', 'left edge', -30, 0)
    expect(draft.placed('one')).toMatchObject({ x: x - 30, w: w + 30 })
  })

  const edge = { width: px(10), line: 'solid' as const, colour: { hex: '#000000' } }
  const bordered = { ...free, look: { border: { top: edge, left: edge } } }

  test('a block at 50 px inside a border of 10 keeps its right edge when its left one is pulled', () => {
    draft = draftOf([section('top', [box('free', [text('one', standing(50, 10))], bordered)])])
    const { x, w } = draft.placed('one')
    pull('one', 'left edge', -20, 0)
    expect(draft.placed('one')).toMatchObject({ x: x - 20, w: w + 20 })
    expect(draft.block('one').place?.offset?.left).toEqual(px(30))
  })

  test.each(['end', 'both', 'centre', 'proportion'] as const)(
    'a block anchored at its %s moves the edge that is pulled, and no other',
    (anchor) => {
      const place = {
        width: px(200),
        height: px(60),
        anchor: { x: anchor, y: anchor },
        offset: { left: px(100), right: px(500), top: px(40), bottom: px(60) },
      }
      for (const [which, dx, dy] of [
        ['right edge', 40, 0],
        ['left edge', -30, 0],
        ['foot', 0, 25],
      ] as const) {
        draft = draftOf([section('top', [box('free', [text('one', { place })], bordered)])])
        const { x, y, w, h } = draft.placed('one')
        const change = pull('one', which, dx, dy)
        const now = draft.placed('one')
        const edges = [now.x, now.y, now.x + now.w, now.y + now.h]
        const wanted = [
          x + (which === 'left edge' ? dx : 0),
          y,
          x + w + (which === 'right edge' ? dx : 0),
          y + h + dy,
        ]
        edges.forEach((at, index) => expect(Math.abs(at - wanted[index])).toBeLessThan(1))
        expect(Math.abs(change.mark.w - now.w)).toBeLessThan(1)
      }
    },
  )

  test('lengths are written as the project writes them', () => {
    draft = new Draft([section('top', [box('line', [text('one')], row)])], {
      library,
      sizing: 'elastic',
      hints: [],
    })
    pull('one', 'corner', 400 - draft.placed('one').w, 80 - draft.placed('one').h)
    expect(draft.block('one').place).toMatchObject({
      width: { value: 25, unit: 'rem' },
      height: { value: 5, unit: 'rem' },
    })
  })

  test('keeps its shape, and its middle where it stands freely', () => {
    draft = draftOf([section('top', [box('free', [text('one', standing(200, 100))], free)])])
    const before = draft.placed('one')
    pull('one', 'right edge', 50, 0, { keepsShape: true })
    const wider = draft.placed('one')
    expect([wider.x, wider.y, wider.w, wider.h]).toEqual([before.x, before.y, 150, 60])
    pull('one', 'first corner', -15, -6, { fromCentre: true })
    const grown = draft.placed('one')
    expect([grown.x, grown.y, grown.w, grown.h]).toEqual([wider.x - 15, wider.y - 6, 180, 72])
    pull('one', 'upper corner', 0, 36, { keepsShape: true })
    const after = draft.placed('one')
    expect(after.w / after.h).toBeCloseTo(2.5, 1)
    expect(after.y + after.h).toBeCloseTo(grown.y + grown.h, 1)
  })
})
