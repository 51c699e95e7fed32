import { blockSchema, type Block } from '../block/block'
import type { PartState } from '../block/partState'
import type { DrawingDocument } from '../drawing/drawing'
import { pageHtml } from '../markup/pageHtml'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import type { StyleDocument } from '../style/style'
import { partSchema, type StylePart } from '../style/part'
import { tokenSchema } from '../style/token'
import { px } from '../units/length'
import type { BlockNode } from './node'
import { picturesShown } from './pageSources'
import { bandsOf, PageResolver, resolveAllBands } from './resolvePage'

const PAGE = 'page000000000000'
const SECTION = 'section000000000'

const block = (id: string, kind: string, more: object = {}) =>
  blockSchema.parse({
    ...{ id: id.padEnd(16, '0'), order: 'a0', kind },
    ...(kind === 'section' ? {} : { parent: SECTION }),
    ...more,
  }) as Block
const hex = (value: string) => ({ hex: value })
const part = (index: number, own: Omit<StylePart, 'id' | 'order'>) =>
  partSchema.parse({ id: `part0000000000${index}0`.slice(0, 16).padEnd(16, '0'), order: `a${index}`, ...own })

function guideOf(parts: Omit<StylePart, 'id' | 'order'>[], tokens: object[] = []): StyleDocument {
  const named = tokens.map((token) => tokenSchema.parse({ order: 'a0', name: 'x', type: 'colour', ...token }))
  return {
    ...plainStyle,
    records: {
      ...plainStyle.records,
      tokens: Object.fromEntries(named.map((one) => [one.id, one])),
      parts: Object.fromEntries(parts.map((own, index) => [index, part(index, own)])),
    },
  }
}

function sourcesOf(blocks: Block[], style: StyleDocument) {
  const all = [block('section', 'section'), ...blocks]
  const drawing = {
    ...{ kind: 'drawing', id: PAGE, schema: 1 },
    records: { blocks: Object.fromEntries(all.map((one) => [one.id, one])) },
  }
  return { drawing, site: usualSite, style }
}

const below = (nodes: BlockNode[]): BlockNode[] => nodes.flatMap((node) => [node, ...below(node.children)])

function nodeOf(
  blocks: Block[],
  style: StyleDocument,
  key: string,
  { band = usualBands.wide, state }: { band?: string; state?: PartState } = {},
): BlockNode {
  const resolver = new PageResolver({ withHidden: false, state })
  const page = resolver.resolve(sourcesOf(blocks, style), band)
  return below(page.children).find((node) => node.key === key) as BlockNode
}

test('a part dresses all of its kind; a variant’s lies over that, and the block’s own values over both', () => {
  const style = guideOf([
    { kind: 'button', look: { fill: hex('#111111'), opacity: 0.5 } },
    { kind: 'button', variant: 'quiet', look: { fill: hex('#222222') } },
  ])
  const usual = block('usual', 'button')
  const quiet = block('quiet', 'button', { variant: 'quiet' })
  const own = block('own', 'button', { variant: 'quiet', look: { fill: hex('#333333') } })
  const look = (one: Block) => nodeOf([usual, quiet, own], style, one.id).look
  expect([look(usual), look(quiet), look(own)].map(({ fill }) => fill)).toEqual([
    '#111111',
    '#222222',
    '#333333',
  ])
  expect([look(usual), look(quiet), look(own)].map(({ opacity }) => opacity)).toEqual([0.5, 0.5, 0.5])
})

test('a part may be another at a band', () => {
  const style = guideOf([
    {
      kind: 'button',
      arrange: { padding: { top: px(20) } },
      at: { [usualBands.narrow]: { arrange: { padding: { top: px(6) } } } },
    },
  ])
  const one = block('usual', 'button')
  const top = (band: string) => nodeOf([one], style, one.id, { band }).arrange.padding[0]
  expect([top(usualBands.wide), top(usualBands.narrow)]).toEqual([px(20), px(6)])
})

test('pieces of a kind are dressed by their name, however many there are, and in the state they are in', () => {
  const style = guideOf([
    { kind: 'field', piece: 'control', look: { fill: hex('#eeeeee') } },
    { kind: 'field', piece: 'control', state: 'wrong', look: { fill: hex('#ffdddd') } },
    { kind: 'table', piece: 'cell', arrange: { padding: { top: px(3) } } },
  ])
  const field = block('field', 'field', { data: { label: 'Name' } })
  const wrong = block('wrong', 'field', { data: { label: 'Name', message: 'Write it.', isWrong: true } })
  const table = block('table', 'table', {
    data: {
      cells: [
        ['a', 'b'],
        ['1', '2'],
      ],
    },
  })
  const all = [field, wrong, table]
  expect(nodeOf(all, style, `${field.id}/control`).look.fill).toBe('#eeeeee')
  expect(nodeOf(all, style, `${wrong.id}/control`).look.fill).toBe('#ffdddd')
  const cells = below([nodeOf(all, style, table.id)]).filter(({ key }) => /\/cell \d$/.test(key))
  expect(cells.length).toBeGreaterThan(1)
  for (const { arrange } of cells) expect(arrange.padding[0]).toEqual(px(3))
})

test('a specimen may be shown in a state', () => {
  const style = guideOf([{ kind: 'button', state: 'hover', look: { fill: hex('#445566') } }])
  const one = block('usual', 'button')
  expect(nodeOf([one], style, one.id, { state: 'hover' }).look.fill).toBe('#445566')
  expect(nodeOf([one], style, one.id).look.fill).not.toBe('#445566')
})

test('states a visitor brings about become rules of the style sheet, after what is at rest', () => {
  const style = guideOf([
    { kind: 'button', look: { fill: hex('#111111') } },
    { kind: 'button', state: 'hover', look: { fill: hex('#222222') } },
    { kind: 'button', state: 'pressed', look: { fill: hex('#333333'), opacity: 0.9 } },
    {
      kind: 'button',
      state: 'focus',
      look: { shadow: [{ x: 0, y: 0, blur: 0, spread: 3, colour: hex('#0000ff') }] },
    },
  ])
  const sources = sourcesOf([block('usual', 'button')], style)
  const { inOrder: bands, lead } = bandsOf(usualSite)
  const html = pageHtml({
    ...{ bands, lead, title: 'x', language: 'en', fonts: [], withKeys: false },
    pages: resolveAllBands(sources),
    pictureAddress: () => 'data:,',
  })
  const rule = (selector: string) => html.split('\n').find((line) => line.startsWith(`${selector} {`)) ?? ''
  expect(rule('.button:hover')).toContain('background-color: #222222')
  expect(rule('.button:hover')).not.toContain('padding')
  expect(rule('.button:active')).toContain('opacity: 0.9')
  expect(rule('.button:focus-visible')).toContain('box-shadow: 0px 0px 0px 3px #0000ff')
  expect(html.indexOf('.button {')).toBeLessThan(html.indexOf('.button:hover'))
  expect(html.indexOf('.button:hover')).toBeLessThan(html.indexOf('.button:active'))
})

test('the open tab is chosen in the drawing; in HTML whichever is opened', () => {
  const style = guideOf([{ kind: 'tabs', piece: 'tab', state: 'chosen', look: { fill: hex('#abcdef') } }])
  const tabs = block('tabs', 'tabs')
  const panes = ['one', 'two'].map((id, index) => block(id, 'box', { parent: tabs.id, order: `a${index}` }))
  const all = [tabs, ...panes]
  const tab = (pane: Block) => nodeOf(all, style, `${tabs.id}/bar/tab ${pane.id}`)
  expect(tab(panes[0]).look.fill).toBe('#abcdef')
  expect(tab(panes[1]).look.fill).toBeUndefined()
  const [, , inHtml] = resolveAllBands(sourcesOf(all, style)).map(({ children }) => below(children))
  const written = (pane: Block) => inHtml.find(({ key }) => key === `${tabs.id}/bar/tab ${pane.id}`)
  expect(written(panes[0])?.atRest?.fill).toBeUndefined()
  for (const pane of panes)
    expect(written(pane)?.states?.find(({ state }) => state === 'chosen')?.look.fill).toBe('#abcdef')
})

test('what stands on a dark ground is shown in the dark set, whatever it stands in', () => {
  const style = guideOf(
    [],
    [
      { id: 'ground0000000000', role: 'ground', value: '#ffffff', dark: '#101010' },
      { id: 'text000000000000', role: 'text', value: '#222222', dark: '#eeeeee' },
    ],
  )
  const dark = block('section', 'section', { variant: 'dark' })
  const box = block('box', 'box')
  const text = block('text', 'text', { parent: box.id, text: [{ insert: 'Hello' }] })
  const light = block('light', 'box', { look: { colourSet: 'light' } })
  const inLight = block('inlight', 'text', { parent: light.id, text: [{ insert: 'Hello' }] })
  const all = [dark, box, text, light, inLight]
  expect(nodeOf(all, style, dark.id).look.fill).toBe('#101010')
  expect(nodeOf(all, style, text.id).look.colour).toBe('#eeeeee')
  expect(nodeOf(all, style, inLight.id).look.colour).toBe('#222222')
})

test('a section that turns dark takes along what stands in it, though that did not change', () => {
  const style = guideOf([], [{ id: 'text000000000000', role: 'text', value: '#222222', dark: '#eeeeee' }])
  const box = block('box', 'box')
  const text = block('text', 'text', { parent: box.id, text: [{ insert: 'Hello' }] })
  const resolver = new PageResolver()
  const light = sourcesOf([box, text], style)
  const section = light.drawing.records.blocks[SECTION]
  const dark = {
    ...light,
    drawing: {
      ...light.drawing,
      records: { blocks: { ...light.drawing.records.blocks, [SECTION]: { ...section, variant: 'dark' } } },
    },
  }
  const colourOf = (sources: typeof light) =>
    below(resolver.resolve(sources, usualBands.wide).children).find(({ key }) => key === text.id)?.look.colour
  expect([colourOf(light), colourOf(dark), colourOf(light)]).toEqual(['#222222', '#eeeeee', '#222222'])
})

test('a variant has the veil and the block the picture it stands on; at a band it may be another or none', () => {
  const picture = (name: string) => ({ asset: name.padEnd(16, '0'), width: 800, height: 600 })
  const style = guideOf([
    {
      kind: 'box',
      variant: 'over',
      look: { backdrop: { veil: hex('#102030'), strength: 0.25, picture: picture('sea') } },
    },
  ])
  const at = {
    [usualBands.medium]: { look: { backdrop: { picture: picture('quay'), focus: { x: 1, y: 0 } } } },
    [usualBands.narrow]: { look: { backdrop: { picture: 'none' } } },
  }
  const blocks = [block('box', 'box', { variant: 'over', at })]
  const shownAt = (band: string) => nodeOf(blocks, style, blocks[0].id, { band }).look.backdrop
  expect(shownAt(usualBands.wide)).toEqual({
    ...picture('sea'),
    focus: { x: 0.5, y: 0.5 },
    mode: 'over',
    veil: '#10203040',
  })
  expect(shownAt(usualBands.medium)).toEqual({
    ...picture('quay'),
    focus: { x: 1, y: 0 },
    mode: 'over',
    veil: '#10203040',
  })
  expect(shownAt(usualBands.narrow)).toBeUndefined()
  const drawing = sourcesOf(blocks, style).drawing as unknown as DrawingDocument
  expect(picturesShown([drawing], style)).toEqual([picture('quay').asset, picture('sea').asset])
})
