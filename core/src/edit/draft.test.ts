import type { Block } from '../block/block'
import { applyChange } from '../document/apply'
import type { Documents, Operation } from '../document/types'
import { pageHtml } from '../markup/pageHtml'
import { documentKinds } from '../resolve/documentKinds'
import { bandsOf, resolveAllBands, resolvePage } from '../resolve/resolvePage'
import { siblingsAtBand } from '../resolve/siblings'
import { blockValue } from '../resolve/blockLayers'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { px } from '../units/length'
import {
  copyBlocks,
  insertBlocks,
  moveBlocks,
  outermost,
  removeBlocks,
  setLeaf,
  spotBeside,
} from './blockChanges'

const { narrow, medium, wide } = usualBands
const bands = bandsOf(usualSite)
const at = (band: string) => ({ bands, band })
const id = (name: string) => name.padEnd(16, '0')
let count = 0
const newId = () => id(`new${String.fromCharCode(97 + count++)}`)

const block = (
  name: string,
  kind: Block['kind'],
  parent?: string,
  order = name,
  more: Partial<Block> = {},
): Block => ({
  id: id(name),
  kind,
  order: `a${order}`,
  ...(parent ? { parent: id(parent) } : {}),
  name,
  ...more,
})
const start = Object.fromEntries(
  [
    block('hero', 'section'),
    block('words', 'box', 'hero', '1'),
    block('head', 'text', 'words', '1', {
      tag: 'h1',
      text: [
        { insert: 'Boats & ' },
        { insert: 'isles', attributes: { bold: true, link: 'https://skerrin.example/?a=1&b=2' } },
      ],
    }),
    block('lead', 'text', 'words', '2'),
    block('photo', 'picture', 'hero', '2'),
    block('notes', 'section'),
  ].map((one) => [one.id, one]),
)

function after(blocks: Record<string, Block>, operations: Operation[]): Record<string, Block> {
  const drawing = { kind: 'drawing', id: id('page'), schema: 3, records: { blocks } }
  const applied = applyChange(documentKinds, { [drawing.id]: drawing } as unknown as Documents, [
    { document: drawing.id, kind: 'drawing', operations },
  ])
  expect(applied.outcomes).toEqual([])
  return applied.documents[drawing.id].records.blocks as unknown as Record<string, Block>
}
const order = (blocks: Record<string, Block>, parent: string | null, band = wide) =>
  siblingsAtBand(blocks, parent && id(parent), at(band)).map((one) => blocks[one.id].name)
const sources = (blocks: Record<string, Block>) => ({
  drawing: { kind: 'drawing', id: id('page'), schema: 3, records: { blocks } },
  site: usualSite,
  style: plainStyle,
})

describe('changing blocks', () => {
  test('a value of the lead band stands on the block, another band’s beside it', () => {
    let blocks = after(start, setLeaf([id('words')], ['arrange', 'gap'], px(40) as never, at(wide)))
    blocks = after(blocks, setLeaf([id('words')], ['arrange', 'gap'], px(12) as never, at(medium)))
    const gap = (band: string) => blockValue(blocks[id('words')], ['arrange', 'gap'], at(band))
    expect(gap(wide)).toEqual({ value: px(40), source: { from: 'record' } })
    expect(gap(medium)).toEqual({ value: px(12), source: { from: 'band', band: medium } })
    expect(gap(narrow)).toEqual({ value: px(12), source: { from: 'band', band: medium } })
    const givenBack = after(blocks, setLeaf([id('words')], ['arrange', 'gap'], undefined, at(medium)))
    expect(givenBack[id('words')].at).toBeUndefined()
  })

  test('blocks move within and between parents, keeping their order', () => {
    expect(
      order(
        after(start, moveBlocks(start, [id('photo')], { parent: id('hero'), index: 0 }, at(wide))),
        'hero',
      ),
    ).toEqual(['photo', 'words'])
    const moved = after(
      start,
      moveBlocks(start, [id('head'), id('lead')], { parent: id('notes'), index: 0 }, at(wide)),
    )
    expect(order(moved, 'notes')).toEqual(['head', 'lead'])
    expect(order(moved, 'words')).toEqual([])
  })

  test('at another band the order is its own', () => {
    const moved = after(start, moveBlocks(start, [id('photo')], { parent: id('hero'), index: 0 }, at(narrow)))
    expect(order(moved, 'hero', narrow)).toEqual(['photo', 'words'])
    expect(order(moved, 'hero', wide)).toEqual(['words', 'photo'])
  })

  test('copies bring what stands in them, once', () => {
    expect(outermost(start, [id('head'), id('hero'), id('words')])).toEqual([id('hero')])
    const made = copyBlocks(start, [id('words'), id('head')], newId)
    const blocks = after(start, insertBlocks(start, { parent: id('hero'), index: 1 }, made, at(wide)))
    expect(order(blocks, 'hero')).toEqual(['words', 'words', 'photo'])
    expect(Object.keys(blocks)).toHaveLength(9)
    expect(Object.keys(after(blocks, removeBlocks(blocks, [made[0][0].id, id('hero')])))).toEqual([
      id('notes'),
    ])
  })

  test.each([
    ['text', 'head', { parent: id('words'), index: 1 }],
    ['text', 'hero', { parent: id('hero'), index: 2 }],
    ['section', 'lead', { parent: null, index: 1 }],
    ['button', undefined, { parent: id('notes'), index: 0 }],
  ] as const)('a new %s beside %s finds its place', (kind, selected, spot) => {
    expect(spotBeside(start, { kind }, selected && id(selected), at(wide))).toEqual(spot)
  })

  test('beside tabs a new text comes after them, and a box becomes one of their panes', () => {
    const blocks = { ...start, [id('tabs')]: block('tabs', 'tabs', 'notes', '1') }
    const beside = (kind: 'text' | 'box') => spotBeside(blocks, { kind }, id('tabs'), at(wide))
    expect(beside('text')).toEqual({ parent: id('notes'), index: 1 })
    expect(beside('box')).toEqual({ parent: id('tabs'), index: 0 })
  })
})

describe('markup', () => {
  const html = (blocks: Record<string, Block>) => {
    const all = sources(blocks)
    return pageHtml({
      bands: bands.inOrder,
      lead: bands.lead,
      pages: resolveAllBands(all),
      title: 'A <title>',
      language: 'en',
      fonts: [],
      pictureAddress: () => 'data:,',
    })
  }
  const rulesIn = (page: string, query: string) => page.split(`@media ${query} {\n`)[1]?.split('\n}')[0] ?? ''

  test('is semantic and escaped', () => {
    const page = html(start)
    expect(page).toContain('<title>A &lt;title&gt;</title>')
    expect(page).toContain(
      '<h1 class="head">Boats &amp; <a href="https://skerrin.example/?a=1&amp;b=2"><strong>isles</strong></a></h1>',
    )
    expect(page).toContain('<section class="hero">')
    expect(page).toContain('<p class="lead"><br></p>')
  })

  test('writes for a band only what differs from its neighbour nearer the lead, and sets back what is gone', () => {
    let blocks = after(start, setLeaf([id('lead')], ['place', 'maxWidth'], px(600) as never, at(wide)))
    blocks = after(blocks, setLeaf([id('lead')], ['place', 'maxWidth'], 'none', at(medium)))
    blocks = after(blocks, setLeaf([id('photo')], ['hidden'], true, at(narrow)))
    const page = html(blocks)
    expect(page).toMatch(/^\.lead \{.*max-width: 600px/m)
    expect(rulesIn(page, '(width < 1120px)')).toContain('.lead { max-width: none }')
    expect(rulesIn(page, '(width < 680px)')).not.toContain('.lead')
    expect(rulesIn(page, '(width < 680px)')).toMatch(/\.photo \{ display: none/)
  })

  test('a band with an order of its own reorders by CSS, the HTML keeping the lead’s', () => {
    const blocks = after(
      start,
      moveBlocks(start, [id('photo')], { parent: id('hero'), index: 0 }, at(narrow)),
    )
    const page = html(blocks)
    expect(page.indexOf('class="words"')).toBeLessThan(page.indexOf('class="photo"'))
    expect(rulesIn(page, '(width < 680px)')).toMatch(/\.photo \{[^}]*order: 0/)
    expect(rulesIn(page, '(width < 680px)')).toMatch(/\.words \{[^}]*order: 1/)
  })
})

test('a block that is gone from a band is gone from its tree', () => {
  const blocks = after(start, setLeaf([id('words')], ['hidden'], true, at(medium)))
  const names = (band: string) =>
    resolvePage(sources(blocks), band).children[0].children.map(({ name }) => name)
  expect(names(wide)).toEqual(['words', 'photo'])
  expect(names(medium)).toEqual(['photo'])
  expect(names(narrow)).toEqual(['photo'])
})
