import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { duplicateBlocks } from '../edit/blockChanges'
import { Draft, idOf } from '../testing/draft'
import { box, free, section, spanning, standing, text } from '../testing/sketches'
import { movedSince, standApart, standBeside } from './duplicateBeside'
import { nudgeBlocks } from './nudgeBlocks'

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

test('copies of what stands freely stand apart, and again as far as they were moved', () => {
  const draft = new Draft([section('top', [box('board', [text('a', standing(10, 20))], free)])], { library })
  const duplicate = (id: string, by: { x: number; y: number }, copy: string) => {
    const made = duplicateBlocks(draft.drawn.blocks, [id], draft.drawn.at, () => copy)
    draft.change([...made.operations, ...standApart(draft.drawn, made.copies, by)])
    return made.copies
  }
  const first = duplicate(idOf('a'), { x: 8, y: 8 }, 'copy000000000001')
  expect(movedSince(draft.drawn, first)).toEqual({ x: 8, y: 8 })
  draft.change(nudgeBlocks(draft.drawn, ['copy000000000001'], 120, -8))
  const by = movedSince(draft.drawn, first)
  expect(by).toEqual({ x: 128, y: 0 })
  duplicate('copy000000000001', by ?? { x: 0, y: 0 }, 'copy000000000002')
  const [a, last] = [draft.placed('a'), draft.drawn.placed.get('copy000000000002')]
  expect([(last?.x ?? 0) - a.x, (last?.y ?? 0) - a.y]).toEqual([256, 0])
})
