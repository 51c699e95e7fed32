import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { setLeaf } from '../edit/blockChanges'
import { environmentOf } from '../layout/pageFont'
import { PageLayouter } from '../layout/pageLayout'
import { maxContentWidth } from '../text/lines'
import { shapeParagraph } from '../text/paragraph'
import { Draft, idOf } from '../testing/draft'
import { box, column, section, text } from '../testing/sketches'
import { leafMarks, type Group, type Mark, type Words } from '../vector/mark'
import { PagePainter } from './pagePainter'
import { sketchFinish } from './sketchFinish'

const library = shippedFontLibrary()
const framed = { look: { fill: { hex: '#dddddd' } } }
const draftOf = () =>
  new Draft(
    [section('top', [box('card', [text('one'), text('two')], { ...column, ...framed }), text('foot')])],
    {
      library,
    },
  )

/** The marks of a page in sketch, painted afresh. */
function painted(draft: Draft): Mark[] {
  const layout = new PageLayouter(library).layout(draft.resolved, {
    ...environmentOf(),
    viewportWidth: draft.width,
  })
  const painter = new PagePainter(sketchFinish(library), () => undefined)
  return painter.sections(layout).map((one) => one.painted.group)
}
const groupOf = (marks: Mark[], name: string): Group =>
  marks
    .flatMap(function within(mark): Group[] {
      return mark.type === 'group' ? [mark, ...mark.marks.flatMap(within)] : []
    })
    .find(({ key }) => key === idOf(name)) as Group

test('two paints are alike to the last stroke, and so is all that an edit elsewhere does not touch', () => {
  const draft = draftOf()
  const before = painted(draft)
  expect(painted(draft)).toEqual(before)
  draft.change(setLeaf([idOf('foot')], ['look', 'textAlign'], 'end', draft.drawn.at))
  const after = painted(draft)
  expect(groupOf(after, 'card')).toEqual(groupOf(before, 'card'))
  expect(groupOf(after, 'foot')).not.toEqual(groupOf(before, 'foot'))
})

test('strokes run past the corners of what they bound, by 2 to 5 px', () => {
  const draft = draftOf()
  const { w } = draft.placed('card')
  const strokes = leafMarks(groupOf(painted(draft), 'card').marks).filter(
    (mark) => mark.type === 'shape' && mark.outline.type === 'path',
  )
  const numbers = strokes.flatMap((mark) =>
    mark.type === 'shape' && mark.outline.type === 'path'
      ? mark.outline.d
          .split(/[MLZ]/)
          .filter(Boolean)
          .map((point) => Number(point.split(' ')[0]))
      : [],
  )
  expect(-Math.min(...numbers)).toBeGreaterThanOrEqual(2)
  expect(-Math.min(...numbers)).toBeLessThanOrEqual(6)
  expect(Math.max(...numbers)).toBeGreaterThanOrEqual(w + 2)
})

test('lettering is as wide as the words it stands for, within what a hand can press together', () => {
  const draft = draftOf()
  const plain = new PageLayouter(library).layout(draft.resolved, { ...environmentOf(), viewportWidth: 1440 })
  const size = plain.sections[0].children[0].children[0].font?.size as number
  const group = groupOf(painted(draft), 'one')
  const line = group.marks.find((mark): mark is Group => mark.type === 'group') as Group
  const words = line.marks[0] as Words
  expect(words.family).toBe('Architects Daughter')
  const face = { family: words.family, weight: 400, italic: false, size: words.size }
  const natural = maxContentWidth(shapeParagraph(library, [{ text: words.text, ...face }]))
  const pull = line.transform?.[0] as number
  const wanted = shapeParagraph(library, [
    { text: words.text, family: 'Public Sans', weight: 400, italic: false, size },
  ])
  expect(natural * pull).toBeCloseTo(maxContentWidth(wanted), 0)
})
