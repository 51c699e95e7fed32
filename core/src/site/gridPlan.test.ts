import { applyChange } from '../document/apply'
import { migrate } from '../document/migrate'
import type { Documents, Operation, StoredDocument } from '../document/types'
import { clearGuides, putGuides } from '../edit/guideChanges'
import { documentKinds } from '../resolve/documentKinds'
import type { SiteDocument } from './site'
import { usualBands, usualSite } from './usualSite'

const id = (name: string) => name.padEnd(16, '0')
let made = 0
const newId = () => `made${String(made++).padStart(12, '0')}`
const put = (collection: string, record: { id: string }): Operation => {
  return { type: 'put', collection, id: record.id, record: record as never }
}
function after(documents: Documents, operations: Operation[]) {
  return applyChange(documentKinds, documents, [{ document: 'site', kind: 'site', operations }])
}
const before = after({ site: usualSite } as unknown as Documents, [
  put('pages', { id: id('home'), order: 'a0', title: 'Home' } as never),
]).documents
const guidesOf = ({ site }: Documents) => Object.values((site as unknown as SiteDocument).records.guides)

test('a site of schema 2 gains what the grid is planned with and mockups are shown in, and keeps what it has', () => {
  const { pages, bands, settings } = usualSite.records
  const old = {
    kind: 'site',
    id: 'site',
    schema: 2,
    records: { pages, bands, settings },
  } as unknown as StoredDocument
  const now = migrate(documentKinds, old) as unknown as SiteDocument
  expect(now.schema).toBe(6)
  expect(now.records.bands).toEqual(bands)
  for (const name of [
    'guides',
    'guideSets',
    'screens',
    'frames',
    'browserTabs',
    'audience',
    'savedGrids',
    'pageStates',
    'overlays',
    'boards',
    'alternatives',
    'artworks',
    'solids',
    'credits',
    'ignoredFindings',
  ] as const)
    expect(now.records[name]).toEqual({})
})

test('guides stand where they are put, and go with their page or band', () => {
  const guides = [
    ...putGuides([{ axis: 'x', at: { px: 64 } }], { page: id('home') }, newId),
    ...putGuides([{ axis: 'x', at: { percent: 50 } }], { band: usualBands.narrow }, newId),
    ...putGuides([{ axis: 'y', at: { row: 2, edge: 'end' } }], {}, newId),
  ]
  const { documents, outcomes } = after(before, guides)
  expect(outcomes).toEqual([])
  expect(guidesOf(documents)).toHaveLength(3)
  const without = (collection: string, gone: string) =>
    guidesOf(after(documents, [{ type: 'remove', collection, id: gone }]).documents).map(({ at }) => at)
  expect(without('pages', id('home'))).toEqual([{ percent: 50 }, { row: 2, edge: 'end' }])
  expect(without('bands', usualBands.narrow)).toEqual([{ px: 64 }, { row: 2, edge: 'end' }])
})

test('clearing guides leaves those that are locked', () => {
  const guide = { id: id('a'), axis: 'x' as const, at: { px: 1 } }
  const locked = { ...guide, id: id('b'), locked: true }
  expect(clearGuides([guide, locked])).toEqual([{ type: 'remove', collection: 'guides', id: guide.id }])
})

test.each([
  ['a guide at no place', 'guides', { axis: 'x', at: { px: 'far' } }],
  ['a guide at two', 'guides', { axis: 'x', at: { px: 1, percent: 2 } }],
  ['a screen without a size', 'screens', { order: 'a0', name: 'None', width: 0, height: 900, ratio: 1 }],
  [
    'a frame with a part of its own making',
    'frames',
    { order: 'a0', name: 'F', parts: [{ part: 'menu', side: 'top', size: 9 }] },
  ],
  ['a grid wider than any page', 'savedGrids', { name: 'G', grid: { columns: 12, gutter: 5000, margin: 0 } }],
  ['a question without words', 'gridQuestions', { order: 'a0', text: '' }],
])('%s is refused with a reason', (_what, collection, record) => {
  const { outcomes, documents } = after(before, [put(collection, { id: id('new'), ...record } as never)])
  expect(outcomes).toHaveLength(1)
  expect(outcomes[0].reason.length).toBeGreaterThan(5)
  expect(documents.site.records[collection]).toEqual({})
})

test('an audience counts windows, not words', () => {
  const sizes = (found: unknown) =>
    after(before, [put('audience', { id: 'audience', sizes: found } as never)]).outcomes
  expect(sizes([[1440, 900, 12]])).toEqual([])
  for (const wrong of [[['wide', 900, 1]], [[1440, 900]], [[1440, 900, -1]], [[0, 900, 1]]])
    expect(sizes(wrong)).toHaveLength(1)
})
