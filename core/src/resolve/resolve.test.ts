import type { Block } from '../block/block'
import { departures } from '../site/pageGrid'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import type { StyleDocument } from '../style/style'
import { px } from '../units/length'
import type { BlockNode } from './node'
import { treeAtBand } from './siblings'
import { bandsOf, PageResolver, resolveAllBands, resolvePage, type PageSources } from './resolvePage'
import { blockValue } from './blockLayers'

const { narrow, medium, wide } = usualBands
const id = (name: string) => name.padEnd(16, '0')
const block = (name: string, kind: Block['kind'], order: string, more: Partial<Block> = {}): Block => {
  return { id: id(name), kind, order, name, ...more }
}
const sourcesOf = (list: Block[], style: StyleDocument = plainStyle): PageSources => ({
  drawing: {
    kind: 'drawing',
    id: id('page'),
    schema: 3,
    records: { blocks: Object.fromEntries(list.map((one) => [one.id, one])) },
  },
  site: usualSite,
  style,
})
const find = (nodes: BlockNode[], name: string): BlockNode | undefined =>
  nodes.map((node) => (node.name === name ? node : find(node.children, name))).find(Boolean)
const at = (list: Block[], band: string, name: string, style?: StyleDocument) =>
  find(resolvePage(sourcesOf(list, style), band).children, name) as BlockNode

const hero = block('hero', 'section', 'a0', {
  arrange: { gap: px(40) },
  at: { [medium]: { arrange: { gap: px(24) } }, [narrow]: { hidden: true } },
})
const words = block('words', 'box', 'a0', {
  parent: hero.id,
  place: { width: px(400) },
  at: { [medium]: { place: { width: 'fill' } } },
})
const head = block('head', 'text', 'a0', {
  parent: words.id,
  tag: 'h1',
  text: [{ insert: '  Small   boats \n' }],
})

describe('the value a block has at a band', () => {
  const bands = {
    inOrder: [
      { id: narrow, from: 0 },
      { id: medium, from: 680 },
      { id: wide, from: 1120 },
    ],
    lead: wide,
  }
  test.each([
    [wide, 40, { from: 'record' }],
    [medium, 24, { from: 'band', band: medium }],
    [narrow, 24, { from: 'band', band: medium }],
  ])('at %s is the first found going towards the lead', (band, gap, source) => {
    expect(blockValue(hero, ['arrange', 'gap'], { bands, band })).toEqual({ value: px(gap), source })
  })
  test('with none of its own it is the kind’s, and else there is none', () => {
    expect(blockValue(words, ['arrange', 'type'], { bands, band: wide })).toMatchObject({
      source: { from: 'kind' },
    })
    expect(blockValue(words, ['look', 'fill'], { bands, band: wide })).toEqual({
      value: undefined,
      source: { from: 'nowhere' },
    })
  })
})

test('a tree has what a band shows; all bands with what it hides', () => {
  const list = [hero, words, head]
  expect(at(list, wide, 'words').place.width).toEqual({ type: 'fixed', length: px(400) })
  expect(at(list, medium, 'words').place.width).toEqual({ type: 'fill', share: 1 })
  expect(resolvePage(sourcesOf(list), narrow).children).toEqual([])
  expect(resolveAllBands(sourcesOf(list)).map(({ children }) => children[0].hidden)).toEqual([
    true,
    false,
    false,
  ])
})

test('text is set by its level, its white space as a browser shows it', () => {
  const node = at([hero, words, head], wide, 'head')
  expect(node.look.level).toMatchObject({
    weight: 700,
    size: px(44),
    lineHeight: { value: 52, unit: 'px' },
  })
  expect(node.content).toMatchObject({ type: 'text', runs: [{ text: 'Small boats\n' }] })
})

test('a level may be smaller at another band', () => {
  const [level] = Object.values(plainStyle.records.levels)
  const smaller = { ...level, at: { [medium]: { size: px(32) } } }
  const style = {
    ...plainStyle,
    records: { ...plainStyle.records, levels: { ...plainStyle.records.levels, [level.id]: smaller } },
  }
  const shown = { ...hero, at: {} }
  const sizes = [wide, medium, narrow].map(
    (band) => at([shown, words, head], band, 'head', style).look.level.size,
  )
  expect(sizes).toEqual([px(44), px(32), px(32)])
})

test('tokens give their values, and one that is gone gives nothing', () => {
  const ids = { space: id('space'), ink: id('ink'), gone: id('gone') }
  const tokens = {
    [ids.space]: { id: ids.space, order: 'a0', name: 'Space', type: 'length' as const, value: px(12) },
    [ids.ink]: { id: ids.ink, order: 'a1', name: 'Ink', type: 'colour' as const, value: '#123456' },
  }
  const style = { ...plainStyle, records: { ...plainStyle.records, tokens } }
  const section = block('one', 'section', 'a0', {
    arrange: { gap: { token: ids.space }, padding: { top: { token: ids.gone } } },
    look: { fill: { token: ids.ink } },
  })
  const node = at([section], wide, 'one', style)
  expect(node.arrange.rowGap).toEqual(px(12))
  expect(node.arrange.padding[0]).toEqual(px(0))
  expect(node.look.fill).toBe('#123456')
})

test('a section keeps to the grid’s margin and content width; one on columns takes its tracks and gutter', () => {
  const onColumns = block('cols', 'section', 'a0', { arrange: { type: 'grid', tracks: 'columns' } })
  const node = at([onColumns], wide, 'cols')
  expect(node.arrange).toMatchObject({
    inset: { left: 64, right: 64, contentWidth: 1312 },
    columnGap: px(24),
  })
  expect(node.arrange.tracks).toHaveLength(12)
  expect(at([onColumns], narrow, 'cols').arrange.tracks).toHaveLength(4)
})

test('a resolver keeps the nodes of blocks that did not change', () => {
  const resolver = new PageResolver()
  const before = sourcesOf([hero, words, head, block('foot', 'section', 'a1')])
  const first = resolver.resolve(before, wide)
  const blocks = { ...before.drawing.records.blocks, [head.id]: { ...head, text: [{ insert: 'New' }] } }
  const second = resolver.resolve({ ...before, drawing: { ...before.drawing, records: { blocks } } }, wide)
  expect(second.children[1]).toBe(first.children[1])
  expect(second.children[0]).not.toBe(first.children[0])
  expect(find(second.children, 'head')?.content).toMatchObject({ runs: [{ text: 'New' }] })
  const elsewhere = resolver.resolve({ ...before, style: { ...plainStyle } }, wide)
  expect(elsewhere.children[1]).not.toBe(first.children[1])
})

test('a page has the project’s ground, white unless it says otherwise', () => {
  const drawing = { kind: 'drawing', id: 'page000000000000', schema: 3, records: { blocks: {} } }
  const groundOf = (pageGround?: string) => {
    const site = { ...usualSite.records.settings.site, ...(pageGround && { pageGround }) }
    const records = { ...usualSite.records, settings: { site } }
    return resolvePage({ drawing, site: { ...usualSite, records }, style: plainStyle }, wide).ground
  }
  expect([groundOf(), groundOf('#ece9e0')]).toEqual(['#ffffff', '#ece9e0'])
})

test('a page that departs from the project’s grid is resolved on its own', () => {
  const page = {
    id: 'page000000000000',
    order: 'a0',
    title: 'Own',
    grids: { [wide]: { columns: 5, gutter: 10, margin: 7 } },
  }
  const site = { ...usualSite, records: { ...usualSite.records, pages: { [page.id]: page } } }
  const hero = block('cols', 'section', 'a0', { arrange: { type: 'grid', tracks: 'columns' } })
  const records = { blocks: { [hero.id]: hero } }
  const drawing = { kind: 'drawing', id: page.id, schema: 3, records }
  const at = (band: string) => resolvePage({ drawing, site, style: plainStyle }, band).children[0].arrange
  expect(at(wide)).toMatchObject({ inset: { left: 7, right: 7 }, columnGap: px(10) })
  expect(at(wide).tracks).toHaveLength(5)
  expect(at(narrow).tracks).toHaveLength(4)
  expect(departures(site.records)).toEqual([{ page: page.id, bands: [wide] }])
})

test('all blocks follow one another as a band has them, hidden ones in their place', () => {
  const list = [
    block('top', 'section', 'a0'),
    block('one', 'box', 'a0', { parent: id('top'), hidden: true }),
    block('in', 'text', 'a0', { parent: id('one') }),
    block('two', 'box', 'a1', { parent: id('top'), at: { [narrow]: { order: 'Zz' } } }),
    block('low', 'section', 'a1'),
  ]
  const blocks = Object.fromEntries(list.map((one) => [one.id, one]))
  const bands = bandsOf(usualSite)
  const inOrder = (band: string) =>
    treeAtBand(blocks, { bands, band }).map(({ id, depth }) => `${depth} ${blocks[id].name}`)
  expect(inOrder(wide)).toEqual(['0 top', '1 one', '2 in', '1 two', '0 low'])
  expect(inOrder(narrow)).toEqual(['0 top', '1 two', '1 one', '2 in', '0 low'])
})
