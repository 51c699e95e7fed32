import fc from 'fast-check'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { Draft, idOf, type Sketch } from '../testing/draft'
import { box, column, free, row, section, spanning, standing, text } from '../testing/sketches'
import { groupBlocks, lowerBlock, raiseBlock, stackBlocks, ungroupBlocks, wrapInSection } from './groupBlocks'
import { largestShift } from './structure/structureChange'

const library = shippedFontLibrary()
let draft: Draft
let made = 0
const newId = () => `g${String(made++).padStart(15, '0')}`
const page = (...sketches: Sketch[]) =>
  (draft = new Draft([section('top', sketches), section('foot', [text('end')])], { library }))

function group(...names: string[]): string {
  const change = groupBlocks(draft.drawn, names.map(idOf), newId)
  if ('reason' in change) throw new Error(change.reason)
  draft.change(change.operations)
  return change.box
}
function ungroup(box: string) {
  const change = ungroupBlocks(draft.drawn, [box])
  if ('reason' in change) throw new Error(change.reason)
  draft.change(change.operations)
}

const anyFew = fc.uniqueArray(fc.integer({ min: 0, max: 3 }), { minLength: 1, maxLength: 4 })
const holders: Record<string, () => Sketch[]> = {
  columns: () => [0, 1, 2, 3].map((at) => text(`b${at}`, spanning(3, 1 + at * 3))),
  row: () => [
    box(
      'holder',
      [0, 1, 2, 3].map((at) => text(`b${at}`)),
      { ...row, place: { column: { span: 12 } } },
    ),
  ],
  column: () => [
    box(
      'holder',
      [0, 1, 2, 3].map((at) => text(`b${at}`)),
      column,
    ),
  ],
  free: () => [
    box(
      'holder',
      [0, 1, 2, 3].map((at) => text(`b${at}`, standing(20 + at * 130, 30 + (at % 2) * 60))),
      {
        ...free,
        place: { ...free.place, column: { span: 12 } },
      },
    ),
  ],
}

test.each(Object.keys(holders))(
  'a group reproduces what it groups, and ungrouped all is as before: %s',
  (kind) => {
    fc.assert(
      fc.property(anyFew, (chosen) => {
        // In a line only what follows one another keeps its place.
        const from = Math.min(...chosen)
        const names = (kind === 'free' ? chosen : chosen.map((_, index) => Math.min(3, from + index))).map(
          (at) => `b${at}`,
        )
        const few = [...new Set(names)]
        page(...holders[kind]())
        const all = [0, 1, 2, 3].map((at) => idOf(`b${at}`))
        const before = draft.drawn.placed
        const order = draft.inside(kind === 'columns' ? 'top' : 'holder')
        const around = group(...few)
        expect(largestShift(before, draft.drawn.placed, all)).toBeLessThan(1.1)
        expect(draft.drawn.placed.get(idOf(few[0]))?.parent).not.toBe(before.get(idOf(few[0]))?.parent)
        ungroup(around)
        const after = draft.drawn.placed
        expect(after.has(around)).toBe(false)
        if (kind !== 'free') expect(draft.inside(kind === 'columns' ? 'top' : 'holder')).toEqual(order)
        const nested = few.some((name) => after.get(idOf(name))?.parent !== before.get(idOf(name))?.parent)
        // A structure within the group stays until it is ungrouped, too.
        if (!nested) expect(largestShift(before, after, all)).toBeLessThan(1.1)
      }),
      { numRuns: 12, seed: 9 },
    )
  },
)

test('what cannot be grouped says why', () => {
  page(box('one', [text('a')], column), box('two', [text('b', { locked: true })], column))
  const reason = (...names: string[]) => groupBlocks(draft.drawn, names.map(idOf), newId)
  expect(reason()).toMatchObject({ reason: 'Select what is to be grouped.' })
  expect(reason('a', 'b')).toMatchObject({ reason: expect.stringContaining('locked') })
  expect(reason('a', 'two')).toMatchObject({ reason: expect.stringContaining('same box') })
  expect(reason('top')).toMatchObject({ reason: expect.stringContaining('same box') })
  expect(ungroupBlocks(draft.drawn, [idOf('a')])).toMatchObject({
    reason: expect.stringContaining('no group'),
  })
})

test('wrapped blocks come into a section of their own after the one they stood in', () => {
  page(text('a'), box('list', [text('b')], column))
  const change = wrapInSection(draft.drawn, [idOf('b'), idOf('a')], newId)
  if ('reason' in change) throw new Error(change.reason)
  draft.change(change.operations)
  expect(draft.inside()).toEqual(['top', 'Section', 'foot'])
  expect(draft.drawn.placed.get(idOf('a'))?.parent).toBe(change.box)
  expect(draft.drawn.placed.get(idOf('b'))?.parent).toBe(change.box)
})

test('a block is raised out of its box and lowered into the one before it', () => {
  page(box('list', [text('a'), text('b')], column), text('c'))
  const change = (done: ReturnType<typeof raiseBlock>) => {
    if ('reason' in done) throw new Error(done.reason)
    draft.change(done)
  }
  change(raiseBlock(draft.drawn, idOf('a')))
  expect(draft.inside('top')).toEqual(['list', 'a', 'c'])
  change(lowerBlock(draft.drawn, idOf('a')))
  expect(draft.inside('list')).toEqual(['b', 'a'])
  expect(raiseBlock(draft.drawn, idOf('list'))).toMatchObject({ reason: expect.any(String) })
  expect(lowerBlock(draft.drawn, idOf('b'))).toMatchObject({ reason: expect.any(String) })
})

test('what stands freely comes to the front and the back', () => {
  page(
    box('board', [text('a', standing(0, 0)), text('b', standing(10, 10)), text('c', standing(20, 20))], free),
    text('d'),
  )
  const stack = (name: string, to: 'front' | 'back') => stackBlocks(draft.drawn, [idOf(name)], to)
  draft.change(stack('a', 'front') as never)
  expect(draft.inside('board')).toEqual(['b', 'c', 'a'])
  draft.change(stack('c', 'back') as never)
  expect(draft.inside('board')).toEqual(['c', 'b', 'a'])
  expect(stack('d', 'front')).toMatchObject({ reason: expect.stringContaining('stand freely') })
})
