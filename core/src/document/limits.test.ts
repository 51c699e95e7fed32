import { documentKinds } from '../resolve/documentKinds'
import { usualSite } from '../site/usualSite'
import { applyChange } from './apply'
import { DEEPEST_JSON, jsonTrouble, mendedJson } from './jsonTrouble'
import { MOST_RECORDS } from './kind'
import type { Documents, Operation } from './types'

const start = { site: usualSite } as unknown as Documents
const id = (number: number) => `p${String(number).padStart(15, '0')}`
const put = (number: number, parent?: number): Operation => {
  const record = {
    id: id(number),
    order: 'a0',
    title: 'x',
    ...(parent === undefined ? {} : { parent: id(parent) }),
  }
  return { type: 'put', collection: 'pages', id: record.id, record }
}
const move = (number: number, parent: number): Operation => {
  return { type: 'set', collection: 'pages', id: id(number), path: ['parent'], value: id(parent) }
}
const apply = (documents: Documents, ...operations: Operation[]) =>
  applyChange(documentKinds, documents, [{ document: 'site', kind: 'site', operations }])
const chain = (from: number, count: number) =>
  Array.from({ length: count }, (_, at) => put(from + at, at ? from + at - 1 : undefined))

describe('what every site needs', () => {
  const bands = Object.keys(usualSite.records.bands)
  const remove = (collection: string, one: string): Operation => ({ type: 'remove', collection, id: one })
  test.each<[string, Operation[], string]>([
    ['its settings', [remove('settings', 'site')], 'every site needs its settings'],
    ['all bands', bands.map((band) => remove('bands', band)), 'every site needs a band'],
  ])('%s cannot be taken away', (_what, operations, reason) => {
    const { refused, outcomes, documents } = apply(start, ...operations)
    expect([refused, outcomes[0].reason]).toEqual([true, reason])
    expect(documents).toBe(start)
  })
  test('but may be replaced in one change', () => {
    const settings = usualSite.records.settings.site
    const again: Operation = { type: 'put', collection: 'settings', id: 'site', record: { ...settings } }
    expect(apply(start, remove('settings', 'site'), again).outcomes).toEqual([])
  })
  test('and a document that is only being made may lack them yet', () => {
    expect(apply({}, put(1)).outcomes).toEqual([])
  })
})

describe('how much there is room for', () => {
  test('a collection holds so many records, however they come and go', () => {
    const full = apply(start, ...Array.from({ length: MOST_RECORDS }, (_, at) => put(at)))
    expect(full.outcomes).toEqual([])
    const { refused, outcomes } = apply(full.documents, put(MOST_RECORDS))
    expect([refused, outcomes[0].reason]).toEqual([
      true,
      'a site holds at most 20,000 pages; delete some first',
    ])
    const swap = [{ type: 'remove', collection: 'pages', id: id(7) } as Operation, put(MOST_RECORDS)]
    expect(apply(full.documents, ...swap).outcomes).toEqual([])
    expect(apply(full.documents, ...swap, put(MOST_RECORDS + 1)).refused).toBe(true)
  })

  test('pages stand 2,500 deep in one another, no deeper, whether they are made there or moved', () => {
    const deep = apply(start, ...chain(0, 2500)).documents
    expect(Object.keys(deep.site.records.pages)).toHaveLength(2500)
    expect(apply(deep, put(9000, 2499)).outcomes[0].reason).toBe('it would stand more than 2,500 deep')
    expect(apply(deep, put(9000, 2498)).outcomes).toEqual([])
    const withBranch = apply(deep, ...chain(5000, 10)).documents
    expect(apply(withBranch, move(5000, 2489)).outcomes).toEqual([])
    expect(apply(withBranch, move(5000, 2490)).outcomes[0].reason).toBe('it would stand more than 2,500 deep')
  })
})

describe('JSON from outside', () => {
  test.each([
    [{ a: ['fine', { b: '😀' }] }, undefined],
    [{ a: ['x', { b: '\ud83d' }] }, /^a\.1\.b holds half a character/],
    ['\0', /^It holds/],
    [{ ['\udc00']: 1 }, /has a name that holds/],
    [[[[1]]], undefined],
  ])('%j', (value, expected) => {
    if (expected) expect(jsonTrouble(value)).toMatch(expected)
    else expect(jsonTrouble(value)).toBeUndefined()
  })
  test('is refused when it is nested without end, and looked at without recursion', () => {
    const nested = (depth: number) => JSON.parse('['.repeat(depth) + ']'.repeat(depth)) as unknown
    expect(jsonTrouble(nested(DEEPEST_JSON))).toBeUndefined()
    expect(jsonTrouble(nested(DEEPEST_JSON + 1))).toContain('deep')
    expect(jsonTrouble(nested(200_000))).toContain('deep')
  })
  test('is mended where it is ours, and left alone where nothing is wrong', () => {
    const fine = { a: ['x'] }
    expect(mendedJson(fine)).toBe(fine)
    expect(mendedJson({ a: ['\ud83dx', { ['b\0']: '\0' }], n: null, c: 4 })).toEqual({
      a: ['\uFFFDx', { b: '' }],
      n: null,
      c: 4,
    })
  })
})
