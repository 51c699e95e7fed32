import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { setLeaf } from '../edit/blockChanges'
import { px } from '../units/length'
import { Draft, type Sketch } from '../testing/draft'
import { box, free, row, section, spanning, standing, text } from '../testing/sketches'
import { gapsOf, gapSource, SPACE_BEFORE } from './spacing'

const library = shippedFontLibrary()
let draft: Draft
const draftOf = (sketches: Sketch[]) => new Draft(sketches, { library })

describe('gaps', () => {
  const edge = { width: px(7), line: 'solid' as const, colour: { hex: '#000000' } }
  const padded = {
    arrange: {
      type: 'column',
      gap: px(20),
      align: 'start',
      padding: { top: px(10), right: px(10), bottom: px(10), left: px(10) },
    },
  } as Partial<Sketch>

  test('that can be typed over become what was typed, wherever their figure comes from', () => {
    draft = draftOf([
      section('top', [
        box('list', [text('one'), text('two')], padded),
        box('line', [text('three'), text('four')], row),
        box('free', [text('five', standing(40, 30))], free),
        box('ruled', [text('six')], { ...padded, look: { border: { top: edge, left: edge } } }),
      ]),
    ])
    let typed = 0
    for (const name of ['one', 'two', 'three', 'four', 'five', 'six', 'list', 'line', 'free'])
      for (const { side } of gapsOf(draft.drawn, draft.placed(name))) {
        const gapNow = () => gapsOf(draft.drawn, draft.placed(name)).find((one) => one.side === side)
        const gap = gapNow()
        const source = gap && gapSource(draft.drawn, draft.placed(name), gap)
        if (!gap || !source) continue
        draft.change(setLeaf([source.record], source.path, source.value(33), draft.drawn.at))
        expect([name, side, Math.round((gapNow()?.size ?? 0) * 10) / 10]).toEqual([name, side, 33])
        typed++
      }
    expect(typed).toBeGreaterThan(8)
  })

  test('on the columns are the grid’s and cannot be typed', () => {
    draft = draftOf([section('top', [text('one', spanning(6, 1)), text('two', spanning(6, 7))])])
    const gap = gapsOf(draft.drawn, draft.placed('two')).find(({ side }) => side === 'left')
    expect(gap?.size).toBeCloseTo(24, 3)
    expect(gap && gapSource(draft.drawn, draft.placed('two'), gap)).toBeUndefined()
  })

  test('are written as the project writes lengths, and at the side an anchor holds', () => {
    const place = { width: px(100), anchor: { x: 'end' as const }, offset: { right: px(32) } }
    draft = new Draft([section('top', [box('free', [text('one', { place })], free)])], {
      library,
      sizing: 'hybrid',
    })
    const gaps = gapsOf(draft.drawn, draft.placed('one'))
    const sourceAt = (side: string) => {
      const gap = gaps.find((one) => one.side === side)
      return gap && gapSource(draft.drawn, draft.placed('one'), gap)
    }
    expect(sourceAt('left')).toBeUndefined()
    expect(sourceAt('right')?.path).toEqual(['place', 'offset', 'right'])
    expect(sourceAt('right')?.value(24)).toEqual({ value: 1.5, unit: 'rem' })
  })

  test('between two blocks can be made the later one’s own, which leaves the others', () => {
    draft = draftOf([section('top', [box('list', [text('one'), text('two'), text('three')], padded)])])
    const between = (name: string, side: string) => {
      const gap = gapsOf(draft.drawn, draft.placed(name)).find((one) => one.side === side)
      const source = gap && gapSource(draft.drawn, draft.placed(name), gap)
      if (!gap || !source) throw new Error(`There is no gap ${side} ${name}.`)
      return { size: gap.size, source }
    }
    const asGap = between('two', 'above')
    expect(asGap.source).toMatchObject({ path: ['arrange', 'gap'], space: { isOwn: false } })
    expect(between('one', 'below').source.space).toEqual(asGap.source.space)

    const { record } = asGap.source.space ?? { record: '' }
    draft.change(setLeaf([record], SPACE_BEFORE, asGap.source.value(44), draft.drawn.at))
    expect([between('two', 'above').size, between('three', 'above').size]).toEqual([44, 20])
    const own = between('one', 'below').source
    expect(own).toMatchObject({ record, path: SPACE_BEFORE, space: { isOwn: true } })

    draft.change(setLeaf([own.record], own.path, own.value(12), draft.drawn.at))
    draft.change(setLeaf([asGap.source.record], asGap.source.path, px(30) as never, draft.drawn.at))
    expect([between('two', 'above').size, between('three', 'above').size]).toEqual([12, 30])
  })

  test('in a row that wraps is the row’s alone', () => {
    const wrapping = { arrange: { type: 'row', gap: px(16), wrap: true } } as Partial<Sketch>
    draft = draftOf([
      section('top', [
        box(
          'line',
          [text('one', { place: { width: px(100) } }), text('two', { place: { width: px(100) } })],
          wrapping,
        ),
      ]),
    ])
    const gap = gapsOf(draft.drawn, draft.placed('two')).find(({ side }) => side === 'left')
    const source = gap && gapSource(draft.drawn, draft.placed('two'), gap)
    expect(source?.path).toEqual(['arrange', 'gap'])
    expect(source?.space).toBeUndefined()
  })
})
