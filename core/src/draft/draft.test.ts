import fc from 'fast-check'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { blockSchema, refusesParent, type Block } from '../block/block'
import { applyChange } from '../document/apply'
import type { Documents } from '../document/types'
import { documentKinds } from '../resolve/documentKinds'
import { emptyContent } from '../content/content'
import { eachBox, PageLayouter } from '../layout/pageLayout'
import { bandsOf, resolvePage } from '../resolve/resolvePage'
import type { Page, Section, SiteDocument } from '../site/site'
import { usualSite } from '../site/usualSite'
import { overflowsOf } from '../snap/overflows'
import { placeBlocks } from '../snap/drawnPage'
import { plainStyle } from '../style/plainStyle'
import { usualEnvironment } from '../units/environment'
import { newLength } from '../units/newLength'
import { draftPages } from './draftPages'
import { contentFor } from './contentFor'
import { draftPage } from './draftPage'
import { planPage, type DraftSources, type PlannedSection } from './planPage'
import { guessPattern } from './guessPattern'
import { guessSections } from './guessSections'
import { usualChoice, type Chosen, type Pattern } from './pattern'
import { patternById, patterns } from './patterns'
import { placePieces } from './placePieces'

const library = shippedFontLibrary()
const idOf = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^a-z]/g, '')
    .padEnd(16, '0')
    .slice(0, 16)
const ids = () => {
  let count = 0
  return () => `made${String(count++).padStart(12, '0')}`
}
const page = (title: string, parent?: string, more: Partial<Page> = {}): Page => ({
  id: idOf(title),
  order: 'a0',
  title,
  ...(parent ? { parent: idOf(parent) } : {}),
  ...more,
})
const byId = <T extends { id: string }>(list: T[]) => Object.fromEntries(list.map((one) => [one.id, one]))
function sourcesOf(pages: Page[], sections: Section[] = []): DraftSources {
  const records = { ...usualSite.records, pages: byId(pages), sections: byId(sections) }
  return { site: { ...usualSite, records }, content: emptyContent, style: plainStyle, name: 'Larder' }
}
const bakery = sourcesOf([
  page('Home'),
  page('Bread', 'Home'),
  page('Cakes', 'Home'),
  page('Contact', 'Home'),
])

function laidOut(site: SiteDocument, blocks: Block[], band: string, width: number) {
  const drawing = { kind: 'drawing' as const, id: idOf('Home'), schema: 2, records: { blocks: byId(blocks) } }
  const resolved = resolvePage({ drawing, site, style: plainStyle }, band)
  return new PageLayouter(library).layout(resolved, { ...usualEnvironment, viewportWidth: width })
}

/** All that can be chosen of a pattern, one parameter at a time at its ends. */
function choicesOf(pattern: Pattern): Chosen[] {
  const usual = usualChoice(pattern)
  return [
    usual,
    ...pattern.parameters.flatMap((parameter) => {
      const values =
        parameter.type === 'count'
          ? [parameter.least, parameter.most]
          : parameter.type === 'tick'
            ? [true, false]
            : Object.keys(parameter.options)
      return values.map((value) => ({ ...usual, [parameter.name]: value }))
    }),
  ]
}

describe.each(patterns)('$label', (pattern) => {
  const home = bakery.site.records.pages[idOf('Home')]
  const content = contentFor(bakery, home, { name: 'A part', pattern, chosen: {} })
  const drawn = choicesOf(pattern).map((chosen) =>
    placePieces(pattern.make(content, chosen), bandsOf(bakery.site), ids()),
  )

  test('is made of blocks that may stand where they stand', () => {
    for (const blocks of drawn) {
      const known = byId(blocks)
      for (const block of blocks) {
        expect(blockSchema.safeParse(block).error).toBeUndefined()
        expect(refusesParent(block.parent ? known[block.parent] : undefined, block)).toBeUndefined()
      }
    }
  })

  test('fits every band, from the narrowest window up', () => {
    for (const blocks of drawn)
      for (const [band, widths] of [
        ['bandnarrow000000', [320, 390, 679]],
        ['bandmedium000000', [680, 834]],
        ['bandwide00000000', [1120, 1440, 1920]],
      ] as const)
        for (const width of widths) {
          const layout = laidOut(bakery.site, blocks, band, width)
          const over = overflowsOf({
            blocks: byId(blocks),
            placed: placeBlocks(layout, { document: idOf('Home') }),
            width,
            height: layout.height,
            at: { bands: bandsOf(bakery.site), band },
            write: (px) => newLength(px, undefined, usualEnvironment),
            lines: { x: [], y: [] },
            hintKinds: new Set(),
            scale: [],
          })
          expect(over.filter(({ side }) => side === 'left' || side === 'right')).toEqual([])
          eachBox(layout, (box, x) => expect(x + box.w).toBeLessThanOrEqual(width + 0.5))
        }
  })
})

test('blocks hold the values of every band, whichever of them leads', () => {
  const [pattern] = patterns.filter(({ id }) => id === 'cards')
  const home = bakery.site.records.pages[idOf('Home')]
  const piece = pattern.make(
    contentFor(bakery, home, { name: 'Cards', pattern, chosen: {} }),
    usualChoice(pattern),
  )
  const heights = (lead: string) => {
    const settings = { site: { ...bakery.site.records.settings.site, lead } }
    const site = { ...bakery.site, records: { ...bakery.site.records, settings } }
    const blocks = placePieces(piece, bandsOf(site), ids())
    return bandsOf(site).inOrder.map(({ id, drawnAt }) => laidOut(site, blocks, id, drawnAt).height)
  }
  const wide = heights('bandwide00000000')
  expect(heights('bandnarrow000000')).toEqual(wide)
  expect(heights('bandmedium000000')).toEqual(wide)
})

test.each([
  ['Hero', 'hero-beside'],
  ['Fares', 'prices'],
  ['Frequent questions', 'questions'],
  ['What others say', 'quotes'],
  ['Our team', 'people'],
  ['Opening hours', 'timetable'],
  ['Newsletter', 'sign-up'],
  ['Photo gallery', 'gallery'],
  ['How it works', 'steps'],
  ['Latest news', 'latest'],
])('a section called %s is drawn as %s', (name, id) => {
  expect(guessPattern(name, { isFirst: false, isHome: false }).id).toBe(id)
})

test('a list of titles alone is enough: sections are guessed from title, place and children', () => {
  const { pages } = bakery.site.records
  const guess = (title: string) => guessSections(pages, pages[idOf(title)]).map(({ pattern }) => pattern)
  expect(guess('Home')).toEqual(['hero-beside', 'cards', 'words-and-picture', 'quotes', 'call-to-action'])
  expect(guess('Contact')).toEqual(['page-title', 'contact', 'place'])
  expect(guess('Bread')[0]).toBe('page-title')
})

test('a page is drawn with its planned sections between the common ones, each of its section of the map', () => {
  const section = (name: string, more: Partial<Section>): Section => ({
    id: idOf(name),
    order: 'a0',
    name,
    ...more,
  })
  const sources = sourcesOf(
    [page('Home'), page('Bread', 'Home', { purpose: 'Shows what is baked' })],
    [
      section('Top', { common: 'top' }),
      section('Prices', { page: idOf('Bread'), order: 'a1', pattern: 'prices', chosen: { count: 2 } }),
      section('Opening', { page: idOf('Bread'), order: 'a2', pattern: 'timetable' }),
      section('End', { common: 'bottom' }),
    ],
  )
  const bread = sources.site.records.pages[idOf('Bread')]
  const blocks = draftPage(sources, bread, ids())
  const tops = blocks.filter(({ parent }) => !parent)
  expect(tops.map(({ name, section: of }) => [name, of])).toEqual([
    ['Top', idOf('Top')],
    // None of its own sections begins a page.
    ['Title of the page', undefined],
    ...['Prices', 'Opening', 'End'].map((name) => [name, idOf(name)]),
  ])
  expect(tops.map(({ tag }) => tag)).toEqual(['header', undefined, undefined, undefined, 'footer'])
  const orders = tops.map(({ order }) => order)
  expect([...orders].sort()).toEqual(orders)
  const offers = blocks.filter(({ kind, text }) => kind === 'button' && text?.[0].insert === 'Take this')
  expect(offers).toHaveLength(2)
  expect(planPage(sources, bread).map(({ pattern }) => pattern.id)).toEqual([
    'header',
    'page-title',
    'prices',
    'timetable',
    'footer',
  ])
})

test('whatever pages are called, they can be drawn', () => {
  fc.assert(
    fc.property(
      fc.array(fc.string({ maxLength: 60, unit: 'binary' }), { minLength: 1, maxLength: 6 }),
      (titles) => {
        const pages = titles.map((title, index) => ({
          ...page(`p${'abcdef'[index]}`, index ? 'pa' : undefined),
          title,
        }))
        const sources = sourcesOf(pages)
        for (const one of pages)
          for (const block of draftPage(sources, one, ids()))
            expect(blockSchema.safeParse(block).success).toBe(true)
      },
    ),
    { numRuns: 40 },
  )
})

test('drafting all pages is one change, which gives the map the sections it lacked', () => {
  const newId = ids()
  const { site } = bakery
  const making = draftPages(bakery, Object.values(site.records.pages), newId)
  let step = making.next()
  const told: number[] = []
  for (; !step.done; step = making.next()) told.push(step.value)
  expect(told).toEqual([1, 2, 3, 4])
  const applied = applyChange(documentKinds, { site } as unknown as Documents, step.value)
  expect(applied.outcomes).toEqual([])
  const { sections, menus, menuEntries } = (applied.documents.site as unknown as SiteDocument).records
  const [main] = Object.values(menus)
  const lines = Object.values(menuEntries).filter(({ menu }) => menu === main.id)
  expect(lines.map(({ page: leads }) => leads)).toEqual(['Bread', 'Cakes', 'Contact'].map(idOf))
  expect(
    Object.values(sections)
      .filter(({ common }) => common)
      .map(({ name }) => name),
  ).toEqual(['Header', 'Footer'])
  for (const { id } of Object.values(site.records.pages)) {
    const tops = Object.values(applied.documents[id].records.blocks).filter(({ parent }) => !parent)
    expect(tops.length).toBeGreaterThan(3)
    for (const top of tops) expect(sections[String(top.section)]).toBeDefined()
  }
  const undone = applyChange(documentKinds, applied.documents, applied.inverse)
  expect((undone.documents.site as unknown as SiteDocument).records.sections).toEqual({})
})

test('a section called after another page lists what is below that; names that say what it is made of head nothing', () => {
  const named = (name: string, pattern: string): PlannedSection => ({
    name,
    pattern: patternById(pattern) as Pattern,
    chosen: {},
  })
  const pages = [...Object.values(bakery.site.records.pages), page('Rye', 'Bread'), page('Wheat', 'Bread')]
  const sources = sourcesOf(pages)
  const [home] = pages
  const content = contentFor(sources, home, named('bread', 'cards'))
  expect(content.parts.map(({ title }) => title)).toEqual(['Rye', 'Wheat'])
  expect(content.to).toEqual({ page: idOf('Bread') })
  const heading = (name: string, pattern: string) =>
    contentFor(sources, pages[1], named(name, pattern)).heading
  expect(heading('form', 'contact')).toBe('Write to us')
  expect(heading('list of breads', 'cards')).toBe('Breads')
  expect(heading('what guests say', 'quotes')).toBe('What guests say')
})

test('a page whose own sections do not begin one gets its title, on the map as in the drawing', () => {
  const bread = page('Bread', 'Home')
  const sources = sourcesOf(
    [page('Home'), bread],
    [{ id: idOf('prices'), order: 'a0', page: bread.id, name: 'Prices' }],
  )
  const making = draftPages(sources, [bread], ids())
  let step = making.next()
  while (!step.done) step = making.next()
  const puts = step.value
    .filter(({ kind }) => kind === 'site')
    .flatMap(({ operations }) => operations.flatMap((one) => (one.type === 'put' ? [one.record] : [])))
  expect(puts.map(({ name, page: on }) => [name, on])).toContainEqual(['Title of the page', bread.id])
  const drawn = step.value.find(({ document }) => document === bread.id)
  const titles = drawn?.operations.filter((one) => one.type === 'put' && one.record.tag === 'h1')
  expect(titles).toHaveLength(1)
})
