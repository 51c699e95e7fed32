import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { Block } from '../block/block'
import { Draft } from '../testing/draft'
import { box, column, free, section, text } from '../testing/sketches'
import { columnsOf } from './containerColumns'
import { drawnBlock, holderAt } from './drawNew'

const library = shippedFontLibrary()
const made = (kind: Block['kind']): Block => ({ id: 'made000000000000', order: 'a0', kind })
const draft = new Draft(
  [
    section('top', [text('one')], { place: { height: { value: 400, unit: 'px' } } }),
    section('more', [box('list', [text('two')], column), box('board', [], free)]),
  ],
  { library },
)

test('a rectangle over columns takes those it covers, and a height where it is no text', () => {
  const top = draft.placed('top')
  const columns = columnsOf(top)
  const rect = { x: columns[2].left + 9, y: 200, w: columns[6].left - columns[2].left + 60, h: 120.4 }
  const holder = holderAt(draft.drawn, draft.hits, made('box'), rect)
  expect(holder?.box.node.name).toBe('top')
  expect(drawnBlock(made('picture'), holder, rect, false).place).toEqual({
    column: { start: 3, span: 5 },
    width: 'fill',
    height: { value: 120, unit: 'px' },
  })
  expect(drawnBlock(made('text'), holder, rect, true).place?.height).toBeUndefined()
  const all = { ...rect, x: top.x, w: top.w }
  expect(drawnBlock(made('text'), holder, all, true).place?.column).toEqual({ span: 12 })
})

test('elsewhere it takes the width, all of it where that is meant', () => {
  const list = draft.placed('list')
  const inside = { x: list.x, y: list.y, w: list.w, h: 10 }
  expect(drawnBlock(made('box'), list, inside, false).place).toEqual({ width: 'fill' })
  expect(drawnBlock(made('box'), list, { ...inside, w: 120.2 }, false).place?.width).toEqual({
    value: 120,
    unit: 'px',
  })
  const board = draft.placed('board')
  expect(drawnBlock(made('box'), board, { x: 0, y: 0, w: 90, h: 30 }, false).place).toMatchObject({
    width: { value: 90 },
    height: { value: 30 },
    anchor: { x: 'start', y: 'start' },
  })
})

test('a section is held by the page alone', () => {
  expect(holderAt(draft.drawn, draft.hits, made('section'), { x: 100, y: 100, w: 10, h: 10 })).toBeUndefined()
})
