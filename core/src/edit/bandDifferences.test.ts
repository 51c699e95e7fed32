import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { Draft, idOf } from '../testing/draft'
import { box, column, section, text } from '../testing/sketches'
import { px } from '../units/length'
import { setLeaf } from './blockChanges'
import { bandDifferences, giveBack, valueWords } from './bandDifferences'

test('what a band says otherwise is listed with both values, and given back', () => {
  const draft = new Draft([section('top', [box('list', [text('one')], column)])], {
    library: shippedFontLibrary(),
    width: 390,
  })
  const { at } = draft.drawn
  expect(bandDifferences(draft.drawn.blocks, at)).toEqual([])
  draft.change([
    ...setLeaf([idOf('list')], ['arrange', 'gap'], px(12) as never, at),
    ...setLeaf([idOf('one')], ['hidden'], true, at),
    ...setLeaf([idOf('one')], ['place', 'width'], { share: 2 } as never, at),
  ])
  const found = bandDifferences(draft.drawn.blocks, at)
  expect(found.map(({ record, what, from, to }) => [record, what, from, to])).toEqual(
    expect.arrayContaining([
      [idOf('list'), 'gap', '20', '12'],
      [idOf('one'), 'hidden here', 'nothing', 'yes'],
      [idOf('one'), 'wide', 'fill', 'share 2'],
    ]),
  )
  expect(bandDifferences(draft.drawn.blocks, { ...at, band: at.bands.lead })).toEqual([])
  draft.change(giveBack(found, at))
  expect(bandDifferences(draft.drawn.blocks, at)).toEqual([])
  expect(draft.placed('list').box.columnGap).toBe(20)
})

test('values are said in a few words', () => {
  expect(
    [px(24), { value: 1.5, unit: 'em' }, true, 'row', 3, [1, 2], { hex: '#fff000' }, undefined].map((one) =>
      valueWords(one as never),
    ),
  ).toEqual(['24', '1.5em', 'yes', 'row', '3', '1 : 2', '#fff000', 'nothing'])
})
