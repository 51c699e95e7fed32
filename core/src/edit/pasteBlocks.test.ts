import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { Block } from '../block/block'
import { Draft, idOf } from '../testing/draft'
import { box, column, free, section, spanning, standing, text } from '../testing/sketches'
import { pasteInPlace, pasteLooks, pasteOver } from './pasteBlocks'
import { textAsBlocks } from './textAsBlocks'

const library = shippedFontLibrary()
let made = 0
const newId = () => `p${String(made++).padStart(15, '0')}`
let draft: Draft
beforeEach(() => {
  draft = new Draft(
    [
      section('top', [
        box('board', [text('a', standing(40, 30)), text('b', standing(200, 90))], free),
        text('wide', {
          ...spanning(6, 2),
          look: { opacity: 0.5 },
          at: { bandnarrow000000: { look: { opacity: 0.9 } } },
        }),
      ]),
      section('foot', [box('list', [text('c')], column)]),
    ],
    { library },
  )
})
const tree = (name: string): Block[] => [draft.block(name)]
const done = (pasted: ReturnType<typeof pasteOver>) => {
  if ('reason' in pasted) throw new Error(pasted.reason)
  draft.change(pasted.operations)
  return pasted.made
}
const at = (id: string) => draft.drawn.placed.get(id)

test('pasted in place a copy stands over its original, and on another page in the section at the same place', () => {
  const [copy] = done(pasteInPlace(draft.drawn.blocks, [tree('a')], [0], draft.drawn.at, newId))
  const [one, other] = [draft.placed('a'), at(copy)]
  expect([other?.x, other?.y, other?.parent]).toEqual([one.x, one.y, one.parent])

  const elsewhere = new Draft([section('one', []), section('two', [text('there')])], { library })
  const pasted = pasteInPlace(elsewhere.drawn.blocks, [tree('c')], [1], elsewhere.drawn.at, newId)
  if ('reason' in pasted) throw new Error(pasted.reason)
  elsewhere.change(pasted.operations)
  expect(elsewhere.inside('two')).toEqual(['there', 'c'])
  expect(pasteInPlace({}, [tree('c')], [1], draft.drawn.at, newId)).toMatchObject({
    reason: expect.any(String),
  })
})

test('pasted in place of blocks a copy takes their places and sizes, at every band', () => {
  draft.change([
    {
      type: 'set',
      collection: 'blocks',
      id: idOf('wide'),
      path: ['at', 'bandnarrow000000', 'place', 'column', 'span'],
      value: 4,
    },
  ])
  const before = draft.placed('wide')
  const [copy] = done(pasteOver(draft.drawn.blocks, tree('c'), [idOf('wide')], newId))
  expect(draft.drawn.blocks[idOf('wide')]).toBeUndefined()
  const after = at(copy)
  expect([after?.x, after?.y, after?.w]).toEqual([before.x, before.y, before.w])
  expect(draft.drawn.blocks[copy]).toMatchObject({
    name: 'c',
    at: { bandnarrow000000: { place: { column: { span: 4 } } } },
  })
  expect(pasteOver(draft.drawn.blocks, tree('c'), [idOf('foot')], newId)).toMatchObject({
    reason: expect.any(String),
  })
})

test('looks alone come over, at all bands, and nothing else', () => {
  draft.change([
    { type: 'set', collection: 'blocks', id: idOf('c'), path: ['look', 'textAlign'], value: 'end' },
  ])
  draft.change(pasteLooks(draft.drawn.blocks, draft.block('wide'), [idOf('c')]))
  expect(draft.block('c')).toMatchObject({
    look: { opacity: 0.5 },
    at: { bandnarrow000000: { look: { opacity: 0.9 } } },
  })
  expect(draft.block('c').look?.textAlign).toBeUndefined()
  expect(draft.block('c').text).toEqual([{ insert: 'c says a few words\n' }])
  expect(draft.block('c').place).toBeUndefined()
  draft.change(pasteLooks(draft.drawn.blocks, { ...draft.block('a'), look: {} }, [idOf('b'), idOf('c')]))
  expect(draft.block('c').look?.opacity).toBeUndefined()
})

test('words from elsewhere become headings, paragraphs and lists', () => {
  const blocks = textAsBlocks(
    '# Fares\n\nChildren\nhalf the fare.\n\nWhat to bring\n\n- a ticket\n- a dog\n\n1. Board\n2. Sit\n\nThat is all',
    newId,
  )
  expect(blocks.map(({ kind, tag, text: words, data }) => [kind, tag, words?.[0].insert, data?.of])).toEqual([
    ['text', 'h1', 'Fares', undefined],
    ['text', undefined, 'Children half the fare.', undefined],
    ['text', 'h2', 'What to bring', undefined],
    ['list', undefined, 'a ticket\na dog', undefined],
    ['list', undefined, 'Board\nSit', 'numbers'],
    ['text', undefined, 'That is all', undefined],
  ])
  expect(textAsBlocks('  \n \n', newId)).toEqual([])
})
