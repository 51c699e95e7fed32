import { compareDocuments, operationsBetween } from '../../document/compare'
import { applyChange } from '../../document/apply'
import { splitParts } from '../../document/splitParts'
import type { ChangePart, Documents, Operation } from '../../document/types'
import { documentKinds } from '../../resolve/documentKinds'
import { usualSite } from '../../site/usualSite'
import { plainStyle } from '../../style/plainStyle'
import { describeChanges } from './describeChanges'

const id = (name: string) => name.padEnd(16, '0')
const put = (collection: string, record: { id: string }): Operation => {
  return { type: 'put', collection, id: record.id, record: record as never }
}
const set = (collection: string, name: string, field: string, value: string): Operation => {
  return { type: 'set', collection, id: id(name), path: [field], value }
}
function after(documents: Documents, operations: Operation[], document = 'site', kind = 'site'): Documents {
  const applied = applyChange(documentKinds, documents, [{ document, kind, operations }])
  expect(applied.outcomes).toEqual([])
  return applied.documents
}

const before = after({ site: usualSite } as unknown as Documents, [
  put('pages', { id: id('home'), order: 'a0', title: 'Home' } as never),
  put('pages', { id: id('fares'), order: 'a0', title: 'Fares', parent: id('home') } as never),
  put('pages', { id: id('help'), order: 'a1', title: 'Help', parent: id('home') } as never),
  put('menus', { id: id('menu'), order: 'a0', name: 'Main', kind: 'main' } as never),
])

test('what changed between two states is said as a designer would', () => {
  const site = after(before, [
    set('pages', 'fares', 'title', 'Prices'),
    set('pages', 'help', 'parent', id('fares')),
    put('pages', { id: id('about'), order: 'a2', title: 'About', parent: id('home') } as never),
    put('sections', { id: id('hero'), page: id('home'), order: 'a0', name: 'Hero' } as never),
    put('menuEntries', { id: id('line'), menu: id('menu'), order: 'a0', page: id('about') } as never),
    set('pages', 'home', 'purpose', 'Says whether boats sail'),
  ])
  const now = after(
    site,
    [put('blocks', { id: id('block'), kind: 'section', order: 'a0' } as never)],
    id('home'),
    'drawing',
  )
  expect(describeChanges(before, now).map(({ stage, says }) => `${stage}: ${says}`)).toEqual([
    'map: “Home”: purpose changed',
    'map: “Fares” is called “Prices” now',
    'map: “Help” moved below “Prices”',
    'map: “About” added',
    'map: Section “Hero” of “Home” added',
    'map: Line “About” in Main added',
    'wireframe: 1 block of “Home” changed',
  ])
  expect(describeChanges(now, now)).toEqual([])
  const shown = after(before, [
    put('boards', { id: id('board'), order: 'a0', name: 'For the mayor' } as never),
    put('artworks', { id: id('art'), order: 'a0', name: 'Coins', width: 800, height: 300 } as never),
  ])
  expect(describeChanges(before, shown).map(({ stage, says }) => `${stage}: ${says}`)).toEqual([
    'mockup: Board “For the mayor” added',
    'mockup: Artwork “Coins” added',
  ])
  const checked = after(before, [
    { type: 'set', collection: 'pages', id: id('home'), path: ['checked', 'map'], value: true },
  ])
  expect(describeChanges(before, checked)).toEqual([
    { stage: 'ledger', about: 'progress', says: '“Home”: what is checked off changed' },
  ])
})

test('restoring gives back the state a version has, records under several parents included', () => {
  const later = after(before, [{ type: 'remove', collection: 'pages', id: id('home') }])
  const full = after(before, [
    put('menuEntries', { id: id('top'), menu: id('menu'), order: 'a0', page: id('home') } as never),
    put('menuEntries', {
      id: id('sub'),
      menu: id('menu'),
      order: 'a0',
      page: id('help'),
      parent: id('top'),
    } as never),
  ])
  const operations = operationsBetween(documentKinds.site, later.site, full.site)
  expect(compareDocuments(documentKinds, after(later, operations), full)).toEqual([])
})

test('a change too large for one is cut in order, nothing lost', () => {
  const operations = Array.from({ length: 100 }, (_, index) =>
    set('pages', `p${index}`, 'title', 'x'.repeat(index)),
  )
  const parts: ChangePart[] = [
    { document: 'site', kind: 'site', operations: operations.slice(0, 60) },
    { document: 'content', kind: 'content', operations: operations.slice(60) },
  ]
  const cut = splitParts(parts, { operations: 25, bytes: 3000 })
  expect(cut.flatMap((change) => change.flatMap((part) => part.operations))).toEqual(operations)
  for (const change of cut) {
    const count = change.reduce((sum, part) => sum + part.operations.length, 0)
    expect(count).toBeLessThanOrEqual(25)
    expect(JSON.stringify(change).length).toBeLessThan(3600)
  }
  expect(splitParts(parts)).toEqual([parts])
})

test('a change of the grid names every figure, before and after, and belongs to the grid', () => {
  const [band] = Object.values(usualSite.records.bands)
  const grid = { ...band.grid, gutter: 20, marginRight: 30 }
  const now = after(before, [
    { type: 'set', collection: 'bands', id: band.id, path: ['grid'], value: grid },
    { type: 'set', collection: 'settings', id: 'site', path: ['lead'], value: band.id },
    { type: 'set', collection: 'pages', id: id('home'), path: ['grids', band.id], value: band.grid },
    put('audience', { id: 'audience', sizes: [[390, 844, 1]] } as never),
  ])
  expect(describeChanges(before, now).map(({ stage, says }) => `${stage}: ${says}`)).toEqual([
    `grid: “Home”: its own grid at ${band.name} changed`,
    `grid: ${band.name}: gutter was 16, is 20`,
    `grid: ${band.name}: right margin was none, is 30`,
    'grid: Audience added',
    `grid: ${band.name} is the lead now`,
  ])
})

test('restoring gives back leaves that are written whole', () => {
  const [band] = Object.values(usualSite.records.bands)
  const changed = after(before, [
    { type: 'set', collection: 'bands', id: band.id, path: ['grid'], value: { ...band.grid, gutter: 20 } },
  ])
  const operations = operationsBetween(documentKinds.site, changed.site, before.site)
  expect(after(changed, operations)).toEqual(before)
})

test('a version in which a token of the style differs is restored', () => {
  const style = { style: plainStyle } as unknown as Documents
  const [colour] = Object.keys(plainStyle.records.tokens)
  const size: Operation = {
    type: 'put',
    collection: 'tokens',
    id: id('gap'),
    record: { id: id('gap'), order: 'b0', name: 'Gap', type: 'length', value: { value: 8, unit: 'px' } },
  }
  const kept = after(style, [size], 'style', 'style')
  const now = after(
    kept,
    [
      { type: 'set', collection: 'tokens', id: colour, path: ['value'], value: '#a63d2a' },
      {
        type: 'set',
        collection: 'tokens',
        id: id('gap'),
        path: ['value'],
        value: { value: 12, unit: 'rem' },
      },
    ],
    'style',
    'style',
  )
  const operations = operationsBetween(documentKinds.style, now.style, kept.style)
  expect(operations).toHaveLength(2)
  expect(after(now, operations, 'style', 'style')).toEqual(kept)
})
