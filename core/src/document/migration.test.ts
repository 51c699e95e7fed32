import fc from 'fast-check'
import { CORNERS } from '../block/sides'
import { fourCorners } from '../drawing/fourCorners'
import { pictureData } from '../drawing/pictureData'
import { documentKinds } from '../resolve/documentKinds'
import { plainStyle } from '../style/plainStyle'
import { applyChange } from './apply'
import { markedParts, migrate, migratedParts, UnknownSchema } from './migrate'
import type {
  ChangePart,
  Documents,
  Json,
  Operation,
  PutOperation,
  SetOperation,
  StoredDocument,
  StoredRecord,
} from './types'

const PAGE = 'page000000000001'
const BAND = 'bandnarrow000000'
const BLOCKS = ['block00000000001', 'block00000000002', 'block00000000003']
const parts = (...operations: Operation[]): ChangePart[] => [{ document: PAGE, kind: 'drawing', operations }]
const px = (value: number): Json => ({ value, unit: 'px' })
const all = (length: Json) => Object.fromEntries(CORNERS.map((corner) => [corner, length]))

/** A drawing of schema 1 after operations of schema 1, written as servers wrote it then. */
function asItWas(operations: Operation[]): StoredDocument {
  const blocks: Record<string, StoredRecord> = {}
  for (const operation of operations) {
    if (operation.type === 'put') blocks[operation.id] ??= structuredClone(operation.record)
    else if (operation.type === 'remove') delete blocks[operation.id]
    else if (operation.type === 'set' && blocks[operation.id]) {
      let here = blocks[operation.id] as Record<string, Json>
      for (const key of operation.path.slice(0, -1)) here = (here[key] ??= {}) as Record<string, Json>
      const last = operation.path.at(-1) as string
      if (operation.value === undefined) delete here[last]
      else here[last] = operation.value
    }
  }
  return { kind: 'drawing', id: PAGE, schema: 1, records: { blocks } }
}

const put = (id: string, more: object = {}): Operation => {
  return {
    type: 'put',
    collection: 'blocks',
    id,
    record: { id, order: 'a0', kind: 'section', ...more } as StoredRecord,
  }
}
const set = (id: string, path: string[], value?: Json): SetOperation => {
  return { type: 'set', collection: 'blocks', id, path, ...(value === undefined ? {} : { value }) }
}

test('one radius becomes one for each corner, on the block, at bands, and where a band is as the kind', () => {
  const old = put(BLOCKS[0], {
    look: { radius: px(4), opacity: 0.5 },
    at: {
      [BAND]: { look: { radius: px(2) } },
      other: { without: { 'look.radius': true, 'look.fill': true } },
    },
  })
  const [after] = fourCorners.operation?.(old) as [Extract<Operation, { type: 'put' }>]
  expect(after.record).toMatchObject({
    look: { radius: all(px(4)), opacity: 0.5 },
    at: {
      [BAND]: { look: { radius: all(px(2)) } },
      other: {
        without: {
          'look.fill': true,
          ...Object.fromEntries(CORNERS.map((corner) => [`look.radius.${corner}`, true])),
        },
      },
    },
  })
})

test('a log written under an earlier schema is replayed with nothing refused, and gives what it gave', () => {
  const id = fc.constantFrom(...BLOCKS)
  const length = fc.integer({ min: 0, max: 40 }).map((value) => px(value))
  const operation = fc.oneof(
    fc.tuple(id, length).map(([one, radius]) => put(one, { look: { radius } })),
    id.map((one) => put(one)),
    fc.tuple(id, length).map(([one, radius]) => set(one, ['look', 'radius'], radius)),
    id.map((one) => set(one, ['look', 'radius'])),
    fc.tuple(id, length).map(([one, radius]) => set(one, ['at', BAND, 'look', 'radius'], radius)),
    id.map((one) => set(one, ['at', BAND, 'without', 'look.radius'], true)),
    fc.tuple(id, length).map(([one, gap]) => set(one, ['arrange', 'gap'], gap)),
    id.map((one): Operation => ({ type: 'remove', collection: 'blocks', id: one })),
  )
  const clean = (document: StoredDocument) =>
    JSON.parse(JSON.stringify(document.records.blocks), (_key, value: Json) => {
      const isEmpty =
        typeof value === 'object' &&
        value !== null &&
        !Array.isArray(value) &&
        Object.keys(value).length === 0
      return isEmpty ? undefined : value
    }) as unknown
  fc.assert(
    fc.property(fc.array(operation, { minLength: 1, maxLength: 25 }), (log) => {
      let documents: Documents = {}
      for (const one of log) {
        const applied = applyChange(documentKinds, documents, migratedParts(documentKinds, parts(one)))
        expect(applied.refused).toBe(false)
        documents = applied.documents
      }
      expect(clean(documents[PAGE]) ?? {}).toEqual(clean(migrate(documentKinds, asItWas(log))) ?? {})
    }),
    { numRuns: 200, seed: 11 },
  )
})

describe('what a picture holds becomes leaves of its own', () => {
  const picture = { asset: 'asset00000000001', width: 40, height: 30, alt: 'Quay' }
  const file = { asset: 'asset00000000001', width: 40, height: 30 }
  test('on a block, and off one that is no picture', () => {
    const [after] = pictureData.operation?.(put(BLOCKS[0], { kind: 'picture', picture })) as [PutOperation]
    expect(after.record).toMatchObject({ kind: 'picture', data: { file, alt: 'Quay' } })
    expect(after.record).not.toHaveProperty('picture')
    const [other] = pictureData.operation?.(put(BLOCKS[0], { picture })) as [PutOperation]
    expect(other.record).toEqual({ id: BLOCKS[0], order: 'a0', kind: 'section' })
  })
  test('in changes, their inverses, and where it is cleared', () => {
    const change = set(BLOCKS[0], ['picture'], picture)
    expect(pictureData.operation?.(change)).toEqual([
      set(BLOCKS[0], ['data', 'file'], file),
      set(BLOCKS[0], ['data', 'alt'], 'Quay'),
    ])
    expect(pictureData.operation?.({ ...set(BLOCKS[0], ['picture']), over: { value: picture } })).toEqual([
      { ...set(BLOCKS[0], ['data', 'file']), over: { value: file } },
      { ...set(BLOCKS[0], ['data', 'alt']), over: { value: 'Quay' } },
    ])
  })
  test('so that a log of pictures is replayed with nothing refused, and gives what a kept drawing gives', () => {
    const log = [
      put(BLOCKS[0]),
      put(BLOCKS[1], { kind: 'picture', parent: BLOCKS[0], picture }),
      set(BLOCKS[1], ['picture'], { ...picture, alt: '' }),
      set(BLOCKS[1], ['picture'], { ...picture, width: 80 }),
    ]
    const { documents, outcomes } = applyChange(
      documentKinds,
      {},
      migratedParts(documentKinds, parts(...log)),
    )
    expect(outcomes).toEqual([])
    expect(documents[PAGE].records).toEqual(migrate(documentKinds, asItWas(log)).records)
  })
})

test('what is made now says its schema and is not migrated again', () => {
  const now = markedParts(documentKinds, parts(put(BLOCKS[0], { look: { radius: all(px(4)) } })))
  expect(now[0].schema).toBe(documentKinds.drawing.schema)
  expect(migratedParts(documentKinds, now)).toEqual(now)
  const undo = {
    ...set(BLOCKS[0], ['look', 'radius'], px(1)),
    over: { value: px(4) },
  }
  expect(migratedParts(documentKinds, parts(undo))[0].operations).toEqual(
    CORNERS.map((corner) => ({ ...undo, path: ['look', 'radius', corner] })),
  )
})

test('a style of schema 1 has room for shared blocks, patterns and parts; its colours and levels stay', () => {
  const { tokens, levels } = plainStyle.records
  const old = {
    kind: 'style',
    id: 'style',
    schema: 1,
    records: { tokens, levels },
  } as unknown as StoredDocument
  expect(migrate(documentKinds, old)).toEqual({
    ...old,
    schema: documentKinds.style.schema,
    records: {
      ...{ tokens, levels, shared: {}, sharedValues: {}, patterns: {} },
      ...{ parts: {}, trials: {}, families: {}, marks: {}, moods: {}, icons: {}, kits: {} },
    },
  })
})

test('changes of a newer Nolvex, or on what nobody knows, are told', () => {
  expect(() => migratedParts(documentKinds, [{ ...parts()[0], schema: 99 }])).toThrow(UnknownSchema)
  expect(() => migratedParts(documentKinds, [{ ...parts()[0], kind: 'boat' }])).toThrow('“boat”')
})
