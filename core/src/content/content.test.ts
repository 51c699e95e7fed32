import { applyChange } from '../document/apply'
import type { Documents, Operation } from '../document/types'
import { collectionKind, type CollectionDocument } from './collection'
import { fieldsOf, fillFromTable, guessType, readValue } from './collectionChanges'
import {
  addContentItems,
  contentKind,
  contentNumber,
  emptyContent,
  nextContentNumber,
  type ContentDocument,
} from './content'

let count = 0
const newId = () => `i${String(count++).padStart(15, '0')}`
const kinds = { content: contentKind, collection: collectionKind }

function after<T>(document: T & { kind: string; id: string }, operations: Operation[]): T {
  const documents = { [document.id]: document } as unknown as Documents
  const applied = applyChange(kinds, documents, [{ document: document.id, kind: document.kind, operations }])
  expect(applied.outcomes).toEqual([])
  return applied.documents[document.id] as unknown as T
}

test('content items are numbered in turn, and a number is never used again', () => {
  let content: ContentDocument = after(
    emptyContent,
    addContentItems(emptyContent, [{ id: newId() }, { id: newId() }]),
  )
  expect(Object.values(content.records.items).map(({ number }) => contentNumber(number))).toEqual([
    'C-001',
    'C-002',
  ])
  const last = Object.values(content.records.items)[1].id
  content = after(content, [{ type: 'remove', collection: 'items', id: last }])
  expect(nextContentNumber(content)).toBe(3)
  content = after(content, addContentItems(content, [{ id: newId(), title: 'Fares' }]))
  expect(Object.values(content.records.items).map(({ number }) => number)).toEqual([1, 3])
  expect(contentNumber(12_345)).toBe('C-12345')
})

test.each([
  ['number', '12,5', 12.5],
  ['number', '1 200', 1200],
  ['date', '2024-02-29', '2024-02-29'],
  ['yesNo', 'Yes', true],
  ['yesNo', '0', false],
  ['address', 'https://skerrin.example/a', 'https://skerrin.example/a'],
  ['text', '  as it is ', '  as it is '],
] as const)('a %s reads from %j', (type, words, value) => {
  expect(readValue(type, words)).toEqual({ value })
})

test.each([
  ['number', 'twelve'],
  ['date', '2023-02-29'],
  ['date', '31.5.2026'],
  ['yesNo', 'perhaps'],
  ['address', 'javascript:alert(1)'],
] as const)('a %s does not read from %j', (type, words) => {
  expect(readValue(type, words)).toHaveProperty('reason')
})

test('the type of a column is the strictest all its values are', () => {
  expect(guessType(['1', '2.5', ''])).toBe('number')
  expect(guessType(['yes', 'no'])).toBe('yesNo')
  expect(guessType(['2026-05-31', 'soon'])).toBe('text')
})

test('a table fills a collection: rows replaced, fields kept by name, what does not fit remarked', () => {
  const empty: CollectionDocument = {
    kind: 'collection',
    id: newId(),
    schema: 1,
    records: { fields: {}, rows: {}, settings: {} },
  }
  const first = after(
    empty,
    fillFromTable(
      empty,
      ['Isle', 'People'],
      [
        ['Orrel', '120'],
        ['Tansay', '45'],
      ],
      newId,
    ).operations,
  )
  expect(fieldsOf(first).map(({ name, type }) => `${name} ${type}`)).toEqual(['Isle text', 'People number'])
  const { operations, remarks } = fillFromTable(
    first,
    ['people', 'Isle', 'Quay'],
    [['many', 'Hask', 'east']],
    newId,
  )
  const second = after(first, operations)
  const [row] = Object.values(second.records.rows)
  const [isle, people, quay] = fieldsOf(second)
  expect(Object.keys(second.records.rows)).toHaveLength(1)
  expect(row.values).toEqual({ [isle.id]: 'Hask', [quay.id]: 'east' })
  expect(people.type).toBe('number')
  expect(remarks).toEqual([{ row: 1, remark: expect.stringContaining('no number') }])
  expect(() =>
    fillFromTable(
      empty,
      ['a'],
      Array.from({ length: 10_001 }, () => ['x']),
      newId,
    ),
  ).toThrow(RangeError)
})

test('a row that says the same in the first column stays that row when a table is filled in again', () => {
  const empty: CollectionDocument = {
    kind: 'collection',
    id: newId(),
    schema: 1,
    records: { fields: {}, rows: {}, settings: {} },
  }
  const fill = (document: CollectionDocument, rows: string[][]) =>
    after(document, fillFromTable(document, ['Isle', 'People'], rows, newId).operations)
  const first = fill(empty, [
    ['Orrel', '120'],
    ['Tansay', '45'],
    ['Orrel', '7'],
  ])
  const idsOf = (document: CollectionDocument) =>
    Object.values(document.records.rows)
      .sort((a, b) => (a.order < b.order ? -1 : 1))
      .map(({ id, values }) => [id, Object.values(values ?? {})[0]])
  const [orrel, tansay, again] = idsOf(first).map(([id]) => id)
  const second = idsOf(
    fill(first, [
      ['Hask', '9'],
      ['Tansay', '50'],
      ['Orrel', '121'],
      ['Orrel', '8'],
      ['Orrel', '1'],
    ]),
  )
  expect(second.slice(1, 4).map(([id]) => id)).toEqual([tansay, orrel, again])
  expect([orrel, tansay, again]).not.toContain(second[0][0])
  expect([orrel, tansay, again]).not.toContain(second[4][0])
})
