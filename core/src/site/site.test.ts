import fc from 'fast-check'
import { applyChange } from '../document/apply'
import { childrenOf } from '../document/tree'
import type { Documents, Operation } from '../document/types'
import { pageAddresses, pathFromTitle } from './address'
import { addPages, isBelow, movePage } from './pageChanges'
import { mergePages } from './mergePages'
import { siteKind, type Page } from './site'
import { treeLayout } from './treeLayout'

const kinds = { site: siteKind }
let count = 0
const newId = () => `p${String(count++).padStart(15, '0')}`

function after(pages: Record<string, Page>, operations: Operation[]): Record<string, Page> {
  const site = {
    kind: 'site',
    id: 'site',
    schema: 1,
    records: { pages, sections: {}, bands: {}, settings: {} },
  }
  const applied = applyChange(kinds, { site } as unknown as Documents, [
    { document: 'site', kind: 'site', operations },
  ])
  expect(applied.outcomes).toEqual([])
  return applied.documents.site.records.pages as unknown as Record<string, Page>
}
const titles = (pages: Record<string, Page>, parent: string | null) =>
  childrenOf(pages, parent).map(({ title }) => title)
const find = (pages: Record<string, Page>, title: string) =>
  Object.values(pages).find((page) => page.title === title) as Page

const list = [
  { title: 'Home', depth: 0 },
  { title: 'Isles', depth: 1 },
  { title: 'Orrel', depth: 2 },
  { title: 'Tansay', depth: 2 },
  { title: 'Fares', depth: 1 },
]
const start = after({}, mergePages({}, list, null, 'merge', newId).operations)

test('an indented list becomes a tree in its order', () => {
  const home = find(start, 'Home')
  expect(titles(start, null)).toEqual(['Home'])
  expect(titles(start, home.id)).toEqual(['Isles', 'Fares'])
  expect(titles(start, find(start, 'Isles').id)).toEqual(['Orrel', 'Tansay'])
  const more = after(
    start,
    mergePages(
      start,
      [
        { title: 'Help', depth: 0 },
        { title: 'Refunds', depth: 1 },
      ],
      home.id,
      'merge',
      newId,
    ).operations,
  )
  expect(titles(more, home.id)).toEqual(['Isles', 'Fares', 'Help'])
})

test('pages are added and moved to a place among their siblings', () => {
  const home = find(start, 'Home').id
  expect(titles(after(start, addPages(start, home, 1, [{ id: newId(), title: 'Freight' }])), home)).toEqual([
    'Isles',
    'Freight',
    'Fares',
  ])
  const moved = after(start, movePage(start, find(start, 'Fares').id, home, 0))
  expect(titles(moved, home)).toEqual(['Fares', 'Isles'])
  const inside = after(start, movePage(start, find(start, 'Fares').id, find(start, 'Isles').id, 1))
  expect(titles(inside, find(start, 'Isles').id)).toEqual(['Orrel', 'Fares', 'Tansay'])
  expect(isBelow(inside, find(start, 'Fares').id, home)).toBe(true)
})

test('addresses follow the tree, home standing at the root', () => {
  const addresses = pageAddresses(start)
  expect(Object.values(start).map(({ id }) => addresses.get(id))).toEqual(
    ['/', '/isles', '/fares', '/isles/orrel', '/isles/tansay'].sort((a, b) => order(a) - order(b)),
  )
  function order(address: string) {
    return Object.values(start).findIndex(({ id }) => addresses.get(id) === address)
  }
  expect(pathFromTitle('Bikes & Pets: what’s allowed?')).toBe('bikes-pets-whats-allowed')
  expect(pathFromTitle('  ')).toBe('')
})

test('the tree is drawn tidily: no overlap, parents over the middle of their children (Reingold and Tilford)', () => {
  const anyTree = fc.array(fc.nat(1000), { minLength: 1, maxLength: 40 })
  const size = { width: 132, gap: 20, level: 190 }
  fc.assert(
    fc.property(anyTree, (parents) => {
      const pages: Record<string, Page> = {}
      parents.forEach((wish, index) => {
        const parent = index && wish % (index + 1)
        pages[`p${index}`] = {
          id: `p${index}`,
          order: `a${String(index).padStart(3, '0')}`,
          title: '',
          ...(parent ? { parent: `p${parent - 1}` } : {}),
        }
      })
      const cards = treeLayout(pages, size)
      expect(cards).toHaveLength(parents.length)
      for (const depth of new Set(cards.map((card) => card.depth))) {
        const row = cards.filter((card) => card.depth === depth).sort((a, b) => a.x - b.x)
        row
          .slice(1)
          .forEach((card, index) =>
            expect(card.x - row[index].x).toBeGreaterThanOrEqual(size.width + size.gap - 1e-6),
          )
      }
      for (const card of cards) {
        const children = cards.filter(({ page }) => page.parent === card.page.id)
        if (children.length === 0) continue
        expect(card.x).toBeCloseTo((children[0].x + children[children.length - 1].x) / 2, 6)
      }
    }),
    { numRuns: 60, seed: 5 },
  )
})

test('branches of the same shape are drawn the same, wherever they stand (Reingold and Tilford)', () => {
  const shape = fc.array(fc.nat(1000), { minLength: 1, maxLength: 12 })
  const size = { width: 132, gap: 20, level: 190 }
  fc.assert(
    fc.property(shape, fc.integer({ min: 1, max: 6 }), (wishes, between) => {
      const pages: Record<string, Page> = { root: { id: 'root', order: 'a0', title: '' } }
      const branch = (name: string, order: string) =>
        wishes.forEach((wish, index) => {
          const parent = index ? `${name}${wish % index}` : 'root'
          const id = `${name}${index}`
          pages[id] = { id, parent, order: index ? `a${String(index).padStart(3, '0')}` : order, title: '' }
        })
      branch('first', 'b0')
      for (let index = 0; index < between; index++)
        pages[`leaf${index}`] = { id: `leaf${index}`, parent: 'root', order: `c${index}`, title: '' }
      branch('last', 'd0')
      const at = new Map(treeLayout(pages, size).map((card) => [card.page.id, card]))
      const from = (name: string, index: number) => {
        const [top, card] = [at.get(`${name}0`), at.get(`${name}${index}`)]
        return [(card?.x ?? 0) - (top?.x ?? 0), (card?.y ?? 0) - (top?.y ?? 0)]
      }
      wishes.forEach((_, index) => {
        const [dx, dy] = from('first', index)
        const [ex, ey] = from('last', index)
        expect(dx).toBeCloseTo(ex, 6)
        expect(dy).toBeCloseTo(ey, 6)
      })
    }),
    { numRuns: 60, seed: 6 },
  )
})
