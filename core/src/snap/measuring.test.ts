import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { Draft, idOf } from '../testing/draft'
import { box, column, free, row, section, standing, text } from '../testing/sketches'
import { px } from '../units/length'
import { centreOffset, distancesBetween, distancesToColumns } from './distances'
import { gapsAmong } from './gapsAmong'
import { placeBy, readPlace } from './placeBy'
import { spacingBands } from './spacingBands'

const library = shippedFontLibrary()
const rect = (x: number, y: number, w: number, h: number) => ({ x, y, w, h })
const said = (found: { axis: string; size: number }[]) => found.map(({ axis, size }) => `${axis} ${size}`)

test('of two that stand apart the gaps, of one in the other its insets, of overlapping ones their edges', () => {
  expect(said(distancesBetween(rect(0, 0, 100, 40), rect(124, 0, 50, 40)))).toEqual(['x 24'])
  expect(said(distancesBetween(rect(0, 0, 100, 40), rect(130, 60, 50, 40)))).toEqual(['x 30', 'y 20'])
  expect(said(distancesBetween(rect(30, 30, 40, 40), rect(0, 0, 100, 120)))).toEqual([
    'x 30',
    'x 30',
    'y 30',
    'y 50',
  ])
  expect(said(distancesBetween(rect(0, 0, 100, 100), rect(60, 40, 100, 100)))).toEqual([
    'x 60',
    'x 60',
    'y 40',
    'y 40',
  ])
})

test('the sides stand so far from the columns nearest to them, and on them no distance', () => {
  const columns = [0, 1, 2].map((at) => ({ left: 64 + at * 100, width: 80 }))
  expect(said(distancesToColumns(rect(70, 0, 170, 40), columns))).toEqual(['x 6', 'x 4'])
  expect(distancesToColumns(rect(64, 0, 180, 40), columns)).toEqual([])
  expect(distancesToColumns(rect(64, 0, 180, 40), [])).toEqual([])
})

test('the middle of what stands in something is off its geometric centre, and off the optical one above it', () => {
  expect(centreOffset(rect(10, 20, 20, 20), rect(0, 0, 100, 100))).toEqual({ x: -30, y: -20, optical: -15 })
  expect(centreOffset(rect(40, 35, 20, 20), rect(0, 0, 100, 100)).optical).toBe(0)
})

test('of several in a line the gaps between, and whether they are equal', () => {
  const draft = new Draft(
    [
      section('top', [
        box(
          'board',
          [text('a', standing(0, 0)), text('b', standing(130, 10)), text('c', standing(250, 0))],
          free,
        ),
      ]),
    ],
    { library },
  )
  const of = (...names: string[]) => gapsAmong(names.map((name) => draft.placed(name)))
  expect(of('a', 'c', 'b')).toMatchObject({ axis: 'x', areEqual: false, gaps: [{ size: 30 }, { size: 20 }] })
  expect(of('a', 'b')?.areEqual).toBe(true)
  expect(of('a')).toBeUndefined()
})

test('all gaps and padding of a section are there, those off the scale marked', () => {
  const draft = new Draft(
    [
      section(
        'top',
        [
          box('list', [text('one'), text('two'), text('three')], {
            arrange: {
              type: 'column',
              gap: px(22),
              padding: { top: px(16), left: px(16), bottom: px(16), right: px(16) },
            },
            place: { column: { span: 6 } },
          }),
          box('cards', [text('four'), text('five')], { ...row, place: { column: { span: 6 } } }),
        ],
        { arrange: { padding: { top: px(48), bottom: px(48) } } },
      ),
      section('more', [text('six')]),
    ],
    { library },
  )
  const bands = spacingBands(draft.drawn, [idOf('top')])
  const of = (name: string, kind: string, axis: string) =>
    bands
      .filter((one) => one.of === idOf(name) && one.kind === kind && one.axis === axis)
      .map(({ size, isOffScale }) => `${size}${isOffScale ? ' off' : ''}`)
  expect(of('list', 'gap', 'y')).toEqual(['22 off', '22 off'])
  expect(of('list', 'padding', 'x')).toEqual(['16', '16'])
  expect(of('cards', 'gap', 'x')).toEqual(['20'])
  expect(of('top', 'padding', 'y')).toEqual(['48', '48'])
  expect(of('top', 'padding', 'x')).toEqual([])
  expect(of('top', 'gap', 'x')).toHaveLength(11)
  expect(bands.some(({ of: key }) => key === idOf('more'))).toBe(false)
  const [first] = bands.filter(({ of: key, kind }) => key === idOf('list') && kind === 'gap')
  expect(first.rect).toMatchObject({ y: draft.placed('one').y + draft.placed('one').h, h: 22 })
})

// Common practice, without a source: padding of tags, buttons and fields.
test.each([
  ['tag', 8, 12],
  ['button', 12, 20],
  ['field', 24, 36],
])('the padding of a %s, %i above and %i beside, is measured as it is typed', (name, down, sides) => {
  const padding = { top: px(down), bottom: px(down), left: px(sides), right: px(sides) }
  const draft = new Draft(
    [
      section('top', [
        box(name, [text('words')], { arrange: { type: 'column', padding }, place: { width: px(240) } }),
      ]),
    ],
    { library },
  )
  const bands = spacingBands(draft.drawn, [idOf(name)]).filter(({ of }) => of === idOf(name))
  expect(bands.map(({ axis, size }) => `${axis} ${size}`)).toEqual([
    `y ${down}`,
    `y ${down}`,
    `x ${sides}`,
    `x ${sides}`,
  ])
  const [outer, words] = [draft.placed(name), draft.placed('words')]
  expect(said(distancesBetween(words, outer))).toEqual([`x ${sides}`, `x ${sides}`, `y ${down}`, `y ${down}`])
})

describe('placed by what is said', () => {
  const spell = (typed: string) => typed
  const place = (draft: Draft, name: string, words: string) => {
    const wish = readPlace(words, spell)
    if ('error' in wish) return wish.error
    const change = placeBy(draft.drawn, draft.placed(name), wish)
    if ('reason' in change) return change.reason
    draft.change(change.operations)
    return change.says
  }

  test('what stands freely, from blocks and from the centre', () => {
    const draft = new Draft(
      [
        section('top', [
          box('board', [text('Headline', standing(20, 10)), text('form', standing(300, 200))], free),
        ]),
      ],
      { library },
    )
    const board = draft.placed('board')
    place(draft, 'form', '48 below Headline')
    expect(draft.placed('form').y - draft.placed('Headline').y - draft.placed('Headline').h).toBe(48)
    place(draft, 'form', '2*8 right of headline')
    expect(draft.placed('form').x - draft.placed('Headline').x - draft.placed('Headline').w).toBe(16)
    place(draft, 'form', '64 above the centre')
    expect(board.y + board.h / 2 - draft.placed('form').y - draft.placed('form').h).toBe(64)
    expect(place(draft, 'form', '8 below Nothing')).toContain('no “Nothing”')
  })

  test('in a column it comes after the other with its own space, 24 px below a heading', () => {
    const draft = new Draft(
      [
        section('top', [box('list', [text('heading'), text('one'), text('two')], column)]),
        section('foot', [text('far')]),
      ],
      { library },
    )
    expect(place(draft, 'two', '24 below heading')).toContain('own space')
    expect(draft.inside('list')).toEqual(['heading', 'two', 'one'])
    expect(draft.placed('two').y - draft.placed('heading').y - draft.placed('heading').h).toBe(24)
    expect(place(draft, 'two', '24 right of heading')).toContain('puts it')
    expect(place(draft, 'two', '24 below far')).toContain('puts it')
    expect(place(draft, 'two', '-4 below heading')).toContain('0 or more')
  })

  test('what cannot be read says how it is said', () => {
    const error = (words: string) => (readPlace(words, spell) as { error: string }).error
    expect(error('near Headline')).toContain('48 below Headline')
    expect(error('x below Headline')).toContain('x')
    expect(error('2em below Headline')).toContain('in px')
  })
})
