import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { Draft, idOf } from '../../testing/draft'
import { box, free, section, standing, text } from '../../testing/sketches'
import { px } from '../../units/length'
import { onScale, trueMoves } from './trueMoves'

const library = shippedFontLibrary()
const figure = ({ figures }: { figures: { what: string; from: number; to: number }[] }) =>
  figures.map(({ what, from, to }) => `${what} ${from} to ${to}`).join(', ')

test('gaps and padding of what is arranged come onto the scale, one leaf each', () => {
  const draft = new Draft(
    [
      section('top', [
        box('list', [text('one'), text('two', { place: { space: px(47) } }), text('three')], {
          arrange: { type: 'column', gap: px(23), padding: { top: px(13), left: px(24) } },
        }),
      ]),
    ],
    { library },
  )
  const moves = trueMoves(draft.drawn, [], 8)
  expect(moves.map((move) => `${draft.drawn.placed.get(move.key)?.box.node.name}: ${figure(move)}`)).toEqual([
    'list: gap 23 to 24',
    'list: padding top 13 to 12',
    'two: space before 47 to 48',
  ])
  draft.change(moves.flatMap(({ operations }) => operations))
  expect(trueMoves(draft.drawn, [], 8)).toEqual([])
  expect(draft.placed('two').y - draft.placed('one').y - draft.placed('one').h).toBe(48)
})

test('what stands freely comes into line, only what is chosen, and locked blocks stay', () => {
  const sketches = (locked: boolean) => [
    section('top', [
      box(
        'board',
        [
          text('a', standing(20, 24)),
          text('b', { ...standing(21, 89), locked }),
          text('c', standing(19, 153)),
        ],
        free,
      ),
    ]),
  ]
  const draft = new Draft(sketches(false), { library })
  const moves = trueMoves(draft.drawn, [], 8)
  expect(moves.length).toBeGreaterThan(0)
  expect(Math.max(...moves.map(({ size }) => size))).toBeLessThanOrEqual(6)
  draft.change(moves.flatMap(({ operations }) => operations))
  const [a, b, c] = ['a', 'b', 'c'].map((name) => draft.placed(name))
  expect(new Set([a.x, b.x, c.x]).size).toBe(1)
  expect([b.y - a.y - a.h, c.y - b.y - b.h]).toEqual([24, 24])
  expect(trueMoves(draft.drawn, [], 8)).toEqual([])

  const held = new Draft(sketches(true), { library })
  expect(trueMoves(held.drawn, [], 8).map(({ key }) => key)).not.toContain(idOf('b'))
  expect(trueMoves(held.drawn, [idOf('a')], 8).every(({ key }) => key === idOf('a'))).toBe(true)
})

test('beyond the largest step nothing is off the scale, and no gap is one', () => {
  expect([0, 2, 5, 22, 36, 96, 97, 300].map((gap) => onScale([4, 8, 16, 24, 48, 96], gap))).toEqual([
    0, 0, 4, 24, 24, 96, 97, 300,
  ])
})
