import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { Sketch } from '../../testing/draft'
import { reviewedProject, reviewFacts } from '../../testing/reviewed'
import { px } from '../../units/length'
import { builtDifferences } from './builtDifferences'
import { drawnParts } from './drawnParts'
import { matchParts, wordsAlike } from './matchParts'
import type { PagePart } from './pagePart'

const part = (name: string, x: number, y: number, more: Partial<PagePart> = {}): PagePart => ({
  ...{ key: name, name, kind: 'text', x, y, w: 200, h: 24, words: `${name} says this` },
  ...{ colour: '#17211e', size: 16, weight: 400 },
  ...more,
})
const PAGE = [
  part('Headline', 40, 40, { size: 40, h: 48 }),
  part('Intro', 40, 104),
  part('Card', 40, 160, { kind: 'box', words: '', w: 400, h: 200, ground: '#e5f3fb' }),
  part('Price', 64, 184),
  part('Note', 64, 224),
  part('Buy', 64, 280, { kind: 'button', words: 'Buy', ground: '#14506b', colour: '#ffffff' }),
  part('Quay', 500, 40, { kind: 'picture', words: 'The quay', h: 300 }),
]
/** The same as built, some of it otherwise. */
const built = (changes: Record<string, Partial<PagePart>> = {}, gone: string[] = []) =>
  PAGE.filter(({ name }) => !gone.includes(name)).map((one) => {
    return { ...one, key: `built ${one.name}`, name: 'div', ...changes[one.name] }
  })
const says = (is: PagePart[]) => builtDifferences(PAGE, is).map((one) => `${one.kind}: ${one.says}`)

test('what is built as it was drawn differs in nothing, rounding aside', () => {
  expect(says(built())).toEqual([])
  expect(says(built({ Intro: { y: 105.4, colour: '#18221f' }, Card: { w: 401 } }))).toEqual([])
})

test('what differs is said with both figures, the largest first', () => {
  const found = says(
    built(
      {
        Intro: { words: 'Intro says that', size: 15 },
        Buy: { ground: '#b4472a', x: 76 },
        Quay: { w: 160 },
      },
      ['Note'],
    ),
  )
  expect(found).toEqual([
    'missing: Note is not there.',
    'colour: Buy is on #b4472a, drawn on #14506b.',
    'text: Intro says “Intro says that”, drawn “Intro says this”.',
    'size: Quay is 160 px wide, drawn 200.',
    'place: Buy stands 12 px further right than drawn.',
    'type: Intro is set in 15 px, drawn 16.',
  ])
})

test('what only moved along with what stands above it, or with its box, is told once', () => {
  const lower = Object.fromEntries(
    PAGE.filter(({ y, name }) => y >= 100 && name !== 'Quay').map(({ name, y }) => [name, { y: y + 30 }]),
  )
  expect(says(built(lower))).toEqual(['place: Intro stands 30 px further down than drawn.'])
  const aside = Object.fromEntries(['Card', 'Price', 'Note', 'Buy'].map((name) => [name, { x: 0 }]))
  const moved = PAGE.filter(({ name }) => name in aside).map(({ name, x }) => [name, { x: x + 20 }])
  expect(says(built(Object.fromEntries(moved) as Record<string, Partial<PagePart>>))).toEqual([
    'place: Card stands 20 px further right than drawn.',
  ])
})

test('what is there and was not drawn is said by its words; boxes nobody sees by themselves are not', () => {
  const more = [part('x', 40, 900, { words: 'Accept all' }), part('y', 0, 880, { kind: 'box', words: '' })]
  expect(says([...built(), ...more])).toEqual(['extra: “Accept all” is there and was not drawn.'])
})

test('what says the same several times is known by its order, however far it moved', () => {
  const cards = [0, 1, 2].map((at) => part(`More ${at}`, 40 + 300 * at, 60, { words: 'Read more' }))
  const stacked = cards.map((one, at) => ({ ...one, key: `b${at}`, x: 40, y: 600 + 100 * at }))
  const { pairs } = matchParts(cards, [...stacked].reverse())
  expect(pairs.map(({ drawn, built: is }) => [drawn.key, is.key])).toEqual([
    ['More 0', 'b0'],
    ['More 1', 'b1'],
    ['More 2', 'b2'],
  ])
})

test('a block whose words were changed is known by its class or its place', () => {
  const drawn = [
    part('Main offer', 40, 40, { words: 'Isles for a day' }),
    part('Other', 40, 90, { words: 'Bring a bike' }),
  ]
  const is = [
    part('p', 40, 44, { key: 'first', words: 'Completely rewritten copy', marks: ['main-offer'] }),
    part('p', 40, 92, { key: 'second', words: 'Bring your bike' }),
  ]
  expect(matchParts(drawn, is).pairs.map(({ built: one }) => one.key)).toEqual(['first', 'second'])
})

test.each([
  ['boats to the isles', 'boats to the isles', 1],
  ['boats to the isles', 'trains', 0],
  // By hand: three words shared of four and four.
  ['boats to the isles', 'boats to the quay', 0.75],
  ['', 'x', 0],
])('%p and %p share %d of their words', (one, other, share) => {
  expect(wordsAlike(one, other)).toBe(share)
})

test('of a drawing what one sees is compared: texts as wide as their lines, grounds, pictures and controls', () => {
  const page: Sketch[] = [
    {
      ...{ kind: 'section', name: 'hero' },
      arrange: { type: 'column', gap: px(24) },
      holds: [
        { kind: 'text', name: 'headline', tag: 'h1', text: [{ insert: 'Small boats\n' }] },
        { kind: 'button', name: 'buy', text: [{ insert: 'Buy a ticket\n' }] },
        { kind: 'box', name: 'holder', holds: [] },
      ],
    },
  ]
  const facts = reviewFacts(reviewedProject(page), shippedFontLibrary())
  const [{ layout }] = facts.seen()
  const parts = drawnParts(layout)
  expect(parts.map(({ name, kind, words }) => [name, kind, words])).toEqual([
    ['headline', 'text', 'Small boats'],
    ['buy', 'button', 'Buy a ticket'],
  ])
  // Its column goes over the width of the page, its words do not.
  expect(parts[0].w).toBeLessThan(layout.width - 2 * parts[0].x - 40)
  expect(parts[1].ground).toMatch(/^#[0-9a-f]{6}$/)
})
