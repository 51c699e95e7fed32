import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { Draft, idOf } from '../testing/draft'
import { box, section, text } from '../testing/sketches'
import { px } from '../units/length'
import { wrapsOf } from './wraps'

test('what stands in one line at one width and in more at another wraps there', () => {
  const sketches = [
    section('top', [
      text('short', { text: [{ insert: 'A boat' }] }),
      text('long', { tag: 'h1', text: [{ insert: 'Small boats between three isles' }] }),
      box(
        'tags',
        [0, 1, 2, 3].map((at) => box(`tag${at}`, [], { place: { width: px(120), height: px(30) } })),
        {
          arrange: { type: 'row', wrap: true, gap: px(8) },
          place: { column: { span: 12 } },
        },
      ),
    ]),
  ]
  const library = shippedFontLibrary()
  const wide = new Draft(sketches, { library })
  const narrow = new Draft(sketches, { library, width: 390 })
  expect(wrapsOf(narrow.drawn, wide.drawn.placed)).toEqual([
    { key: idOf('long'), lines: 3 },
    { key: idOf('tags'), lines: 2 },
  ])
  expect(wrapsOf(wide.drawn, wide.drawn.placed)).toEqual([])
})
