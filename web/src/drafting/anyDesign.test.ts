import fc from 'fast-check'
import { ref } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import { shelfItems } from '@nolvex/core/block/shelf'
import { px } from '@nolvex/core/units/length'
import { draftPage, idOf, type Draft, type Sketch } from '../testing/draftPage'
import { locks } from '../testing/pretendBrowser'
import { press } from '../testing/press'
import { beginMove, dropSpot } from '@nolvex/core/snap/dropSpot'
import { useGuideCommands } from './guides/useGuideCommands'
import { beginResize, handles, resized } from '@nolvex/core/snap/resizeBlock'
import { gapsOf, gapSource } from '@nolvex/core/snap/spacing'
import type { Placed } from '@nolvex/core/snap/drawnPage'
import { placeFreely, structureChange } from '@nolvex/core/snap/structure/structureChange'
import { trueMoves } from '@nolvex/core/snap/trueUp/trueMoves'
import { newId } from '../session/newId'
import { useArrangeCommands } from './arranging/useArrangeCommands'
import { useBlockCommands } from './useBlockCommands'

const text = (name: string): Sketch => ({ kind: 'text', name, text: [{ insert: `${name}\n` }] })
const START: Sketch[] = [
  {
    kind: 'section',
    name: 'top',
    holds: [
      text('headline'),
      { kind: 'box', name: 'column', holds: [text('one'), text('two')] },
      {
        kind: 'box',
        name: 'row',
        arrange: { type: 'row', gap: px(16), wrap: true },
        holds: [text('three'), text('four')],
      },
    ],
  },
  {
    kind: 'section',
    name: 'middle',
    holds: [
      {
        kind: 'box',
        name: 'free',
        arrange: { type: 'placed' },
        place: { height: px(240) },
        holds: [{ ...text('five'), place: { offset: { left: px(40), top: px(30) } } } as Sketch],
      },
    ],
  },
  {
    kind: 'section',
    name: 'foot',
    holds: [{ kind: 'picture', name: 'sea', data: { file: { width: 300, height: 200 } } }],
  },
]

const KEYS = [
  'Ctrl+D',
  'Ctrl+C',
  'Ctrl+X',
  'Ctrl+V',
  'Delete',
  'Alt+ArrowUp',
  'Alt+ArrowDown',
  'Alt+ArrowLeft',
  'ArrowDown',
  'ArrowLeft',
  'Shift+ArrowRight',
  'Shift+G',
  'Shift+L',
  'Shift+M',
  'Shift+B',
  'Shift+H',
  'Shift+V',
  'Alt+G',
  'Alt+Shift+G',
  'Alt+W',
  'Alt+Shift+ArrowUp',
  'Alt+Shift+ArrowDown',
  'Alt+Shift+ArrowRight',
  'Alt+PageUp',
  'Alt+A',
  'Alt+V',
  'Ctrl+Shift+V',
  'Alt+Shift+V',
  'ArrowRight',
  'Ctrl+A',
  'Escape',
  '1',
  '2',
  '3',
]
const LEAVES: [path: string[], values: unknown[]][] = [
  [
    ['arrange', 'type'],
    ['row', 'column', 'grid', 'placed', undefined],
  ],
  [
    ['arrange', 'gap'],
    [px(0), px(31), { value: 2, unit: 'em' }, undefined],
  ],
  [
    ['arrange', 'padding', 'left'],
    [px(12), { value: 1, unit: 'vw' }, undefined],
  ],
  [
    ['arrange', 'align'],
    ['start', 'centre', 'end', 'stretch', undefined],
  ],
  [
    ['place', 'width'],
    ['fill', 'fit', px(260), { value: 50, unit: '%' }, undefined],
  ],
  [
    ['place', 'height'],
    ['fill', 'fit', px(90), undefined],
  ],
  [['hidden'], [true, undefined]],
]

const share = fc.integer({ min: 0, max: 999 }).map((thousandths) => thousandths / 1000)
/** One thing a designer may do; numbers from 0 to 1 choose among what is there then. */
const deed = fc.oneof(
  {
    weight: 4,
    arbitrary: fc.record({
      what: fc.constant('select' as const),
      which: fc.array(share, { minLength: 1, maxLength: 3 }),
    }),
  },
  { weight: 4, arbitrary: fc.record({ what: fc.constant('press' as const), key: fc.constantFrom(...KEYS) }) },
  {
    weight: 3,
    arbitrary: fc.record({ what: fc.constant('drop' as const), which: share, x: share, y: share }),
  },
  {
    weight: 2,
    arbitrary: fc.record({
      what: fc.constant('resize' as const),
      which: share,
      handle: fc.constantFrom(...handles),
      dx: fc.integer({ min: -400, max: 400 }),
      dy: fc.integer({ min: -200, max: 200 }),
    }),
  },
  {
    weight: 2,
    arbitrary: fc.record({
      what: fc.constant('set' as const),
      leaf: fc.constantFrom(...LEAVES),
      which: share,
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({ what: fc.constant('space' as const), which: share, gap: share, size: fc.nat(80) }),
  },
  {
    weight: 2,
    arbitrary: fc.record({
      what: fc.constant('arrange' as const),
      how: fc.constantFrom('true up' as const, 'find structure' as const, 'place freely' as const),
      which: share,
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({ what: fc.constant('put' as const), item: fc.constantFrom(...shelfItems) }),
  },
)
type Deed = typeof deed extends fc.Arbitrary<infer T> ? T : never

let draft: Draft
let put: ReturnType<typeof useBlockCommands>['put']

function arranges(how: 'true up' | 'find structure' | 'place freely', container: Placed | undefined) {
  const { page } = draft
  const drawn = page.drawn.value
  if (how === 'true up')
    page.change(
      'True up',
      trueMoves(drawn, [], 8).flatMap(({ operations }) => operations),
    )
  else if (container && how === 'place freely') {
    // Copies and rows show blocks of their own, and what holds nothing places nothing.
    if (drawn.blocks[container.record].kind === 'box')
      page.change('Place freely', placeFreely(drawn, container))
  } else if (container) {
    const found = structureChange(drawn, container, newId)
    if ('operations' in found) page.change('Arrange', found.operations)
  }
}

function does(one: Deed) {
  const { page } = draft
  const ids = [...page.placed.value.keys()]
  const at = (number: number) => ids[Math.floor(number * ids.length)]
  const placed = (number: number) => page.placed.value.get(at(number))
  if (one.what === 'press') press(one.key)
  else if (one.what === 'put') put(one.item)
  else if (ids.length === 0) return
  else if (one.what === 'select') page.select(one.which.map(at))
  else if (one.what === 'set')
    page.set('Set', one.leaf[0], one.leaf[1][Math.floor(one.which * one.leaf[1].length)] as Json | undefined)
  else if (one.what === 'arrange') arranges(one.how, placed(one.which))
  else if (one.what === 'drop') {
    const block = placed(one.which)
    const point = { x: one.x * page.pageWidth.value, y: one.y * (page.layout.value?.height ?? 0) }
    const moving = block && beginMove(page.drawn.value, page.hits.value, block, page.selection.value)
    const spot = moving && dropSpot(moving, { ...point, w: block.w, h: block.h }, point)
    if (spot) page.change('Move', spot.operations())
  } else if (one.what === 'resize') {
    const block = placed(one.which)
    const resizing = block && beginResize(page.drawn.value, block)
    if (resizing) page.change('Resize', resized(resizing, one.handle, one.dx, one.dy).operations())
  } else {
    const block = placed(one.which)
    if (!block) return
    const gaps = gapsOf(page.drawn.value, block)
    const gap = gaps[Math.floor(one.gap * gaps.length)]
    const source = gap && gapSource(page.drawn.value, block, gap)
    if (source) page.set('Change spacing', source.path, source.value(one.size), [source.record])
  }
}

const states = () => JSON.stringify([draft.page.blocks.value, draft.project.site.records.guides])
/** A document without regard to the order its records were written in. */
const inOrder = (value: unknown): unknown =>
  value && typeof value === 'object' && !Array.isArray(value)
    ? Object.fromEntries(
        Object.entries(value)
          .sort(([a], [b]) => (a < b ? -1 : 1))
          .map(([key, inner]) => [key, inOrder(inner)]),
      )
    : value
const now = () => inOrder(JSON.parse(states()))

test('whatever a designer does is taken, can be undone to the start and redone to the end', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(deed, { minLength: 4, maxLength: 30 }), async (deeds) => {
      locks.releaseAll()
      draft = await draftPage(START)
      put = draft.use(() => useBlockCommands(draft.page, ref(false), () => undefined)).put
      draft.use(() => useGuideCommands(draft.page))
      draft.use(() => useArrangeCommands(draft.page))
      const start = now()
      for (const one of deeds) {
        does(one)
        // Nothing of what the view offers is refused or passed over.
        expect(draft.project.view.notSaved).toEqual([])
        expect(draft.page.layout.value?.height).toBeGreaterThanOrEqual(0)
      }
      const end = now()
      const steps = draft.project.view.history.undo.length
      for (let step = 0; step < steps; step++) draft.project.undo()
      expect(now()).toEqual(start)
      for (let step = 0; step < steps; step++) draft.project.redo()
      expect(now()).toEqual(end)
      expect(draft.project.view.notSaved).toEqual([])
      await draft.saved()
      expect(inOrder(draft.server.documents[idOf('page')].records.blocks)).toEqual(
        inOrder(draft.page.blocks.value),
      )
      draft.close()
    }),
    { numRuns: 100, seed: 7 },
  )
})
