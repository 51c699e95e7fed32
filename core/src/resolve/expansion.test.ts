import type { Block } from '../block/block'
import { collectionKind } from '../content/collection'
import { contentKind, emptyContent } from '../content/content'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import type { SharedValue } from '../style/shared'
import { px } from '../units/length'
import type { Documents } from '../document/types'
import type { BlockNode, NodeContent } from './node'
import { PageResolver, resolvePage, type PageSources } from './resolvePage'
import { seriesRows, writtenValue } from './seriesRows'

const { narrow, wide } = usualBands
const id = (name: string) => name.padEnd(16, '0')
const block = (name: string, kind: Block['kind'], parent?: string, more: Partial<Block> = {}): Block => ({
  id: id(name),
  kind,
  order: `a${name}`,
  name,
  ...(parent ? { parent: id(parent) } : {}),
  ...more,
})
const byId = <T extends { id: string }>(list: T[]) => Object.fromEntries(list.map((one) => [one.id, one]))
const drawing = (name: string, list: Block[]) => ({
  kind: 'drawing',
  id: id(name),
  schema: 3,
  records: { blocks: byId(list) },
})
const all = (nodes: BlockNode[]): BlockNode[] => nodes.flatMap((node) => [node, ...all(node.children)])
const words = (content: NodeContent) =>
  content.type === 'text' ? content.runs.map(({ text }) => text).join('') : ''
const saying = (sources: PageSources, band: string = wide) =>
  all(resolvePage(sources, band).children)
    .map(({ content }) => words(content))
    .filter(Boolean)

const says = (text: string) => [{ insert: text }]
const card = drawing('card', [
  block('stand', 'section'),
  block('root', 'box', 'stand', { look: { fill: { hex: '#eeeeee' } } }),
  block('title', 'text', 'root', { text: says('A card') }),
  block('under', 'box', 'root'),
])
const value = (name: string, of: string, leaf: string): SharedValue => ({
  ...{ id: id(name), order: `a${name}`, shared: card.id, label: name },
  ...{ block: id(of), leaf },
})
const style = {
  ...plainStyle,
  records: {
    ...plainStyle.records,
    shared: { [card.id]: { id: card.id, order: 'a0', name: 'Card', root: id('root') } },
    sharedValues: byId([
      value('says', 'title', 'text'),
      value('gap', 'root', 'arrange.gap'),
      value('own', 'under', 'children'),
    ]),
  },
}
const copy = (name: string, more: Partial<Block> = {}) =>
  block(name, 'copy', 'main', { data: { shared: card.id, hasPlace: true }, ...more })
const sourcesOf = (list: Block[], around: Documents = {}): PageSources => ({
  ...{ drawing: drawing('page', list), site: usualSite, style },
  around: { [card.id]: card as unknown as Documents[string], ...around },
})
const main = block('main', 'section')

describe('a copy', () => {
  const one = copy('one', {
    place: { width: px(300) },
    values: { [id('says')]: says('The first'), [id('gap')]: px(40) as never },
    at: { [narrow]: { values: { [id('gap')]: px(8) as never } } },
  })
  const own = block('mine', 'text', 'one', { text: says('Only here') })
  const sources = sourcesOf([main, one, own, copy('two')])

  test('shows the blocks of its original, with what it says otherwise, at each band', () => {
    expect(saying(sources)).toEqual(['The first', 'Only here', 'A card'])
    const gapAt = (band: string) =>
      all(resolvePage(sources, band).children)
        .filter(({ origin, isPart }) => !isPart && [id('one'), id('two')].includes(origin.record))
        .map(({ arrange }) => arrange.rowGap.value)
    expect([gapAt(wide), gapAt(narrow)]).toEqual([
      [40, 16],
      [8, 16],
    ])
  })

  test('stands where and as wide as it says, and looks as its original does', () => {
    const [first] = all(resolvePage(sources, wide).children).filter(({ key }) => key === one.id)
    expect(first.place.width).toEqual({ type: 'fixed', length: px(300) })
    expect(first.look.fill).toBe('#eeeeee')
    expect(first.name).toBe('one')
  })

  test('says what a change to each of its blocks writes: its own, or the original', () => {
    const origins = all(resolvePage(sources, wide).children).map(({ origin }) =>
      `${origin.document} ${origin.record}`.replaceAll('0', ''),
    )
    expect(origins).toEqual([
      'page main',
      ...['page one', 'card title', 'card under', 'page mine'],
      ...['page two', 'card title', 'card under'],
    ])
  })

  test('shows what stands in its place in the original until it has blocks of its own', () => {
    const filled = drawing('card', [
      ...Object.values(card.records.blocks),
      block('usual', 'text', 'under', { text: says('Usually this') }),
    ])
    const around = { [card.id]: filled as unknown as Documents[string] }
    const page = sourcesOf([main, copy('one'), own, copy('two')], around)
    expect(saying(page)).toEqual(['A card', 'Only here', 'A card', 'Usually this'])
  })

  test('is hidden at a band where its original is', () => {
    const { [id('root')]: root, ...others } = card.records.blocks
    const hidden = { ...root, at: { [narrow]: { hidden: true } } }
    const around = {
      [card.id]: drawing('card', [...Object.values(others), hidden]) as unknown as Documents[string],
    }
    const page = sourcesOf([main, copy('one')], around)
    expect([saying(page, wide), saying(page, narrow)]).toEqual([['A card'], []])
  })

  test('is drawn as gone where its shared block is gone, or would stand in itself', () => {
    const lost = copy('lost', { data: { shared: id('nothing') } })
    expect(saying(sourcesOf([main, lost]))).toEqual(['This shared block is gone'])
    const inItself = drawing('card', [
      ...Object.values(card.records.blocks),
      block('again', 'copy', 'root', { data: { shared: card.id } }),
    ])
    const around = { [card.id]: inItself as unknown as Documents[string] }
    expect(saying(sourcesOf([main, copy('one')], around))).toEqual(['This shared block is gone', 'A card'])
  })

  test('follows its original; what did not change stays the same instance', () => {
    const resolver = new PageResolver()
    const before = resolver.resolve(sources, wide)
    const changed = {
      ...card,
      records: {
        blocks: { ...card.records.blocks, [id('title')]: { ...card.records.blocks[id('title')], tag: 'h3' } },
      },
    }
    const after = resolver.resolve(
      { ...sources, around: { [card.id]: changed as unknown as Documents[string] } },
      wide,
    )
    const nodeOf = (page: typeof before, key: string) =>
      all(page.children).find((node) => node.key === key) as BlockNode
    const key = (part: string) => `${id('one')}-${id(part)}`
    expect([nodeOf(before, key('title')).tag, nodeOf(after, key('title')).tag]).toEqual(['p', 'h3'])
    expect(nodeOf(after, key('under'))).toBe(nodeOf(before, key('under')))
    expect(nodeOf(after, id('mine'))).toBe(nodeOf(before, id('mine')))
    expect(resolver.resolve({ ...sources, around: { [card.id]: changed as never } }, wide).children).toEqual(
      after.children,
    )
  })
})

const isles = {
  kind: 'collection',
  id: id('isles'),
  schema: collectionKind.schema,
  records: {
    fields: byId([
      { id: id('name'), order: 'a0', name: 'Name', type: 'text' as const },
      { id: id('people'), order: 'a1', name: 'People', type: 'number' as const },
    ]),
    rows: byId(
      [
        ['orrel', 'Orrel', 120],
        ['hask', 'Hask', 9],
        ['tansay', 'Tansay', undefined],
      ].map(([row, name, people], index) => ({
        id: id(String(row)),
        order: `a${index}`,
        values: { [id('name')]: String(name), ...(people ? { [id('people')]: Number(people) } : {}) },
      })),
    ),
    settings: { collection: { id: 'collection' as const, name: 'Isles' } },
  },
}
const withIsles = (list: Block[]) => sourcesOf(list, { [isles.id]: isles as unknown as Documents[string] })

describe('a series', () => {
  const repeated = (data: object = {}, more: Partial<Block> = {}) => [
    main,
    block('rows', 'series', 'main', { data: { collection: isles.id, ...data } as never }),
    block('row', 'box', 'rows'),
    block('isle', 'text', 'row', { text: says('An isle'), content: { field: id('name') }, ...more }),
  ]

  test('repeats its block over the rows, each saying its own', () => {
    expect(saying(withIsles(repeated()))).toEqual(['Orrel', 'Hask', 'Tansay'])
    const keys = all(resolvePage(withIsles(repeated()), wide).children).map(({ key }) => key)
    expect(new Set(keys).size).toBe(keys.length)
  })

  test('shows rows by a field, in an order, from one on, so many', () => {
    const by = (data: object) => saying(withIsles(repeated(data)))
    expect(by({ by: id('people') })).toEqual(['Hask', 'Orrel', 'Tansay'])
    expect(by({ by: id('people'), isBackwards: true, from: 2, most: 1 })).toEqual(['Orrel'])
    expect(by({ field: id('name'), says: ' hask' })).toEqual(['Hask'])
  })

  test('lets a value differ in one row', () => {
    const otherwise = { rows: { [id('hask')]: { look: { opacity: 0.5 }, data: {} } } }
    const found = all(resolvePage(withIsles(repeated({}, otherwise)), wide).children)
    expect(found.filter(({ name }) => name === 'isle').map(({ look }) => look.opacity)).toEqual([1, 0.5, 1])
  })

  test('stands there a few times, to be drawn on, where its collection is gone or empty', () => {
    const lost = sourcesOf(repeated())
    const texts = all(resolvePage(lost, wide).children).filter(({ name }) => name === 'isle')
    const [text] = texts
    expect(texts).toHaveLength(3)
    expect(words(text.content)).toMatch(/^Text to come/)
    expect(text.isMissing).toBe(true)
  })
})

test('a table lists the rows of a collection, with the fields that are chosen', () => {
  const table = (data: object) =>
    saying(withIsles([main, block('list', 'table', 'main', { data: { collection: isles.id, ...data } })]))
  expect(table({})).toEqual(['Name', 'People', 'Orrel', '120', 'Hask', '9', 'Tansay'])
  expect(table({ fields: [id('people')], most: 2 })).toEqual(['People', '120', '9'])
})

describe('content that stands elsewhere', () => {
  const content = {
    ...emptyContent,
    schema: contentKind.schema,
    records: {
      items: byId([
        {
          id: id('intro'),
          number: 1,
          title: 'Intro',
          kind: 'text' as const,
          state: 'final' as const,
          text: 'Come over.',
        },
        { id: id('later'), number: 2, title: 'Later', kind: 'text' as const, state: 'missing' as const },
      ]),
      counter: {},
    },
  }
  const around = {
    content: content as unknown as Documents[string],
    [isles.id]: isles as unknown as Documents[string],
  }
  const text = (name: string, more: Partial<Block>) =>
    block(name, 'text', 'main', { text: says('Own words'), ...more })

  test('is shown in place of the block’s own words; what is missing is plainly a placeholder', () => {
    const page = sourcesOf(
      [
        main,
        text('a', { content: { item: id('intro') } }),
        text('b', { content: { item: id('later') }, wanted: 30 }),
        text('c', { content: { collection: isles.id, row: id('hask'), field: id('people') } }),
      ],
      around,
    )
    expect(saying(page)).toEqual(['Come over.', 'Text to come text to come text'.slice(0, 30), '9'])
    expect(all(resolvePage(page, wide).children).map(({ isMissing }) => isMissing)).toEqual([
      false,
      false,
      true,
      false,
    ])
  })

  test('the project may ask for placeholders as long as the copy', () => {
    const site = structuredClone(usualSite)
    site.records.settings.site.words = 'placeholder'
    const own = text('a', { text: says('Twenty-five signs of it..') })
    const cells = [['Isle', 'People on it']]
    const table = block('list', 'table', 'main', { data: { cells } })
    const shown = saying({ ...sourcesOf([main, own, table]), site })
    expect(shown).toEqual(['Text to come text to come', 'Text', 'Text to come'])
  })
})

test('rows and values are written as a reader expects them', () => {
  expect(writtenValue('2026-05-31')).toBe('31 May 2026')
  expect([true, false, 12.5, undefined].map(writtenValue)).toEqual(['Yes', 'No', '12.5', ''])
  expect(seriesRows(isles, { most: 2 }).map(({ id }) => id)).toEqual([id('orrel'), id('hask')])
})
