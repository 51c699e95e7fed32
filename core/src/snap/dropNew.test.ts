import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { Block } from '../block/block'
import { putBlock } from '../drawing/drawing'
import { Draft, idOf, type Sketch } from '../testing/draft'
import { box, column, row, section, spanning, text } from '../testing/sketches'
import { beginDropNew, dropNew, waitAtEnd } from './dropNew'

const library = shippedFontLibrary()
const made = (name: string, kind: Block['kind'] = 'text'): Block => {
  return { id: idOf(name), name, kind, order: 'a0', text: kind === 'text' ? [{ insert: name }] : undefined }
}

/** Drags a new block so that its corner and the pointer come to a point of the page, and lets it go. */
function bring(draft: Draft, block: Block, x: number, y: number) {
  const before = draft.drawn
  const waiting = waitAtEnd(before.blocks, [block], idOf('around'), before.at)
  const trial = new Draft([], { library, width: draft.width })
  trial.change(Object.values(before.blocks).map(putBlock))
  trial.change(waiting.operations)
  const moving = beginDropNew(trial.drawn, waiting)
  if (!moving) throw new Error('It is not laid out.')
  const { w, h } = moving.grabbed
  draft.change(dropNew(moving, waiting, { x, y, w, h }, { x, y }).operations())
}
const draftOf = (sketches: Sketch[], width?: number) => new Draft(sketches, { library, width })

test('a new block comes among those of a column where the pointer is, and nothing else is made', () => {
  const draft = draftOf([section('top', [box('list', [text('one'), text('two')], column)])])
  const { x, y } = draft.placed('two')
  bring(draft, made('new'), x + 4, y + 2)
  expect(draft.inside('list')).toEqual(['one', 'new', 'two'])
  expect(draft.inside()).toEqual(['top'])
})

test('in a grid it takes the column it is over, and its neighbours stay', () => {
  const draft = draftOf([section('top', [text('one', spanning(3, 1)), text('two', spanning(3, 5))])])
  const { y } = draft.placed('one')
  const across = draft.placed('two').x - draft.placed('one').x
  const block = { ...made('new'), place: { column: { span: 3 } } }
  bring(draft, block, draft.placed('two').x + across + 6, y + 1)
  expect(draft.placed('new')).toMatchObject({ y, x: draft.placed('two').x + across })
  expect(draft.placed('two').y).toBe(y)
})

test('a text brought into a row is as wide as its words', () => {
  const draft = draftOf([section('top', [box('line', [text('one'), text('two')], row)])])
  const { x, y, w } = draft.placed('two')
  bring(draft, made('new'), x + w - 2, y + 2)
  expect(draft.inside('line')).toEqual(['one', 'two', 'new'])
  expect(draft.drawn.blocks[idOf('new')].place?.width).toBe('fit')
})

test('a section comes between sections, in one order for all bands whatever band it is put at', () => {
  const draft = draftOf([section('top', [text('one')]), section('foot', [text('two')])], 400)
  const { y } = draft.placed('foot')
  bring(draft, made('new', 'section'), 20, y - 1)
  expect(draft.inside()).toEqual(['top', 'new', 'foot'])
  expect(draft.drawn.blocks[idOf('new')].at).toBeUndefined()
  draft.width = 1440
  expect(draft.inside()).toEqual(['top', 'new', 'foot'])
})

test('on an empty page, and below all, it stands in a section of its own', () => {
  const empty = draftOf([])
  bring(empty, made('new'), 700, 300)
  expect(empty.inside().length).toBe(1)
  expect(empty.drawn.blocks[idOf('new')].parent).toBe(idOf('around'))
  const draft = draftOf([section('top', [text('one')])])
  bring(draft, made('new'), 700, 3000)
  expect(draft.inside()).toHaveLength(2)
})
