import fc from 'fast-check'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { px } from '../units/length'
import { Draft, idOf, type Sketch } from '../testing/draft'
import { box, column, free, row, section, spanning, standing, text } from '../testing/sketches'
import {
  alignBlocks,
  baselineOf,
  distributeBlocks,
  type AlignTo,
  type AlignWithin,
  type Spread,
} from './alignBlocks'
import type { Axis } from './rect'

const library = shippedFontLibrary()
let draft: Draft
const board = (...sketches: Sketch[]) =>
  (draft = new Draft(
    [section('top', [box('board', sketches, { ...free, place: { ...free.place, column: { span: 12 } } })])],
    { library },
  ))
const at = (name: string) => draft.placed(name)
const idsOf = (names: string[]) => names.map((name) => draft.placed(name))

function align(names: string[], axis: Axis, to: AlignTo, within: AlignWithin = 'selection') {
  const change = alignBlocks(draft.drawn, idsOf(names), { axis, to, within })
  if ('operations' in change) draft.change(change.operations)
  return 'reason' in change ? change.reason : change.says
}
function spread(names: string[], axis: Axis, how: Spread) {
  const change = distributeBlocks(draft.drawn, idsOf(names), axis, how)
  if ('operations' in change) draft.change(change.operations)
  return 'reason' in change ? change.reason : change.says
}

test('freely placed blocks come into line with one another, what they stand in, the page and one of them', () => {
  board(text('a', standing(10, 10)), text('b', standing(60, 80)), text('c', standing(200, 150)))
  align(['a', 'b', 'c'], 'x', 'start')
  expect(idsOf(['a', 'b', 'c']).map(({ x }) => x - at('board').x)).toEqual([10, 10, 10])
  align(['a'], 'x', 'end', 'parent')
  expect(at('a').x + at('a').w).toBeCloseTo(at('board').x + at('board').w, 1)
  align(['b'], 'x', 'centre', 'page')
  expect(at('b').x + at('b').w / 2).toBeCloseTo(720, 1)
  align(['a', 'b', 'c'], 'y', 'centre', { key: idOf('c') })
  expect(new Set(idsOf(['a', 'b', 'c']).map(({ y }) => y)).size).toBe(1)
  expect(at('c').y - at('board').y).toBe(150)
  expect(align(['a'], 'x', 'start')).toContain('in line with itself')
})

test('a frame of 1280 by 720 px in the middle of 1920 leaves 320 at either side', () => {
  draft = new Draft(
    [
      section(
        'top',
        [
          box(
            'wide',
            [box('frame', [], { place: { width: px(1280), height: px(720), offset: { left: px(7) } } })],
            { arrange: { type: 'placed' }, place: { height: px(720), column: { span: 12 } } },
          ),
        ],
        {
          arrange: { padding: { left: px(0), right: px(0) } },
        },
      ),
    ],
    { library, width: 1920 },
  )
  expect(at('wide').w).toBe(1920)
  align(['frame'], 'x', 'centre', 'parent')
  expect([at('frame').x, 1920 - at('frame').x - at('frame').w]).toEqual([320, 320])
})

test('columns draw the nearest edge, and baselines of unlike texts come into line', () => {
  board(text('a', standing(3, 10)), text('big', { ...standing(200, 40), tag: 'h1' }))
  align(['a'], 'x', 'start', 'columns')
  const [first] = draft.drawn.lines.x
  expect(at('a').x).toBeCloseTo(first.at, 1)
  align(['a', 'big'], 'y', 'baseline')
  const line = (name: string) => at(name).y + (baselineOf(at(name)) ?? 0)
  expect(line('a')).toBeCloseTo(line('big'), 2)
  expect(at('a').y).not.toBe(at('big').y)
})

test('in a row or a column the arrangement changes, and says so; on columns the columns do', () => {
  draft = new Draft(
    [
      section('top', [
        box('cards', [text('a'), text('b')], row),
        box('list', [text('c')], column),
        text('d', spanning(3, 2)),
        text('e', spanning(4, 6)),
      ]),
    ],
    { library },
  )
  expect(align(['a', 'b'], 'y', 'centre')).toBe('cards now has all 2 of its blocks in the middle.')
  expect(draft.block('cards').arrange).toMatchObject({ type: 'row', align: 'centre' })
  align(['c'], 'y', 'end')
  expect(draft.block('list').arrange).toMatchObject({ justify: 'end' })
  align(['d', 'e'], 'x', 'start')
  expect([at('d').box.column, at('e').box.column]).toEqual([2, 2])
  align(['e'], 'x', 'end', 'parent')
  expect(at('e').box.column).toBe(9)
  expect(align(['a', 'd'], 'x', 'start')).toContain('different boxes')
  expect(align(['d'], 'x', 'baseline')).toContain('follow from the rows')
})

test('spreading makes gaps equal and keeps the outer two', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.integer({ min: 0, max: 60 }), { minLength: 3, maxLength: 6 }),
      fc.constantFrom<Axis>('x', 'y'),
      (places, axis) => {
        const names = places.map((_, index) => `b${index}`)
        const place = (value: number) => (axis === 'x' ? standing(value * 20, 0) : standing(0, value * 20))
        board(...places.map((value, index) => text(names[index], place(value))))
        const size = axis === 'x' ? 'w' : 'h'
        const sorted = () => idsOf(names).sort((a, b) => a[axis] - b[axis])
        const before = sorted()
        spread(names, axis, 'equal')
        const after = sorted()
        const gaps = after.slice(1).map((one, index) => one[axis] - after[index][axis] - after[index][size])
        for (const gap of gaps) expect(gap).toBeCloseTo(gaps[0], 1)
        expect(after[0][axis]).toBeCloseTo(before[0][axis], 1)
        expect(after.at(-1)?.[axis]).toBeCloseTo(before.at(-1)?.[axis] ?? NaN, 1)
      },
    ),
    { numRuns: 40, seed: 5 },
  )
})

test('header, list and footer come to equal gaps; a form 48 px below its text, 16 px to its button', () => {
  board(text('header', standing(0, 0)), text('list', standing(0, 71)), text('footer', standing(0, 200)))
  spread(['header', 'list', 'footer'], 'y', 'equal')
  const gap = (a: string, b: string) => at(b).y - at(a).y - at(a).h
  expect(gap('header', 'list')).toBeCloseTo(gap('list', 'footer'), 1)
  spread(['header', 'list'], 'y', { gap: 48 })
  expect(gap('header', 'list')).toBeCloseTo(48, 1)
  board(text('field', standing(0, 0)), text('button', standing(300, 0)))
  spread(['field', 'button'], 'x', { gap: 16 })
  expect(at('button').x - at('field').x - at('field').w).toBe(16)
})

test('in a row a given gap is the row’s, and spreading spreads it out; what makes no sense says why', () => {
  draft = new Draft([section('top', [box('cards', [text('a'), text('b')], row)])], { library })
  expect(spread(['a', 'b'], 'x', { gap: 30 })).toContain('gap of cards')
  expect(draft.block('cards').arrange?.gap).toEqual(px(30))
  spread(['a', 'b'], 'x', 'equal')
  expect(draft.block('cards').arrange?.justify).toBe('between')
  expect(spread(['a', 'b'], 'y', 'equal')).toContain('the other way')
  expect(spread(['a'], 'x', { gap: Infinity })).toContain('0 to 10,000')
  board(text('one', standing(0, 0)), text('two', standing(200, 0)))
  expect(spread(['one', 'two'], 'x', 'equal')).toContain('Select 3 blocks')
  expect(align([], 'x', 'start')).toContain('Select what')
})
