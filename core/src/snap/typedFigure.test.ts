import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { px } from '../units/length'
import { Draft } from '../testing/draft'
import { box, free, section, standing, text } from '../testing/sketches'
import { isPlacedFreely, typedFigure, type Figure } from './typedFigure'

const library = shippedFontLibrary()
const edge = { width: px(10), line: 'solid' as const, colour: { hex: '#000000' } }
const bordered = { ...free, look: { border: { top: edge, left: edge } } }

test.each<[Figure, 'x' | 'y' | 'w' | 'h']>([
  ['left', 'x'],
  ['top', 'y'],
  ['wide', 'w'],
  ['tall', 'h'],
])('a typed %s is what stands there then, whatever holds the block', (figure, side) => {
  for (const anchor of ['start', 'end', 'both', 'centre', 'proportion'] as const) {
    const { place } = standing(50, 30)
    const offset = { ...place?.offset, right: px(600), bottom: px(150) }
    const held = { place: { ...place, anchor: { x: anchor, y: anchor }, offset } }
    const draft = new Draft([section('top', [box('free', [text('one', held)], bordered)])], { library })
    expect(isPlacedFreely(draft.drawn, draft.placed('one'))).toBe(true)
    const wanted = Math.round(draft.placed('one')[side]) + 12
    draft.change(typedFigure(draft.drawn, draft.placed('one'), figure, wanted))
    expect([anchor, Math.round(draft.placed('one')[side])]).toEqual([anchor, wanted])
  }
})
