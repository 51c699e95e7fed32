import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { Draft } from '../testing/draft'
import { box, column, free, section, standing, text } from '../testing/sketches'
import type { Placed } from './drawnPage'
import { alikeTo, inArea, stepFrom } from './selecting'

const library = shippedFontLibrary()
const draft = new Draft(
  [
    section('top', [
      box(
        'board',
        [text('a', standing(20, 20)), text('b', standing(200, 20)), text('c', standing(20, 120))],
        free,
      ),
      box('list', [text('big', { tag: 'h2' }), text('one'), text('shut', { locked: true })], column),
    ]),
    section('foot', [text('last')]),
  ],
  { library },
)
const page = draft.drawn
const at = (name: string) => draft.placed(name)
const names = (found: { box: { node: { name: string } } }[]) => found.map(({ box: { node } }) => node.name)

test('a rectangle takes the leaves it touches and whatever it encloses, the outermost', () => {
  const a = at('a')
  const touching = { x: a.x + 50, y: a.y + 10, w: 180, h: 10 }
  expect(names(inArea(page, touching))).toEqual(['a', 'b'])
  expect(names(inArea(page, touching, true))).toEqual([])
  const board = at('board')
  const around = { x: board.x - 1, y: board.y - 1, w: board.w + 2, h: board.h + 2 }
  expect(names(inArea(page, around, true))).toEqual(['board'])
})

test('what is locked stays out of a rectangle, and the section one draws in too', () => {
  const list = at('list')
  expect(names(inArea(page, { x: list.x + 2, y: list.y + 2, w: 40, h: list.h - 4 }))).toEqual(['big', 'one'])
})

test('a selection widens to the kind, the looks and the text level', () => {
  expect(names(alikeTo(page, at('a'), 'kind'))).toEqual(['a', 'b', 'c', 'big', 'one', 'last'])
  expect(names(alikeTo(page, at('big'), 'level'))).toEqual(['big'])
  expect(names(alikeTo(page, at('one'), 'looks'))).toEqual(['a', 'b', 'c', 'one', 'last'])
})

test('one goes up, in, on and back', () => {
  expect(names([stepFrom(page, at('big'), 'parent') as Placed])).toEqual(['list'])
  expect(names([stepFrom(page, at('list'), 'first child') as Placed])).toEqual(['big'])
  expect(names([stepFrom(page, at('board'), 'next') as Placed])).toEqual(['list'])
  expect(stepFrom(page, at('board'), 'previous')).toBeUndefined()
  expect(stepFrom(page, at('top'), 'parent')).toBeUndefined()
  expect(names([stepFrom(page, at('top'), 'next') as Placed])).toEqual(['foot'])
})
