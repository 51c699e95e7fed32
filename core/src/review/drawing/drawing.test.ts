import type { Block } from '../../block/block'
import { contentKind } from '../../content/content'
import { applyChange } from '../../document/apply'
import type { Documents } from '../../document/types'
import { documentKinds } from '../../resolve/documentKinds'
import { pageSources } from '../../resolve/pageSources'
import { usualBands, usualSite } from '../../site/usualSite'
import { plainStyle } from '../../style/plainStyle'
import { blocksOf, idOf, type Sketch } from '../../testing/draft'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { px } from '../../units/length'
import type { Finding } from '../finding'
import { drawingFacts } from './drawingFacts'
import { drawingFindings } from './drawingRules'

const PAGE = idOf('page')
const library = shippedFontLibrary()
let count = 0
const newId = () => `n${String(count++).padStart(15, '0')}`
const section = (name: string, more: object = {}) => ({
  id: idOf(name),
  order: `a${name}`,
  page: PAGE,
  name,
  ...more,
})

function project(sketches: Sketch[], sections: string[] = []): Documents {
  const blocks = Object.fromEntries(blocksOf(sketches).map((block) => [block.id, block]))
  const records = {
    ...usualSite.records,
    pages: { [PAGE]: { id: PAGE, order: 'a0', title: 'Fares' } },
    sections: Object.fromEntries(sections.map((name) => [idOf(name), section(name)])),
  }
  const items = {
    [idOf('later')]: { id: idOf('later'), number: 7, title: 'Later', kind: 'text', state: 'missing' },
  }
  return {
    site: { ...usualSite, records },
    style: plainStyle,
    content: { kind: 'content', id: 'content', schema: contentKind.schema, records: { items, counter: {} } },
    [PAGE]: { kind: 'drawing', id: PAGE, schema: documentKinds.drawing.schema, records: { blocks } },
  } as unknown as Documents
}
function findingsOn(documents: Documents): Finding[] {
  const sources = pageSources(documents, PAGE)
  return drawingFindings(drawingFacts(sources.site.records.pages[PAGE], sources, 'Larder', library, newId))
}
const by = (findings: Finding[], rule: string) => findings.filter((one) => one.rule === rule)
function mended(documents: Documents, [{ fix }]: Finding[]): Documents {
  const applied = applyChange(documentKinds, documents, fix?.parts ?? [])
  expect(applied.outcomes).toEqual([])
  return applied.documents
}

const text = (name: string, more: Partial<Sketch> = {}): Sketch => ({
  kind: 'text',
  name,
  text: [{ insert: 'Words' }],
  ...more,
})
const main = (holds: Sketch[], more: Partial<Sketch> = {}): Sketch => ({
  kind: 'section',
  name: 'main',
  section: idOf('main'),
  holds,
  ...more,
})

test('a drawing that says what the map plans, with names and room for all, has no finding', () => {
  expect(
    findingsOn(project([main([text('one')])], ['main'])).filter(({ rule }) => rule !== 'sectionsAstray'),
  ).toEqual([])
})

test('what runs out is named with its band, its page and by how much', () => {
  const wide: Sketch = { kind: 'box', name: 'wide', place: { width: px(500) } }
  const found = by(findingsOn(project([main([wide])], ['main'])), 'runsOut')
  expect(found).toEqual([
    {
      rule: 'runsOut',
      severity: 'serious',
      place: { collection: 'blocks', id: idOf('wide'), page: PAGE, band: usualBands.narrow },
      bands: [usualBands.narrow],
      says: expect.stringMatching(/^wide runs out of the page by 1\d\d px on “Fares” at Narrow\.$/),
    },
  ])
})

test('content that is missing, or whose source was deleted, is named by its number', () => {
  const sketches = [
    main([
      text('a', { content: { item: idOf('later') } }),
      text('b', { content: { item: idOf('nothing') } }),
    ]),
  ]
  const found = by(findingsOn(project(sketches, ['main'])), 'contentNotThere')
  expect(found.map(({ says }) => says)).toEqual([
    'a on “Fares” has no content yet: C-007.',
    'b on “Fares” has no content yet: what it came from is gone.',
  ])
})

test('sections planned and not drawn are drawn by the fix, and sections nobody planned are put on the map', () => {
  let documents = project([main([text('one')], { section: undefined })], ['prices'])
  const astray = () => by(findingsOn(documents), 'sectionsAstray')
  const about = (words: string) => astray().filter(({ says }) => says.includes(words))
  expect(about('prices is planned')).toHaveLength(1)
  documents = mended(documents, about('prices is planned'))
  expect(about('prices')).toEqual([])
  documents = mended(documents, about('main on “Fares” is no section'))
  expect(about('main')).toEqual([])
  const { sections } = documents.site.records
  expect(Object.values(sections).map(({ name }) => name)).toContain('main')
})

test('what names something that was deleted is found: pages, menus, collections and shared blocks', () => {
  const gone = idOf('gone')
  const sketches = [
    main([
      { kind: 'link', name: 'link', data: { to: { page: gone } } },
      { kind: 'nav', name: 'nav', data: { menu: gone } },
      { kind: 'series', name: 'series', data: { collection: gone } },
      { kind: 'copy', name: 'copy', data: { shared: gone } },
      { kind: 'link', name: 'fine', data: { to: { page: PAGE } } },
    ]),
  ]
  const found = by(findingsOn(project(sketches, ['main'])), 'leadsNowhere')
  expect(found.map(({ says }) => says)).toEqual(
    ['link', 'nav', 'series', 'copy'].map((name, index) => {
      const what = ['page', 'menu', 'collection', 'shared block'][index]
      return `${name} on “Fares” names a ${what} that was deleted.`
    }),
  )
})

test('tokens and levels that were deleted are found where a block, a band or a row names them', () => {
  const gone = idOf('gone')
  const narrow = {
    look: { border: { top: { width: px(1), line: 'solid' as const, colour: { token: gone } } } },
  }
  const sketches = [
    main([
      text('ground', { look: { fill: { token: gone } } }),
      text('line', { at: { [usualBands.narrow]: narrow } }),
      text('gap', { arrange: { padding: { top: { token: gone } } } }),
      text('words', { look: { level: gone } }),
      text('fine', { look: { fill: { hex: '#ffffff' } } }),
    ]),
  ]
  const found = by(findingsOn(project(sketches, ['main'])), 'leadsNowhere')
  expect(found.map(({ says }) => says)).toEqual([
    ...['ground', 'line', 'gap'].map((name) => `${name} on “Fares” names a token that was deleted.`),
    'words on “Fares” names a type level that was deleted.',
  ])
})

test('blocks without a name get one each, and names used twice are numbered', () => {
  const nameless = (id: string, more: Partial<Sketch> = {}) => ({ ...text(id, more) })
  let documents = project([main([nameless('a', { tag: 'h2' }), nameless('b'), nameless('c')])], ['main'])
  const blocks = () => documents[PAGE].records.blocks as unknown as Record<string, Block>
  for (const id of ['a', 'b']) delete blocks()[idOf(id)].name
  blocks()[idOf('c')].name = 'main'
  documents = mended(documents, by(findingsOn(documents), 'unnamed'))
  documents = mended(documents, by(findingsOn(documents), 'sameName'))
  expect(['a', 'b', 'c'].map((id) => blocks()[idOf(id)].name)).toEqual([
    'main heading',
    'main text',
    'main 2',
  ])
  expect([...by(findingsOn(documents), 'unnamed'), ...by(findingsOn(documents), 'sameName')]).toEqual([])
})
