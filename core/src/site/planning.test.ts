import fc from 'fast-check'
import { applyChange } from '../document/apply'
import { migrate } from '../document/migrate'
import type { Documents, Operation, StoredDocument } from '../document/types'
import { connectorPath } from './connector'
import { journeyReport } from './journeyReport'
import { addToMenu, breadcrumb, entryLabel, menuLines, menuSize, moveInMenu } from './menuChanges'
import { mergePages } from './mergePages'
import { duplicateBranch, sectionsShown } from './pageChanges'
import { waysOf } from './reach'
import { siteKind, type Page, type Section, type SiteDocument, type SiteRecords } from './site'
import { pagesInOrder } from './treeOrder'
import { usualSite } from './usualSite'

let count = 0
const newId = () => `n${String(count++).padStart(15, '0')}`
const kinds = { site: siteKind }

function after(site: SiteDocument, operations: Operation[]): SiteDocument {
  const applied = applyChange(kinds, { site } as unknown as Documents, [
    { document: 'site', kind: 'site', operations },
  ])
  expect(applied.outcomes).toEqual([])
  return applied.documents.site as unknown as SiteDocument
}
const outline = (pages: Record<string, Page>) =>
  pagesInOrder(pages).map(({ page, depth }) => `${'-'.repeat(depth)}${page.title}`)
const find = ({ records }: SiteDocument, title: string) =>
  Object.values(records.pages).find((page) => page.title === title) as Page
const bringIn = (
  site: SiteDocument,
  list: string[],
  mode: 'merge' | 'replace' = 'merge',
  below: string | null = null,
) => {
  const incoming = list.map((text) => ({
    title: text.replace(/^-+/, ''),
    depth: text.match(/^-*/)?.[0].length ?? 0,
  }))
  return mergePages(site.records.pages, incoming, below, mode, newId)
}
const start = after(
  usualSite,
  bringIn(usualSite, ['Home', '-Isles', '--Orrel', '--Tansay', '-Fares']).operations,
)

describe('bringing pages in', () => {
  test('merging keeps what is there and adds the rest where it belongs', () => {
    const { operations, added, kept } = bringIn(start, ['home', '-ISLES', '--Hask', '-Help', '--Refunds'])
    expect([added, kept]).toEqual([3, 2])
    const merged = after(start, operations)
    expect(outline(merged.records.pages)).toEqual([
      'Home',
      '-Isles',
      '--Orrel',
      '--Tansay',
      '--Hask',
      '-Fares',
      '-Help',
      '--Refunds',
    ])
    expect(bringIn(merged, ['Home', '-Isles', '--Hask']).operations).toEqual([])
  })
  test('replacing takes all pages away first', () => {
    const { operations, removed } = bringIn(start, ['Start', '-Menu'], 'replace')
    expect(removed).toBe(5)
    expect(outline(after(start, operations).records.pages)).toEqual(['Start', '-Menu'])
  })
  test('any outline comes in as it is written', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(4), { maxLength: 40 }), (wishes) => {
        let before = -1
        const list = wishes.map((wish, index) => {
          before = Math.min(wish, before + 1)
          return `${'-'.repeat(before)}P${index}`
        })
        expect(outline(after(usualSite, bringIn(usualSite, list).operations).records.pages)).toEqual(list)
      }),
      { numRuns: 60, seed: 11 },
    )
  })
})

test('a branch is duplicated with its pages and their sections, after the original', () => {
  const isles = find(start, 'Isles').id
  const section: Section = { id: newId(), page: find(start, 'Orrel').id, order: 'a0', name: 'Walks' }
  const site = after(start, [{ type: 'put', collection: 'sections', id: section.id, record: section }])
  const copy = after(site, duplicateBranch(site.records, isles, newId))
  expect(outline(copy.records.pages)).toEqual([
    'Home',
    '-Isles',
    '--Orrel',
    '--Tansay',
    '-Isles',
    '--Orrel',
    '--Tansay',
    '-Fares',
  ])
  const owners = Object.values(copy.records.sections).map(({ page }) => page)
  expect(new Set(owners).size).toBe(2)
})

test('common sections stand on every page that has not taken them out', () => {
  const sections = Object.fromEntries(
    [
      { id: 'foot', order: 'a1', name: 'Foot', common: 'bottom' as const },
      { id: 'head', order: 'a0', name: 'Head', common: 'top' as const },
      { id: 'hero', order: 'a0', name: 'Hero', page: 'home' },
    ].map((section) => [section.id, section]),
  )
  const pages = Object.fromEntries(
    [
      { id: 'home', order: 'a0', title: '' },
      { id: 'pay', order: 'a1', title: '', without: ['head'] },
      { id: 'weather', order: 'a2', title: '', kind: 'external' as const },
    ].map((page) => [page.id, page]),
  )
  const shown = Object.fromEntries(
    [...sectionsShown({ pages, sections })].map(([page, list]) => [page, list.map(({ name }) => name)]),
  )
  expect(shown).toEqual({ home: ['Head', 'Hero', 'Foot'], pay: ['Foot'], weather: [] })
})

describe('menus', () => {
  const main = { id: newId(), order: 'a0', name: 'Main', kind: 'main' as const }
  const foot = { id: newId(), order: 'a1', name: 'Foot', kind: 'footer' as const }
  const put = (record: typeof main | typeof foot): Operation => ({
    type: 'put',
    collection: 'menus',
    id: record.id,
    record,
  })
  const [isles, orrel, fares] = [newId(), newId(), newId()]
  let site = after(start, [put(main), put(foot)])
  site = after(
    site,
    addToMenu({}, main.id, null, 0, [
      { id: isles, page: find(start, 'Isles').id },
      { id: fares, page: find(start, 'Fares').id, label: 'Prices' },
    ]),
  )
  site = after(
    site,
    addToMenu(site.records.menuEntries, main.id, isles, 0, [{ id: orrel, page: find(start, 'Orrel').id }]),
  )
  const said = (records: SiteRecords, menu: string) =>
    menuLines(records.menuEntries, menu).map(
      ({ entry, depth }) => `${'-'.repeat(depth)}${entryLabel(entry, records.pages)}`,
    )

  test('hold pages under labels of their own, in levels that are counted', () => {
    expect(said(site.records, main.id)).toEqual(['Isles', '-Orrel', 'Prices'])
    expect(menuSize(site.records.menuEntries, main.id)).toEqual({ breadth: 2, depth: 2 })
    expect(menuSize(site.records.menuEntries, foot.id)).toEqual({ breadth: 0, depth: 0 })
  })
  test('a line moves with what stands below it, into another menu as well', () => {
    const moved = after(site, moveInMenu(site.records.menuEntries, isles, foot.id, null, 0))
    expect(said(moved.records, main.id)).toEqual(['Prices'])
    expect(said(moved.records, foot.id)).toEqual(['Isles', '-Orrel'])
  })
  test('a page that is deleted leaves its menus, and undo brings its lines back', () => {
    const documents = { site } as unknown as Documents
    const remove: Operation = { type: 'remove', collection: 'pages', id: find(site, 'Isles').id }
    const gone = applyChange(kinds, documents, [{ document: 'site', kind: 'site', operations: [remove] }])
    expect(said((gone.documents.site as unknown as SiteDocument).records, main.id)).toEqual(['Prices'])
    const back = applyChange(kinds, gone.documents, gone.inverse)
    expect(back.outcomes).toEqual([])
    expect(back.documents.site).toEqual(site)
  })
  test('breadcrumbs follow from the tree, home first', () => {
    const trail = breadcrumb(site.records, find(site, 'Home').id, find(site, 'Orrel').id)
    expect(trail.map(({ title }) => title)).toEqual(['Home', 'Isles', 'Orrel'])
  })
})

test('stops of a journey are numbered through its decisions, with clicks and gaps', () => {
  const [home, isles, fares, orrel] = ['Home', 'Isles', 'Fares', 'Orrel'].map(
    (title) => find(start, title).id,
  )
  const stops = Object.fromEntries(
    [
      ['s1', undefined, home],
      ['s2', 's1', isles],
      ['s3', 's2', orrel],
      ['s4', 's2', fares],
      ['s5', 's4', orrel],
      ['s6', 's5', orrel],
    ].map(([stop, parent, page], index) => [
      stop,
      {
        id: stop as string,
        journey: 'j',
        order: `a${index}`,
        page: page as string,
        ...(parent ? { parent } : {}),
      },
    ]),
  )
  const link = (from: string, to: string) => ({ id: `${from}${to}`, from, to })
  const links = Object.fromEntries(
    [link(home, isles), link(isles, orrel), link(isles, fares)].map((one) => [one.id, one]),
  )
  const records = { ...start.records, links, stops }
  const report = journeyReport(records, waysOf(records), 'j')
  expect(report.stops.map(({ number, clicks, way }) => `${number} ${clicks} ${way?.by ?? 'start'}`)).toEqual([
    '1 0 start',
    '2 1 link',
    '3a 2 link',
    '3b 2 link',
    '3b.1 3 none',
    '3b.2 3 same page',
  ])
  expect(report.gaps.map(({ number }) => number)).toEqual(['3b.1'])
})

test.each([
  ['straight', 'M0 0L40 20'],
  ['stepped', 'M0 0L0 10L40 10L40 20'],
  ['curved', 'M0 0C0 10 40 10 40 20'],
] as const)('a %s connector', (kind, path) => {
  expect(connectorPath(kind, { x: 0, y: 0 }, { x: 40, y: 20 }, 'down')).toBe(path)
})

test('a site of schema 1 reads as one of the present', () => {
  const old = {
    kind: 'site',
    id: 'site',
    schema: 1,
    records: {
      pages: { [find(start, 'Home').id]: find(start, 'Home') },
      sections: {},
      bands: usualSite.records.bands,
      settings: usualSite.records.settings,
    },
  } as unknown as StoredDocument
  const now = migrate(kinds, old) as unknown as SiteDocument
  expect(now.schema).toBe(siteKind.schema)
  expect(Object.keys(now.records).sort()).toEqual(Object.keys(siteKind.collections).sort())
  expect(outline(now.records.pages)).toEqual(['Home'])
})
