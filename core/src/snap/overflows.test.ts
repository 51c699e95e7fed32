import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { px } from '../units/length'
import { Draft, type Sketch } from '../testing/draft'
import { box, column, free, section, standing, text } from '../testing/sketches'
import { overflowsOf } from './overflows'

const library = shippedFontLibrary()
function overflows(sketches: Sketch[], width = 390) {
  const draft = new Draft(sketches, { library, width })
  return overflowsOf(draft.drawn).map((one) => ({
    ...one,
    name: draft.drawn.placed.get(one.key)?.box.node.name,
  }))
}
const wide = (px: number): Partial<Sketch> => ({ place: { width: { value: px, unit: 'px' } } })

test('nothing runs out of a page that fits', () => {
  expect(overflows([section('top', [box('list', [text('one'), text('two')], column)])])).toEqual([])
})

test('what is wider than its parent runs out of it, and of the page where it is wider than that', () => {
  const list = box('list', [text('one', wide(120))], { ...column, place: { width: px(100) } })
  expect(overflows([section('top', [list])])).toMatchObject([
    { name: 'one', of: 'parent', side: 'right', by: 20, isCut: false },
  ])
  const [found, ...others] = overflows([section('top', [box('list', [text('one', wide(800))], column)])])
  expect(others).toEqual([])
  expect(found).toMatchObject({ name: 'one', of: 'page', side: 'right' })
  expect(found.part.x + found.part.w).toBeCloseTo(390 + found.by, 3)
})

test('only the outermost of what runs out of the page is named', () => {
  const list = box('list', [text('one', wide(700))], { ...column, place: { width: px(800) } })
  expect(overflows([section('top', [list])]).map(({ name }) => name)).toEqual(['list'])
})

test('what is cut off at its parent does not run out of the page', () => {
  const list = box('list', [text('one', wide(800))], {
    ...column,
    place: { width: px(200), overflow: 'hidden' },
  })
  expect(overflows([section('top', [list])])).toMatchObject([
    { name: 'one', of: 'parent', by: 600, isCut: true },
  ])
})

test('a freely placed block may run out at any side, here 30 px less the margin of 16', () => {
  const [found] = overflows([section('top', [box('free', [text('one', standing(-30, 10))], free)])])
  expect(found).toMatchObject({ name: 'one', of: 'page', side: 'left', by: 14 })
})

test('lines that need more height than their box has run out of it', () => {
  const words = [{ insert: 'ferries sail from the quay to the isles and back again '.repeat(6) + '\n' }]
  const [found] = overflows([section('top', [text('one', { text: words, place: { height: px(40) } })])])
  expect(found).toMatchObject({ name: 'one', of: 'itself', side: 'bottom' })
  expect(found.by).toBeGreaterThan(40)
})
