import { ref } from 'vue'
import { plainText, type RichText } from '@nolvex/core/document/richText'
import { shelfItems } from '@nolvex/core/block/shelf'
import { px } from '@nolvex/core/units/length'
import { draftPage, idOf, type Draft, type Sketch } from '../testing/draftPage'
import { locks } from '../testing/pretendBrowser'
import { press } from '../testing/press'
import { useGuideCommands } from './guides/useGuideCommands'
import { useBlockCommands } from './useBlockCommands'

const text = (name: string, more: Partial<Sketch> = {}): Sketch => ({
  kind: 'text',
  name,
  text: [{ insert: `${name}\n` }],
  ...more,
})
const list = (name: string, ...holds: Sketch[]): Sketch => ({
  kind: 'box',
  name,
  holds,
  arrange: { type: 'column', gap: px(20), align: 'start' },
})
const section = (name: string, ...holds: Sketch[]): Sketch => ({ kind: 'section', name, holds })

let draft: Draft
let commands: ReturnType<typeof useBlockCommands>
beforeEach(() => locks.releaseAll())
afterEach(() => draft.close())

async function open(...sketches: Sketch[]) {
  draft = await draftPage(sketches)
  commands = draft.use(() => useBlockCommands(draft.page, ref(false), () => undefined))
  draft.use(() => useGuideCommands(draft.page))
}
const select = (...names: string[]) => draft.page.select(names.map(idOf))
const selected = () => draft.page.selection.value.map((id) => draft.page.nameOf(id))
const item = (id: string) => shelfItems.find((one) => one.id === id) as (typeof shelfItems)[number]

test('blocks are walked in reading order, and one can go out to what they stand in', async () => {
  await open(section('top', list('a', text('one'), text('two'))), section('foot', text('three')))
  press('ArrowDown', 'ArrowDown', 'ArrowDown')
  expect(selected()).toEqual(['one'])
  press('ArrowDown', 'ArrowDown', 'ArrowDown', 'ArrowDown')
  expect(selected()).toEqual(['three'])
  press('ArrowUp', 'ArrowUp')
  expect(selected()).toEqual(['two'])
  press('Alt+ArrowLeft', 'Alt+ArrowLeft')
  expect(selected()).toEqual(['top'])
  expect(press('Escape')).toEqual([true])
  expect(selected()).toEqual([])
  expect(press('Escape', 'Delete', 'Ctrl+D', 'Alt+ArrowUp')).toEqual([false, false, false, false])
})

test('a block changes places with its neighbour and stops at the ends', async () => {
  await open(section('top', list('a', text('one'), text('two'), text('three'))))
  select('one')
  press('Alt+ArrowDown')
  expect(draft.inside('a')).toEqual(['two', 'one', 'three'])
  press('Alt+ArrowDown', 'Alt+ArrowDown', 'Alt+ArrowDown')
  expect(draft.inside('a')).toEqual(['two', 'three', 'one'])
  press('Alt+ArrowUp', 'Alt+ArrowUp', 'Alt+ArrowUp')
  expect(draft.inside('a')).toEqual(['one', 'two', 'three'])
})

test('deleting takes what stands inside along, and undo brings all of it back', async () => {
  await open(section('top', list('a', text('one'), text('two')), text('three')))
  const before = draft.page.blocks.value
  select('a', 'one')
  press('Delete')
  expect(Object.values(draft.page.blocks.value).map(({ name }) => name)).toEqual(['top', 'three'])
  expect(draft.project.view.history.undo.at(-1)?.label).toBe('Delete 2 blocks')
  draft.project.undo()
  expect(draft.page.blocks.value).toEqual(before)
  await draft.saved()
  expect(draft.server.documents[draft.page.page.value].records.blocks).toEqual(before)
})

test('a duplicate stands beside its original with everything inside, and is what is selected', async () => {
  await open(section('top', list('a', text('one')), text('three')))
  select('a')
  press('Ctrl+D')
  expect(draft.inside('top')).toEqual(['a', 'a', 'three'])
  expect(selected()).toEqual(['a'])
  expect(draft.page.selection.value).not.toEqual([idOf('a')])
  const [copy] = draft.page.selection.value
  const inside = Object.values(draft.page.blocks.value).filter(({ parent }) => parent === copy)
  expect(inside.map(({ name }) => name)).toEqual(['one'])
})

test('what was copied can be pasted after its original is gone, and on another page', async () => {
  await open(section('top', list('a', text('one')), text('three')))
  select('a', 'one')
  press('Ctrl+X')
  expect(draft.inside('top')).toEqual(['three'])
  select('three')
  press('Ctrl+V', 'Ctrl+V')
  expect(draft.inside('top')).toEqual(['three', 'a', 'a'])
  select('a')
  press('Ctrl+C', 'Ctrl+V')
  expect(draft.inside('top')).toEqual(['three', 'a', 'a', 'a'])
  draft.close()
  await open()
  press('Ctrl+V')
  const blocks = Object.values(draft.page.blocks.value)
  expect(blocks.map(({ kind }) => kind)).toEqual(['section', 'box', 'text'])
  expect(blocks.map(({ text }) => text && plainText(text as RichText)).filter(Boolean)).toEqual(['one\n'])
})

test('what the shelf offers goes into what is selected, after it, or into a section of its own', async () => {
  await open()
  commands.put(item('heading'))
  expect(Object.values(draft.page.blocks.value).map(({ kind }) => kind)).toEqual(['section', 'text'])
  const [heading] = draft.page.selection.value
  commands.put(item('button'))
  const [button] = draft.page.selection.value
  expect(draft.page.blocks.value[button].parent).toBe(draft.page.blocks.value[heading].parent)
  commands.put(item('box'))
  commands.put(item('text'))
  const [inBox] = draft.page.selection.value
  const box = draft.page.blocks.value[inBox].parent as string
  expect(draft.page.blocks.value[box].kind).toBe('box')
  commands.put(item('section'))
  expect(draft.inside()).toHaveLength(2)
  expect(draft.project.view.history.undo.map(({ label }) => label)).toEqual([
    'Add heading',
    'Add button',
    'Add box',
    'Add text',
    'Add section',
  ])
})

test('arrow keys nudge freely placed blocks; presses that follow one another are one step', async () => {
  const place = {
    width: px(100),
    height: px(40),
    anchor: { x: 'start', y: 'start' },
    offset: { left: px(50), top: px(50) },
  }
  await open(
    section('top', {
      kind: 'box',
      name: 'free',
      arrange: { type: 'placed' },
      place: { height: px(300) },
      holds: [text('one', { place } as Partial<Sketch>)],
    }),
  )
  select('one')
  const { x, y } = draft.placed('one')
  press('ArrowRight', 'ArrowRight', 'Shift+ArrowDown', 'ArrowUp')
  expect(draft.placed('one')).toMatchObject({ x: x + 2, y: y + 7 })
  expect(draft.project.view.history.undo).toHaveLength(1)
  draft.project.undo()
  expect(draft.placed('one')).toMatchObject({ x, y })
})

test('number keys show the page at each band', async () => {
  await open(section('top', text('one')))
  press('1')
  expect([draft.page.width.value, draft.page.band.value.name]).toEqual([390, 'Narrow'])
  press('2')
  expect([draft.page.width.value, draft.page.band.value.name]).toEqual([834, 'Medium'])
})

describe('guides', () => {
  const rounded = (value: number) => Math.round(value * 100) / 100
  const positions = () =>
    draft.page.guides.placed.value.map(({ axis, position }) => [axis, rounded(position)])

  test('come at the edges of a block, are moved, copied and cleared by keys', async () => {
    await open(section('top', text('one')))
    select('one')
    const { x, y, w, h } = draft.placed('one')
    press('Shift+G')
    expect(new Set(positions().map(String))).toEqual(
      new Set(
        [
          ['x', x],
          ['x', rounded(x + w)],
          ['y', y],
          ['y', y + h],
        ].map(String),
      ),
    )
    const [first] = draft.page.guides.placed.value
    draft.page.guides.choose([first.id])
    const at = first.position
    press('Shift+ArrowRight', 'ArrowRight', 'ArrowLeft')
    expect(draft.page.guides.placed.value.find(({ id }) => id === first.id)?.position).toBe(at + 10)
    press('Ctrl+D')
    expect(draft.page.guides.placed.value).toHaveLength(5)
    press('Delete')
    expect(draft.page.guides.placed.value).toHaveLength(4)
    // The blocks are still there: the key went to what was chosen.
    expect(draft.inside('top')).toEqual(['one'])
  })

  test('stand where their scope says, and locked ones stay', async () => {
    await open(section('top', text('one')))
    const { guides, width } = draft.page
    for (const scope of ['here', 'page', 'band', 'all'] as const) {
      guides.scope.value = scope
      guides.add([{ axis: 'x', at: { px: 100 } }])
    }
    expect(guides.placed.value).toHaveLength(4)
    width.value = 390
    expect(guides.placed.value).toHaveLength(2)
    width.value = 1440
    guides.set([guides.placed.value[0].id], 'locked', true)
    guides.move(
      guides.placed.value.map(({ id }) => id),
      5,
    )
    expect(positions().map(([, at]) => at)).toEqual([100, 105, 105, 105])
    guides.clear('all')
    expect(guides.placed.value).toHaveLength(1)
    draft.project.undo()
    expect(guides.placed.value).toHaveLength(4)
  })
})

test('a text put into a row is as wide as its words, and one copied on columns stands beside its original', async () => {
  await open(
    section('top', list('line', text('one')), text('card', { place: { column: { start: 1, span: 4 } } })),
  )
  draft.page.set('Arrange', ['arrange', 'type'], 'row', [idOf('line')])
  select('line')
  commands.put(item('heading'))
  expect(draft.page.one.value?.place?.width).toBe('fit')
  select('card')
  press('Ctrl+D')
  expect(draft.page.one.value?.place?.column).toEqual({ start: 5, span: 4 })
})
