import { emptyContent } from '../content/content'
import { applyChange } from '../document/apply'
import type { Documents, Operation } from '../document/types'
import { inOrder } from '../document/tree'
import type { DrawingDocument } from '../drawing/drawing'
import { documentKinds } from '../resolve/documentKinds'
import type { Page, Section, SiteDocument } from '../site/site'
import { usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import type { DraftSources } from './planPage'
import { draftPages } from './draftPages'
import { applyDifference, mapDifference, type Difference } from './mapDifference'

const page: Page = { id: 'pagefares0000000', order: 'a0', title: 'Fares' }
const section = (name: string, order: string): Section => {
  return { id: `sec${name.toLowerCase()}`.padEnd(16, '0'), page: page.id, order, name }
}
const planned = [section('Hero', 'a1'), section('Prices', 'a2'), section('Questions', 'a3')]
let documents: Documents
let count: number
const newId = () => `made${String(count++).padStart(12, '0')}`

const sourcesOf = (): DraftSources => ({
  site: documents.site as unknown as SiteDocument,
  content: emptyContent,
  style: plainStyle,
  name: 'Larder',
})
const blocks = () => (documents[page.id] as unknown as DrawingDocument).records.blocks
const change = (document: string, kind: string, operations: Operation[]) => {
  const applied = applyChange(documentKinds, documents, [{ document, kind, operations }])
  expect(applied.outcomes).toEqual([])
  documents = applied.documents
}
const onMap = (...operations: Operation[]) => change('site', 'site', operations)
const differences = () => mapDifference(sourcesOf(), page, blocks())
const apply = (one: Difference) =>
  change(page.id, 'drawing', applyDifference(sourcesOf(), page, blocks(), one, newId))
const tops = () => inOrder(Object.values(blocks()).filter(({ parent }) => !parent)).map(({ name }) => name)
const set = (id: string, field: string, value: string): Operation => {
  return { type: 'set', collection: 'sections', id, path: [field], value }
}

beforeEach(() => {
  count = 0
  const records = {
    ...usualSite.records,
    pages: { [page.id]: page },
    sections: Object.fromEntries(planned.map((one) => [one.id, one])),
  }
  documents = { site: { ...usualSite, records } } as unknown as Documents
  const making = draftPages(sourcesOf(), [page], newId)
  let step = making.next()
  while (!step.done) step = making.next()
  documents = applyChange(documentKinds, documents, step.value).documents
})

test('a page as it was drafted says what the map plans', () => {
  expect(tops()).toEqual(['Header', 'Hero', 'Prices', 'Questions', 'Footer'])
  expect(differences()).toEqual([])
})

test('what changed on the map is shown as single steps, and each applied brings the drawing there', () => {
  const [hero, prices, asked] = planned
  const added = { ...section('Quotes', 'a2V'), purpose: 'What guests say' }
  onMap(
    { type: 'put', collection: 'sections', id: added.id, record: added as never },
    { type: 'remove', collection: 'sections', id: prices.id },
    set(asked.id, 'name', 'Frequent questions'),
    set(hero.id, 'order', 'a9'),
  )
  const found = differences()
  expect(found.map(({ type, name }) => `${type} ${name}`)).toEqual([
    'add Quotes',
    'rename Frequent questions',
    'move Hero',
    'take out Prices',
  ])
  found.forEach(apply)
  expect(tops()).toEqual(['Header', 'Quotes', 'Frequent questions', 'Hero', 'Footer'])
  expect(differences()).toEqual([])
})

test('what was drawn by hand is no difference, and stays when others are applied', () => {
  const own = { id: 'handmade00000000', kind: 'section', order: 'a001V', name: 'By hand' }
  change(page.id, 'drawing', [{ type: 'put', collection: 'blocks', id: own.id, record: own }])
  expect(differences()).toEqual([])
  const [hero] = planned
  onMap({ type: 'remove', collection: 'sections', id: hero.id })
  differences().forEach(apply)
  expect(tops()).toEqual(['Header', 'By hand', 'Prices', 'Questions', 'Footer'])
})
