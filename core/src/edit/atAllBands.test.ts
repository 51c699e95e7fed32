import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { Json } from '../document/types'
import { Draft, idOf } from '../testing/draft'
import { box, column, section, text } from '../testing/sketches'
import { px } from '../units/length'
import { atAllBands } from './atAllBands'
import { setLeaf } from './blockChanges'

test('a change for all bands stands on the block, and no band keeps another value', () => {
  const draft = new Draft([section('top', [box('list', [text('one')], column)])], {
    library: shippedFontLibrary(),
    width: 390,
  })
  const { at } = draft.drawn
  const gap = (size: number) => setLeaf([idOf('list')], ['arrange', 'gap'], px(size) as unknown as Json, at)
  draft.change([...gap(12), ...setLeaf([idOf('list')], ['hidden'], true, at)])
  draft.change(atAllBands(gap(32), draft.drawn.blocks))
  expect(draft.block('list').arrange?.gap).toEqual(px(32))
  expect(draft.block('list').at?.[at.band]?.arrange?.gap).toBeUndefined()
  expect(draft.block('list').at?.[at.band]?.hidden).toBe(true)
  draft.change(atAllBands(setLeaf([idOf('list')], ['hidden'], undefined, at), draft.drawn.blocks))
  expect(draft.block('list').at?.[at.band]?.hidden).toBeUndefined()
  const named = {
    type: 'set' as const,
    collection: 'blocks',
    id: idOf('list'),
    path: ['name'],
    value: 'Rows',
  }
  expect(atAllBands([named], draft.drawn.blocks)).toEqual([named])
})
