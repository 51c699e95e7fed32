import fc from 'fast-check'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { px } from '../../units/length'
import { Draft, idOf, type Sketch } from '../../testing/draft'
import { box, section, text } from '../../testing/sketches'
import type { Rect } from '../rect'
import { findStructure } from './findStructure'
import { insideOf, type Found } from './found'
import { largestShift, placeFreely, structureChange, structureWords } from './structureChange'
import { estimateTolerance } from './tolerance'

const library = shippedFontLibrary()
const loose = (rects: [string, number, number, number, number][]) =>
  rects.map(([key, x, y, w, h]) => ({ key, rect: { x, y, w, h }, takesBlocks: key.startsWith('box') }))
const shape = (found: Found): string =>
  found.type === 'block' || found.type === 'holder'
    ? found.key + (found.type === 'holder' ? `[${shape(found.inside)}]` : '')
    : `${found.type}(${insideOf(found).map(shape).join(' ')})`
const found = (...rects: [string, number, number, number, number][]) =>
  shape(findStructure(loose(rects)).found)

test('a heading over two cards is a column with a row in it', () => {
  expect(
    found(['h', 0, 0, 600, 40], ['a', 0, 64, 288, 200], ['b', 312, 64, 288, 200], ['foot', 0, 288, 600, 30]),
  ).toBe('column(h row(a b) foot)')
})

test('alike cells are a grid, and what a block encloses stands in it', () => {
  const cells = [0, 1, 2].flatMap((row) =>
    [0, 1, 2].map((at): [string, number, number, number, number] => [
      `c${row}${at}`,
      at * 120,
      row * 90,
      100,
      70,
    ]),
  )
  expect(found(...cells)).toMatch(/^grid\(/)
  expect(found(['box', 0, 0, 200, 100], ['t', 20, 20, 160, 20], ['u', 20, 52, 160, 20])).toBe(
    'box[column(t u)]',
  )
})

test('what overlaps stays placed, beside what does not', () => {
  expect(found(['a', 0, 0, 100, 100], ['badge', 80, 80, 40, 40], ['b', 200, 0, 100, 120])).toBe(
    'row(placed(a badge) b)',
  )
})

test('a pinwheel no straight cut goes through is a grid with spans', () => {
  expect(
    found(
      ['a', 0, 0, 200, 90],
      ['b', 210, 0, 90, 200],
      ['c', 100, 210, 200, 90],
      ['d', 0, 100, 90, 200],
      ['e', 100, 100, 100, 100],
    ),
  ).toMatch(/^grid/)
})

test('the tolerance is 1 px where all is exact and grows with the noise', () => {
  const exact = Array.from({ length: 24 }, (_, at): Rect => {
    return { x: (at % 4) * 150, y: Math.floor(at / 4) * 110, w: 120, h: 80 }
  })
  expect(estimateTolerance(exact)).toBe(1)
  const shaken = (n: number) =>
    exact.map((rect, at) => ({
      ...rect,
      x: rect.x + ((at * 7) % (2 * n + 1)) - n,
      y: rect.y + ((at * 5) % (2 * n + 1)) - n,
    }))
  expect(estimateTolerance(shaken(2))).toBeGreaterThanOrEqual(2)
})

/** A nested layout of our own rows, columns and grids: its leaves at exact places. */
interface Laid {
  leaves: Rect[]
  w: number
  h: number
}
function laid(seed: () => number, depth: number, type: 'row' | 'column'): Laid {
  const count = 2 + Math.floor(seed() * 3)
  if (depth === 0)
    return {
      leaves: [{ x: 0, y: 0, w: 40 + 8 * Math.floor(seed() * 20), h: 24 + 8 * Math.floor(seed() * 9) }],
      w: 0,
      h: 0,
    }
  const gap = [8, 16, 24, 48][Math.min(3, depth)]
  const parts = Array.from({ length: count }, () => laid(seed, depth - 1, type === 'row' ? 'column' : 'row'))
  let at = 0
  const leaves: Rect[] = []
  let breadth = 0
  for (const part of parts) {
    const w = Math.max(...part.leaves.map((one) => one.x + one.w))
    const h = Math.max(...part.leaves.map((one) => one.y + one.h))
    for (const one of part.leaves)
      leaves.push(type === 'row' ? { ...one, x: one.x + at } : { ...one, y: one.y + at })
    at += (type === 'row' ? w : h) + gap
    breadth = Math.max(breadth, type === 'row' ? h : w)
  }
  return { leaves, w: type === 'row' ? at : breadth, h: type === 'row' ? breadth : at }
}

const placedAt = (name: string, { x, y, w, h }: Rect, kind: Sketch['kind'] = 'picture'): Sketch => ({
  kind,
  name,
  place: {
    width: px(w),
    height: px(h),
    anchor: { x: 'start', y: 'start' },
    offset: { left: px(x), top: px(y) },
  },
})
const boardOf = (sketches: Sketch[], h: number, w?: number) =>
  new Draft(
    [
      section('top', [
        box('board', sketches, {
          arrange: { type: 'placed' },
          place: { column: { span: 12 }, height: px(h), ...(w ? { width: px(w) } : {}) },
        }),
      ]),
    ],
    { library },
  )
let made = 0
const newId = () => `s${String(made++).padStart(15, '0')}`

test('our own nested layouts come back where they stood: structure, then layout', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 2 ** 30 }),
      fc.integer({ min: 1, max: 2 }),
      fc.boolean(),
      (start, depth, isRow) => {
        let state = start
        const seed = () => ((state = (state * 1103515245 + 12345) % 2 ** 31), state / 2 ** 31)
        const { leaves } = laid(seed, depth, isRow ? 'row' : 'column')
        const names = leaves.map((_, at) => `leaf${at}`)
        const tall = Math.max(...leaves.map((one) => one.y + one.h))
        const draft = boardOf(
          leaves.map((rect, at) => placedAt(names[at], { ...rect, x: rect.x + 20, y: rect.y + 10 })),
          tall + 30,
        )
        const before = draft.drawn.placed
        const change = structureChange(draft.drawn, draft.placed('board'), newId)
        if ('reason' in change) throw new Error(change.reason)
        draft.change(change.operations)
        const shift = largestShift(before, draft.drawn.placed, names.map(idOf))
        expect(shift).toBeLessThanOrEqual(change.structure.tolerance + 0.1)
        expect(draft.placed('board').box.arrange).not.toBe('placed')
      },
    ),
    { numRuns: 100, seed: 33 },
  )
})

test('a loosely placed card reflows afterwards, and its texts keep the height of their lines', () => {
  const draft = boardOf(
    [
      placedAt('photo', { x: 24, y: 24, w: 300, h: 200 }),
      {
        ...text('title'),
        place: { width: px(300), offset: { left: px(348), top: px(24) }, anchor: { x: 'start', y: 'start' } },
      },
      {
        ...text('words'),
        place: { width: px(300), offset: { left: px(348), top: px(92) }, anchor: { x: 'start', y: 'start' } },
      },
    ],
    248,
    672,
  )
  const before = draft.drawn.placed
  const change = structureChange(draft.drawn, draft.placed('board'), newId)
  if ('reason' in change) throw new Error(change.reason)
  expect(structureWords(change.structure.found, (key) => key)).toBe('a row of 2')
  draft.change(change.operations)
  expect(largestShift(before, draft.drawn.placed, ['photo', 'title', 'words'].map(idOf))).toBeLessThan(1)
  draft.change([
    {
      type: 'set',
      collection: 'blocks',
      id: idOf('board'),
      path: ['place', 'width'],
      value: { value: 400, unit: 'px' },
    },
  ])
  const [photo, words] = [draft.placed('photo'), draft.placed('words')]
  expect(photo.w).toBeLessThan(300)
  expect(words.x + words.w).toBeLessThanOrEqual(draft.placed('board').x + 400)
  expect(words.h % words.box.font!.lineHeight).toBe(0)
})

test('there and back: what was arranged is placed freely where it stands', () => {
  const draft = new Draft(
    [
      section('top', [
        box('list', [text('one'), text('two')], {
          arrange: { type: 'column', gap: px(20) },
          place: { column: { span: 12 } },
        }),
      ]),
    ],
    { library },
  )
  const before = draft.drawn.placed
  draft.change(placeFreely(draft.drawn, draft.placed('list')))
  expect(draft.placed('list').box.arrange).toBe('placed')
  expect(largestShift(before, draft.drawn.placed, ['one', 'two', 'list'].map(idOf))).toBeLessThan(0.1)
})

test('what cannot be arranged says why', () => {
  const draft = boardOf(
    [placedAt('a', { x: 0, y: 0, w: 90, h: 90 }), placedAt('b', { x: 40, y: 40, w: 90, h: 90 })],
    200,
  )
  expect(structureChange(draft.drawn, draft.placed('board'), newId)).toMatchObject({
    reason: expect.stringContaining('overlaps'),
  })
  expect(structureChange(draft.drawn, draft.placed('top'), newId)).toMatchObject({
    reason: expect.stringContaining('already'),
  })
})
