import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { duplicateBlocks } from '../edit/blockChanges'
import { Draft, idOf } from '../testing/draft'
import { section, spanning, text } from '../testing/sketches'
import { standBeside } from './duplicateBeside'

const library = shippedFontLibrary()

/** The columns of a block's copy. */
function copied(span: number, start: number | undefined, width?: number) {
  const draft = new Draft([section('top', [text('card', spanning(span, start))])], { library, width })
  const { drawn } = draft
  const { operations, copies } = duplicateBlocks(
    drawn.blocks,
    [idOf('card')],
    drawn.at,
    () => 'copy000000000000',
  )
  draft.change([...operations, ...standBeside(drawn, copies)])
  const copy = draft.drawn.placed.get('copy000000000000')
  return copy && [copy.box.column, copy.box.row]
}

test('a copy takes the columns beside its original where they fit', () => {
  expect(copied(4, 1)).toEqual([5, 1])
  expect(copied(3, 7)).toEqual([10, 1])
})

test('where they do not, it keeps its columns, a row further down', () => {
  expect(copied(4, 9)).toEqual([9, 2])
  expect(copied(7, 1)).toEqual([1, 2])
})

test('one that follows the others goes on following them', () => {
  expect(copied(4, undefined)).toEqual([5, 1])
})
