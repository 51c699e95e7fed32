import fc from 'fast-check'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { px } from '../units/length'
import { Draft } from '../testing/draft'
import { box, column, free, section, standing, text } from '../testing/sketches'

const library = shippedFontLibrary()
const sketches = [
  section('top', [
    box(
      'free',
      [text('one', standing(10, 10)), text('two', standing(60, 30)), text('three', standing(90, 44))],
      free,
    ),
    box('list', [text('four'), box('inner', [text('five')], column)], column),
  ]),
  section('low', [text('six')]),
]

test('what stands at a point is what looking at every block finds, the innermost and topmost first', () => {
  const draft = new Draft(sketches, { library })
  const { hits } = draft
  const all = [...draft.drawn.placed.values()]
  fc.assert(
    fc.property(
      fc.integer({ min: -5, max: 1445 }),
      fc.integer({ min: -5, max: draft.drawn.height + 5 }),
      (x, y) => {
        const over = all.filter((one) => x >= one.x && x < one.x + one.w && y >= one.y && y < one.y + one.h)
        const found = hits.at({ x, y })
        expect(new Set(found.map(({ key }) => key))).toEqual(new Set(over.map(({ key }) => key)))
        const ranked = [...over].sort((a, b) => b.depth - a.depth || all.indexOf(b) - all.indexOf(a))
        expect(found.map(({ key }) => key)).toEqual(ranked.map(({ key }) => key))
      },
    ),
    { numRuns: 300, seed: 2 },
  )
})

test('what is cut off is not there, and an empty page holds nothing', () => {
  const cutting = { ...free, place: { height: px(50), overflow: 'hidden' as const } }
  const draft = new Draft([section('top', [box('cut', [text('one', standing(10, 30))], cutting)])], {
    library,
  })
  const { x, y } = draft.placed('one')
  const namesAt = (at: number) => draft.hits.at({ x: x + 2, y: at }).map(({ box: { node } }) => node.name)
  expect(namesAt(y + 5)).toEqual(['one', 'cut', 'top'])
  expect(namesAt(y + 25)).not.toContain('one')
  expect(new Draft([], { library }).hits.at({ x: 0, y: 0 })).toEqual([])
})
