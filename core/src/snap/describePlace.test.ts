import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { Draft } from '../testing/draft'
import { box, column, free, section, spanning, standing, text } from '../testing/sketches'
import { describePlace, describeSelection } from './describePlace'

const draft = new Draft(
  [
    section('top', [
      text('wide', spanning(5, 1)),
      box('list', [text('heading'), text('words', { locked: true })], column),
      box('board', [text('one', standing(10, 20))], free),
    ]),
  ],
  { library: shippedFontLibrary() },
)
const said = (name: string) => describePlace(draft.drawn, draft.placed(name))

test('a block is said with what it stands in, its columns, its neighbour and its size', () => {
  expect(said('wide')).toMatch(/^wide, text, in top, columns 1–5 of 12, [\d.]+ wide, \d+ tall$/)
  expect(said('words')).toMatch(/^words, text, in list, 20 below heading, .* tall, locked$/)
  expect(said('one')).toContain('from the left')
  expect(said('top')).toMatch(/^top, section, on the page, 1440 wide/)
})

test('several are said by their number and the first of them', () => {
  const all = ['wide', 'heading', 'words', 'one'].map((name) => draft.placed(name))
  expect(describeSelection(draft.drawn, all)).toBe('4 blocks: wide, heading, words and 1 more')
  expect(describeSelection(draft.drawn, [])).toBe('')
})
