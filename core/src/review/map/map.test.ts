import fc from 'fast-check'
import { emptyContent, type ContentItem } from '../../content/content'
import { applyChange } from '../../document/apply'
import type { Documents } from '../../document/types'
import { documentKinds } from '../../resolve/documentKinds'
import { writeCheckList } from '../../formats/checkList'
import { writePagesCsv } from '../../formats/pagesCsv'
import { clickDepths, waysOf } from '../../site/reach'
import type { Page, SiteDocument, SiteRecords } from '../../site/site'
import { treeLayout } from '../../site/treeLayout'
import { usualSite } from '../../site/usualSite'
import type { Finding } from '../finding'
import { jobSize } from './jobSize'
import { mapFacts } from './mapFacts'
import { mapFindings } from './mapRules'
import { hasReferences, referencesTo } from './pageReferences'

let count = 0
const newId = () => `n${String(count++).padStart(15, '0')}`
const id = (name: string) => name.padEnd(16, '0')

/** A site from `title` or `title<parent`, each planned as a page should be. */
function siteOf(pages: string[], more: Partial<SiteRecords> = {}): SiteDocument {
  const records = pages.map((text, index): Page => {
    const [title, parent] = text.split('<')
    const order = `a${String(index).padStart(4, '0')}`
    return { id: id(title), order, title, purpose: 'p', goal: 'g', ...(parent ? { parent: id(parent) } : {}) }
  })
  const keyed = Object.fromEntries(records.map((page) => [page.id, page]))
  const sections = Object.fromEntries(
    records.map((page) => {
      const own = { id: `s${page.id.slice(0, 15)}`, page: page.id, order: 'a0', name: `On ${page.title}` }
      return [own.id, own]
    }),
  )
  return { ...usualSite, records: { ...usualSite.records, pages: keyed, sections, ...more } }
}
const link = (from: string, to: string) => ({ id: id(`l${from}${to}`), from: id(from), to: id(to) })
const keyed = <T extends { id: string }>(records: T[]) =>
  Object.fromEntries(records.map((one) => [one.id, one]))
const menu = { id: id('menu'), order: 'a0', name: 'Main', kind: 'main' as const }
const entry = (page: string, parent?: string) => ({
  id: id(`e${page}`),
  menu: menu.id,
  order: `a${page}`,
  page: id(page),
  ...(parent ? { parent: id(`e${parent}`) } : {}),
})

const findingsOf = (site: SiteDocument, items: ContentItem[] = []) =>
  mapFindings(mapFacts(site, { ...emptyContent, records: { items: keyed(items), counter: {} } }, newId))
const rules = (findings: Finding[]) =>
  findings.map(({ rule, place }) => `${rule} ${place.id.replace(/(?<!0)0+$/, '')}`)

/** The site after a finding's fix. */
function mended(site: SiteDocument, { fix }: Finding, items: ContentItem[] = []): Finding[] {
  const content = { ...emptyContent, records: { items: keyed(items), counter: {} } }
  const documents = { site, content } as unknown as Documents
  const applied = applyChange(documentKinds, documents, fix?.parts ?? [])
  expect(applied.outcomes).toEqual([])
  return mapFindings(
    mapFacts(applied.documents.site as unknown as SiteDocument, applied.documents.content as never, newId),
  )
}

test('a well-planned site gives no finding', () => {
  const site = siteOf(['home', 'fares<home', 'help<home'], {
    menus: keyed([menu]),
    menuEntries: keyed([entry('fares'), entry('help')]),
  })
  expect(findingsOf(site)).toEqual([])
})

test('a page without a way to it is found, and mended by a link from the page above', () => {
  const site = siteOf(['home', 'fares<home', 'passes<fares'], { links: keyed([link('home', 'fares')]) })
  const [found] = findingsOf(site)
  expect(rules(findingsOf(site))).toEqual(['unreachable passes'])
  expect(found.fix?.label).toBe('Link to it from “fares”')
  expect(mended(site, found)).toEqual([])
})

test('with no page above that can be reached, a menu takes it', () => {
  const site = siteOf(['home', 'lone'], { menus: keyed([menu]) })
  const [found] = findingsOf(site)
  expect(found.fix?.label).toBe('Add it to Main')
  expect(mended(site, found)).toEqual([])
})

test('a page reached by links alone stands in no menu; it is added below its parent’s line', () => {
  const site = siteOf(['home', 'fares<home', 'passes<fares'], {
    menus: keyed([menu]),
    menuEntries: keyed([entry('fares')]),
    links: keyed([link('fares', 'passes')]),
  })
  const found = findingsOf(site)
  expect(rules(found)).toEqual(['inNoMenu passes'])
  const put = found[0].fix?.parts[0].operations.at(-1)
  expect(put).toMatchObject({ record: { parent: id('efares') } })
})

test('limits speak only when they are set', () => {
  const records = {
    menus: keyed([menu]),
    menuEntries: keyed([entry('a'), entry('b', 'a'), entry('c', 'b'), entry('d')]),
    links: keyed([link('d', 'e')]),
  }
  const pages = ['home', 'a', 'b', 'c', 'd', 'e']
  expect(rules(findingsOf(siteOf(pages, records)))).toEqual(['inNoMenu e'])
  const settings = {
    site: { ...usualSite.records.settings.site, limits: { menuBreadth: 1, menuDepth: 2, clicks: 1 } },
  }
  expect(findingsOf(siteOf(pages, { ...records, settings })).map(({ says }) => says)).toEqual([
    '“e” stands in no menu.',
    '“e” is 2 clicks from home; the limit is 1.',
    'The menu Main has 2 lines at one level; the limit is 1.',
    'The menu Main has 3 levels; the limit is 2.',
  ])
})

test('titles and paths used twice, pages without purpose, goal or section', () => {
  const site = siteOf(['home', 'one<home', 'two<home'], {
    menus: keyed([menu]),
    menuEntries: keyed([entry('one'), entry('two')]),
  })
  const two = site.records.pages[id('two')]
  site.records.pages[two.id] = { ...two, title: ' ONE ', goal: undefined }
  delete site.records.sections[id('stwo')]
  const found = findingsOf(site)
  expect(rules(found)).toEqual(['sameTitle two', 'samePath two', 'noSections two', 'noPurpose two'])
  const path = found.find(({ rule }) => rule === 'samePath') as Finding
  expect(path.fix?.label).toBe('Keep the path “one-2”')
  expect(rules(mended(site, path))).not.toContain('samePath two')
})

test('a journey breaks where no menu and no link leads on, and is mended by the link', () => {
  const stop = (page: string, parent?: string) => ({
    id: id(`t${page}`),
    journey: id('journey'),
    order: 'a0',
    page: id(page),
    ...(parent ? { parent: id(`t${parent}`) } : {}),
  })
  const site = siteOf(['home', 'fares<home', 'buy<fares'], {
    menus: keyed([menu]),
    menuEntries: keyed([entry('fares')]),
    links: keyed([link('home', 'buy')]),
    journeys: keyed([{ id: id('journey'), order: 'a0', name: 'Buy' }]),
    stops: keyed([stop('home'), stop('fares', 'home'), stop('buy', 'fares'), stop('gone', 'buy')]),
  })
  const found = findingsOf(site).filter(({ rule }) => rule === 'brokenJourney')
  expect(found.map(({ says }) => says)).toEqual([
    'Buy, stop 3: no menu and no link leads from “fares” to “buy”.',
    'Buy, stop 4: its page is gone.',
  ])
  expect(mended(site, found[0]).filter(({ rule }) => rule === 'brokenJourney')).toHaveLength(1)
})

test('content that is missing, astray or numbered twice', () => {
  const site = siteOf(['home'])
  const item = (number: number, more: Partial<ContentItem>): ContentItem => {
    return { id: newId(), number, title: 'T', kind: 'text', state: 'final', ...more }
  }
  const items = [item(1, { state: 'missing', owner: 'Ann' }), item(2, { page: id('lost') }), item(2, {})]
  const found = findingsOf(site, items)
  expect(found.map(({ says }) => says)).toEqual([
    'C-001 T is missing; Ann delivers it.',
    'C-002 T belongs to a page that is gone.',
    'C-002 is used twice; once for “T”.',
  ])
  for (const one of found.slice(1))
    expect(mended(site, one, items).map(({ rule }) => rule)).not.toContain(one.rule)
})

/** Depths the plain way: widen the set of reached pages step by step until nothing is added. */
function plainDepths({ pages, menuEntries, links }: SiteRecords, home: string): Record<string, number> {
  const depths: Record<string, number> = { [home]: 0 }
  for (let depth = 1; depth <= Object.keys(pages).length; depth++) {
    const last = Object.keys(depths).filter((page) => depths[page] === depth - 1)
    const next = [
      ...Object.values(links)
        .filter(({ from }) => last.includes(from))
        .map(({ to }) => to),
      ...(last.length ? Object.values(menuEntries).map(({ page }) => page as string) : []),
    ]
    for (const page of next) depths[page] ??= depth
  }
  return depths
}

test('clicks from home are those of a breadth-first search by hand', () => {
  const sizes = fc.record({
    links: fc.array(fc.tuple(fc.nat(11), fc.nat(11)), { maxLength: 20 }),
    entries: fc.uniqueArray(fc.nat(11), { maxLength: 3 }),
  })
  const names = Array.from({ length: 12 }, (_, index) => `p${String.fromCharCode(97 + index)}`)
  fc.assert(
    fc.property(sizes, ({ links, entries }) => {
      const site = siteOf(names, {
        menus: keyed([menu]),
        menuEntries: keyed(entries.map((at) => entry(names[at]))),
        links: keyed(links.map(([from, to]) => link(names[from], names[to]))),
      })
      const found = Object.fromEntries(clickDepths(waysOf(site.records)))
      expect(found).toEqual(plainDepths(site.records, id(names[0])))
    }),
    { numRuns: 200, seed: 9 },
  )
})

test('before a page is deleted, all that refers to it is named', () => {
  const site = siteOf(['home', 'fares<home'], {
    menus: keyed([menu]),
    menuEntries: keyed([entry('fares')]),
    links: keyed([link('home', 'fares')]),
    journeys: keyed([{ id: id('journey'), order: 'a0', name: 'Buy' }]),
    stops: keyed([{ id: id('stop'), journey: id('journey'), order: 'a0', page: id('fares') }]),
  })
  const items = keyed([
    {
      id: newId(),
      number: 7,
      title: 'Prices',
      kind: 'text' as const,
      state: 'draft' as const,
      page: id('fares'),
    },
  ])
  const found = referencesTo(site.records, items, new Set([id('fares')]))
  expect(found).toEqual({ menus: ['Main: fares'], journeys: ['Buy'], links: 1, content: ['C-007 Prices'] })
  expect(hasReferences(referencesTo(site.records, items, new Set([id('home')])))).toBe(false)
})

test('the size of the job counts templates, sections that differ and content to write', () => {
  const site = siteOf(['home', 'isle<home', 'more<home'])
  site.records.pages[id('isle')].template = { each: 'one per isle', count: 5 }
  const [first, second] = Object.values(site.records.sections)
  first.pattern = 'cards'
  second.pattern = 'Cards '
  const items = [{ id: newId(), number: 1, title: '', kind: 'text' as const, state: 'draft' as const }]
  const facts = mapFacts(site, { ...emptyContent, records: { items: keyed(items), counter: {} } }, newId)
  expect(jobSize(facts)).toEqual({ pages: 3, templates: 1, standFor: 5, uniqueSections: 2, toWrite: 1 })
})

test('a chain of 2,000 pages is looked through by every rule, and taken away in every form', () => {
  const titles = Array.from({ length: 2000 }, (_, index) => `p${10_000 + index}`)
  const site = siteOf(titles.map((title, index) => (index ? `${title}<${titles[index - 1]}` : title)))
  const facts = mapFacts(site, emptyContent, newId)
  expect(mapFindings(facts).length).toBeGreaterThan(0)
  expect(jobSize(facts).pages).toBe(2000)
  expect(writePagesCsv(site.records).split('\r\n')).toHaveLength(2002)
  expect(writeCheckList('Chain', site.records, [])).toContain('**p11999**')
  expect(treeLayout(site.records.pages, { width: 200, gap: 20, level: 90 })).toHaveLength(2000)
})
