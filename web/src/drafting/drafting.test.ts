import { px } from '@nolvex/core/units/length'
import { usualBands } from '@nolvex/core/site/usualSite'
import type { ChangePart } from '@nolvex/core/document/types'
import { locks } from '../testing/pretendBrowser'
import { draftPage, idOf, type Draft, type Sketch } from '../testing/draftPage'
import { columnsOf, dropSpot } from './dropSpot'
import { canNudge, nudgeBlocks } from './nudgeBlocks'
import { handles, resized } from './resizeBlock'
import { gapsOf, gapSource } from './spacing'

const text = (name: string, more: Partial<Sketch> = {}): Sketch => ({
  kind: 'text',
  name,
  text: [{ insert: `${name} says a few words\n` }],
  ...more,
})
const box = (name: string, holds: Sketch[], more: Partial<Sketch> = {}): Sketch => ({
  kind: 'box',
  name,
  holds,
  ...more,
})
const section = (name: string, holds: Sketch[], more: Partial<Sketch> = {}): Sketch => ({
  kind: 'section',
  name,
  holds,
  ...more,
})
const spanning = (span: number, start?: number) => ({ place: { column: { span, start } } }) as Partial<Sketch>
const column = { arrange: { type: 'column', gap: px(20), align: 'start' } } as Partial<Sketch>
const row = { arrange: { type: 'row', gap: px(20) } } as Partial<Sketch>
const placed = (left: number, top: number) =>
  ({
    place: {
      width: px(100),
      height: px(40),
      anchor: { x: 'start', y: 'start' },
      offset: { left: px(left), top: px(top) },
    },
  }) as Partial<Sketch>

let draft: Draft
beforeEach(() => locks.releaseAll())
afterEach(() => draft.close())

/** Drags a block so that its top left corner and the pointer come to (x, y), and drops it. */
function drop(name: string, x: number, y: number) {
  const { page } = draft
  const { w, h } = draft.placed(name)
  const spot = dropSpot(page, draft.block(name), { x, y, w, h }, { x: x + 1, y: y + 1 })
  if (spot) page.change('Move', spot.operations())
  return spot
}
const centre = (name: string) => {
  const { x, y, w, h } = draft.placed(name)
  return [x + w / 2, y + h / 2] as const
}

describe('dropping', () => {
  test('in a column puts a block where the pointer is among its siblings', async () => {
    draft = await draftPage([
      section('top', [box('list', [text('one'), text('two'), text('three')], column)]),
    ])
    const { x, y, h } = draft.placed('two')
    drop('one', x, y + h / 2 + 2)
    expect(draft.inside('list')).toEqual(['two', 'one', 'three'])
    expect(draft.placed('one').y).toBe(draft.placed('two').y + draft.placed('two').h + 20)
    drop('three', x, draft.placed('two').y)
    expect(draft.inside('list')).toEqual(['three', 'two', 'one'])
    await draft.saved()
    expect(draft.server.log).toHaveLength(2)
  })

  test('in a row goes by the pointer across, and on itself changes nothing', async () => {
    draft = await draftPage([section('top', [box('line', [text('one'), text('two'), text('three')], row)])])
    const [x, y] = centre('three')
    drop('one', x + 5, y)
    expect(draft.inside('line')).toEqual(['two', 'three', 'one'])
    const before = draft.page.blocks.value
    drop('one', draft.placed('one').x + 10, y)
    expect(draft.inside('line')).toEqual(['two', 'three', 'one'])
    expect(Object.keys(before)).toEqual(Object.keys(draft.page.blocks.value))
  })

  test('moves into the innermost block there that may hold it, and never into itself', async () => {
    draft = await draftPage([
      section('top', [
        box('outer', [text('one'), box('inner', [text('two')], column)], column),
        box('other', [text('three')], column),
      ]),
    ])
    drop('three', ...centre('two'))
    expect(draft.inside('inner')).toEqual(['two', 'three'])
    drop('outer', ...centre('inner'))
    expect(draft.block('outer').parent).toBe(idOf('top'))
    expect(draft.block('inner').parent).toBe(idOf('outer'))
  })

  test('on a text stands beside it, as a text holds no blocks', async () => {
    draft = await draftPage([
      section('top', [box('a', [text('one')], column), box('b', [text('two')], column)]),
    ])
    drop('one', ...centre('two'))
    expect(draft.block('one').parent).toBe(idOf('b'))
  })

  test('a section goes between sections and nowhere else', async () => {
    draft = await draftPage([
      section('first', [text('one')]),
      section('second', [box('list', [text('two')], column)]),
      section('third', [text('three')]),
    ])
    drop('first', 200, draft.placed('third').y + 5)
    expect(draft.inside()).toEqual(['second', 'first', 'third'])
    drop('third', ...centre('two'))
    expect(draft.block('third').parent).toBeUndefined()
  })

  test('a block dropped beside all sections stays where it is', async () => {
    draft = await draftPage([section('top', [text('one')])])
    expect(drop('one', 200, 5000)).toBeUndefined()
  })

  test('on columns takes the nearest one, and the mark shows which', async () => {
    draft = await draftPage([section('top', [text('one', spanning(3, 1)), text('two', spanning(3, 4))])])
    const columns = columnsOf(draft.placed('top'))
    expect(columns).toHaveLength(12)
    const spot = drop('one', columns[6].left + 9, draft.placed('one').y)
    expect(spot?.mark).toMatchObject({
      x: columns[6].left,
      w: columns[8].left + columns[8].width - columns[6].left,
    })
    expect(draft.block('one').place?.column).toMatchObject({ start: 7, span: 3 })
    expect(draft.placed('one').x).toBe(columns[6].left)
  })

  test('freely snaps to a neighbour’s edge within 6 px and keeps the offset from the container', async () => {
    const free = { arrange: { type: 'placed' }, place: { height: px(300) } } as Partial<Sketch>
    draft = await draftPage([
      section('top', [box('free', [text('one', placed(10, 10)), text('two', placed(300, 120))], free)]),
    ])
    draft.page.snapping.value = { blocks: true, columns: false, rows: false, guides: false }
    const { x, y } = draft.placed('two')
    const spot = drop('one', x + 4, y + 80)
    expect(spot?.lines.x).toContain(x)
    expect(draft.placed('one')).toMatchObject({ x, y: y + 80 })
    expect(draft.block('one').place?.offset).toMatchObject({ left: px(300), top: px(200) })
    draft.page.snapping.value = { blocks: false, columns: false, rows: false, guides: false }
    drop('one', x + 4, y + 80)
    expect(draft.placed('one').x).toBe(x + 4)
  })

  test('carries the whole selection along, what stands in a selected block once', async () => {
    draft = await draftPage([
      section('top', [
        box('a', [text('one'), box('inner', [text('two')], column), text('three')], column),
        box('b', [text('four')], column),
      ]),
    ])
    draft.page.select(['inner', 'two', 'three'].map(idOf))
    drop('three', ...centre('four'))
    expect(draft.inside('a')).toEqual(['one'])
    expect([...draft.inside('b')].sort()).toEqual(['four', 'inner', 'three'])
    expect(draft.inside('inner')).toEqual(['two'])
  })

  test('at another band changes the order there alone', async () => {
    draft = await draftPage([section('top', [box('list', [text('one'), text('two')], column)])], 390)
    drop('one', ...([draft.placed('two').x, draft.placed('two').y + draft.placed('two').h - 2] as const))
    expect(draft.inside('list')).toEqual(['two', 'one'])
    draft.page.width.value = 1440
    expect(draft.inside('list')).toEqual(['one', 'two'])
  })
})

describe('resizing', () => {
  const handle = (name: string) => handles.find((one) => one.name === name) as (typeof handles)[number]
  function pull(name: string, which: string, dx: number, dy: number) {
    const change = resized(draft.page, draft.block(name), handle(which), dx, dy)
    if (change) draft.page.change('Resize', change.operations())
    return change
  }

  test('on columns goes by whole columns at either edge', async () => {
    draft = await draftPage([section('top', [text('one', spanning(4, 3))])])
    const columns = columnsOf(draft.placed('top'))
    const step = columns[1].left - columns[0].left
    pull('one', 'right edge', 2 * step + 9, 0)
    expect(draft.block('one').place).toMatchObject({ width: 'fill', column: { start: 3, span: 6 } })
    expect(draft.placed('one').w).toBeCloseTo(columns[7].left + columns[7].width - columns[2].left, 3)
    pull('one', 'left edge', -step + 4, 0)
    expect(draft.block('one').place?.column).toEqual({ start: 2, span: 7 })
    pull('one', 'left edge', 5000, 0)
    expect(draft.block('one').place?.column).toEqual({ start: 8, span: 1 })
  })

  test('elsewhere goes by whole pixels and never below 8', async () => {
    draft = await draftPage([section('top', [box('line', [text('one'), text('two')], row)])])
    draft.page.snapping.value = { blocks: false, columns: false, rows: false, guides: false }
    const { w } = draft.placed('one')
    const change = pull('one', 'right edge', -100.4, 0)
    expect(draft.block('one').place?.width).toEqual(px(Math.round(w - 100.4)))
    expect(change?.mark.w).toBe(draft.placed('one').w)
    pull('one', 'right edge', -5000, 0)
    expect(draft.placed('one').w).toBe(8)
  })

  test('a foot that comes near a neighbour’s snaps to it', async () => {
    draft = await draftPage([
      section('top', [
        box(
          'line',
          [text('one', { place: { height: px(80) } }), text('two', { place: { height: px(120) } })],
          {
            arrange: { type: 'row', gap: px(20), align: 'start' },
          },
        ),
      ]),
    ])
    draft.page.snapping.value = { blocks: true, columns: false, rows: false, guides: false }
    pull('one', 'foot', 0, 36)
    expect(draft.placed('one').h).toBe(120)
  })

  test('a freely placed block keeps its right edge when its left one is pulled', async () => {
    const free = { arrange: { type: 'placed' }, place: { height: px(300) } } as Partial<Sketch>
    draft = await draftPage([section('top', [box('free', [text('one', placed(100, 10))], free)])])
    draft.page.snapping.value = { blocks: false, columns: false, rows: false, guides: false }
    const { x, w } = draft.placed('one')
    pull('one', 'left edge', -30, 0)
    expect(draft.placed('one')).toMatchObject({ x: x - 30, w: w + 30 })
  })
})

describe('nudging', () => {
  test.each([
    ['start', { left: px(50), top: px(20) }, [3, 4]],
    ['end', { right: px(50), bottom: px(20) }, [3, 4]],
    ['centre', { x: px(5), y: px(5) }, [3, 4]],
    ['both', { left: px(50), right: px(50), top: px(20), bottom: px(20) }, [3, 4]],
  ] as const)('moves a block anchored at its %s as the arrow points', async (anchor, offset, by) => {
    const free = { arrange: { type: 'placed' }, place: { height: px(300) } } as Partial<Sketch>
    const place = { width: px(100), height: px(40), anchor: { x: anchor, y: anchor }, offset }
    draft = await draftPage([
      section('top', [box('free', [text('one', { place } as Partial<Sketch>)], free)]),
    ])
    draft.page.select([idOf('one')])
    const { x, y, w, h } = draft.placed('one')
    expect(canNudge(draft.page)).toBe(true)
    draft.page.change('Nudge', nudgeBlocks(draft.page, ...by))
    expect(draft.placed('one')).toMatchObject({ x: x + 3, y: y + 4, w, h })
  })

  test('is not offered where a parent arranges its children', async () => {
    draft = await draftPage([section('top', [text('one')])])
    expect(canNudge(draft.page)).toBe(false)
    draft.page.select([idOf('one')])
    expect(canNudge(draft.page)).toBe(false)
  })
})

describe('gaps', () => {
  const free = { arrange: { type: 'placed' }, place: { height: px(300) } } as Partial<Sketch>
  const padded = {
    arrange: {
      type: 'column',
      gap: px(20),
      align: 'start',
      padding: { top: px(10), right: px(10), bottom: px(10), left: px(10) },
    },
  } as Partial<Sketch>

  test('that can be typed over become what was typed, wherever their figure comes from', async () => {
    draft = await draftPage([
      section('top', [
        box('list', [text('one'), text('two')], padded),
        box('line', [text('three'), text('four')], row),
        box('free', [text('five', placed(40, 30))], free),
      ]),
    ])
    const { page } = draft
    let typed = 0
    for (const name of ['one', 'two', 'three', 'four', 'five', 'list', 'line', 'free'])
      for (const { side } of gapsOf(page, draft.placed(name))) {
        const gapNow = () => gapsOf(page, draft.placed(name)).find((one) => one.side === side)
        const gap = gapNow()
        const source = gap && gapSource(page, draft.placed(name), gap)
        if (!gap || !source) continue
        page.set('Change spacing', source.path, source.value(33), [source.id])
        expect([name, side, Math.round((gapNow()?.size ?? 0) * 10) / 10]).toEqual([name, side, 33])
        typed++
      }
    expect(typed).toBeGreaterThan(8)
  })

  test('on the columns are the grid’s and cannot be typed', async () => {
    draft = await draftPage([section('top', [text('one', spanning(6, 1)), text('two', spanning(6, 7))])])
    const gap = gapsOf(draft.page, draft.placed('two')).find(({ side }) => side === 'left')
    expect(gap?.size).toBeCloseTo(24, 3)
    expect(gap && gapSource(draft.page, draft.placed('two'), gap)).toBeUndefined()
  })
})

describe('values of one band', () => {
  test('differ there, are seen to, and are given back', async () => {
    draft = await draftPage([section('top', [text('one')])], 390)
    const { page } = draft
    const path = ['arrange', 'padding', 'top']
    page.select([idOf('one')])
    page.set('Change padding', path, px(30) as never)
    expect(page.differs(draft.block('one'), path)).toBe(true)
    expect(page.value(draft.block('one'), path)).toMatchObject({
      value: px(30),
      source: { from: 'band', band: usualBands.narrow },
    })
    const tall = draft.placed('one').h
    page.width.value = 1440
    expect(page.differs(draft.block('one'), path)).toBe(false)
    page.width.value = 390
    page.set('Give back', path, undefined)
    expect(page.differs(draft.block('one'), path)).toBe(false)
    expect(draft.placed('one').h).toBe(tall - 30)
  })

  test('of the lead hold everywhere that has none of its own', async () => {
    draft = await draftPage([section('top', [text('one')])])
    const path = ['arrange', 'padding', 'left']
    draft.page.set('Change padding', path, px(12) as never, [idOf('one')])
    for (const width of [390, 834, 1440]) {
      draft.page.width.value = width
      expect(draft.placed('one').box.insetLeft).toBe(12)
    }
  })
})

test('another window’s change moves the page here, and what it removed is no longer selected', async () => {
  draft = await draftPage([section('top', [box('list', [text('one'), text('two')], column)])])
  draft.page.select([idOf('one'), idOf('two')])
  const { y } = draft.placed('two')
  const parts: ChangePart[] = [
    {
      document: draft.page.page.value,
      kind: 'drawing',
      operations: [{ type: 'remove', collection: 'blocks', id: idOf('one') }],
    },
  ]
  draft.server.commitFromElsewhere(parts)
  await draft.saved()
  expect(draft.page.selection.value).toEqual([idOf('two')])
  expect(draft.placed('two').y).toBeLessThan(y)
})
