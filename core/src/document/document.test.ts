import fc from 'fast-check'
import { z } from 'zod'
import { applyChange } from './apply'
import { compareDocuments, operationsBetween } from './compare'
import { carryPast, emptyHistory, record, returned, take } from './history'
import { idMaker, idSchema } from './ids'
import { emptyDocument, type DocumentKinds } from './kind'
import { leaf } from './leafTable'
import { migrate, UnknownSchema } from './migrate'
import { rebasePending, transformPair } from './rebase'
import { plainText, richTextSchema, type RichText } from './richText'
import { readChange } from './schemas'
import type { ChangePart, Documents, Operation, StoredRecord } from './types'

const noteSchema = z.strictObject({
  id: idSchema,
  parent: idSchema.optional(),
  order: z.string(),
  title: z.string().max(40).optional(),
  size: z.strictObject({ w: z.number().optional(), h: z.number().optional() }).optional(),
  whole: leaf(z.strictObject({ a: z.number(), b: z.number() })).optional(),
  text: richTextSchema.optional(),
})
const tagSchema = z.strictObject({ id: idSchema, note: idSchema, order: z.string() })

const kinds: DocumentKinds = {
  site: {
    kind: 'site',
    schema: 3,
    unmarked: 3,
    collections: {
      notes: {
        schema: noteSchema,
        parents: [
          {
            field: 'parent',
            collection: 'notes',
            refuses: (parent) => (parent?.title === 'closed' ? 'it is closed' : undefined),
          },
        ],
      },
      tags: { schema: tagSchema, parents: [{ field: 'note', collection: 'notes' }] },
    },
    migrations: [
      { document: (document) => ({ ...document, records: { ...document.records, tags: {} } }) },
      { document: (document) => ({ ...document, records: { ...document.records, seen: {} } }) },
    ],
  },
}

const id = (number: number) => `n${String(number).padStart(15, '0')}`
const IDS = [1, 2, 3, 4, 5].map(id)
const part = (...operations: Operation[]): ChangePart[] => [{ document: 'site', kind: 'site', operations }]
const put = (one: string, more: Partial<StoredRecord> = {}): Operation => ({
  type: 'put',
  collection: 'notes',
  id: one,
  record: { id: one, order: 'a0', ...more },
})
const set = (one: string, path: string[], value?: unknown): Operation =>
  ({
    type: 'set',
    collection: 'notes',
    id: one,
    path,
    ...(value === undefined ? {} : { value }),
  }) as Operation
const edit = (one: string, delta: object[]): Operation =>
  ({ type: 'edit', collection: 'notes', id: one, path: ['text'], delta }) as Operation
const remove = (one: string): Operation => ({ type: 'remove', collection: 'notes', id: one })

const start: Documents = applyChange(
  kinds,
  {},
  part(put(IDS[0]), put(IDS[1], { parent: IDS[0] }), put(IDS[2])),
).documents

const anyId = fc.constantFrom(...IDS)
const anyOperation: fc.Arbitrary<Operation> = fc.oneof(
  fc
    .record({ one: anyId, parent: fc.option(anyId, { nil: undefined }) })
    .map(({ one, parent }) => put(one, { parent })),
  anyId.map(remove),
  fc
    .record({ one: anyId, parent: fc.option(anyId, { nil: undefined }) })
    .map(({ one, parent }) => set(one, ['parent'], parent)),
  fc
    .record({ one: anyId, title: fc.option(fc.string({ maxLength: 50 }), { nil: undefined }) })
    .map(({ one, title }) => set(one, ['title'], title)),
  fc
    .record({ one: anyId, w: fc.option(fc.integer(), { nil: undefined }) })
    .map(({ one, w }) => set(one, ['size', 'w'], w)),
  fc
    .record({ one: anyId, insert: fc.string({ minLength: 1, maxLength: 5 }) })
    .map(({ one, insert }) => edit(one, [{ insert }])),
  fc.record({ one: anyId, tag: anyId }).map(({ one, tag }): Operation => {
    return { type: 'put', collection: 'tags', id: tag, record: { id: tag, note: one, order: 'a0' } }
  }),
)
const anyParts = fc
  .array(anyOperation, { minLength: 1, maxLength: 8 })
  .map((operations) => part(...operations))
const runs = { numRuns: 200, seed: 7 }

describe('applying a change', () => {
  test('and then its inverse gives the documents back', () => {
    fc.assert(
      fc.property(fc.array(anyParts, { maxLength: 6 }), anyParts, (before, parts) => {
        const documents = before.reduce((now, one) => applyChange(kinds, now, one).documents, start)
        const applied = applyChange(kinds, documents, parts)
        expect(applyChange(kinds, applied.documents, applied.inverse).documents).toEqual(documents)
      }),
      runs,
    )
  })

  test('makes neither cycles nor orphans', () => {
    fc.assert(
      fc.property(fc.array(anyParts, { maxLength: 12 }), (changes) => {
        const documents = changes.reduce((now, one) => applyChange(kinds, now, one).documents, start)
        const { notes, tags } = documents.site.records
        for (const note of Object.values(notes)) {
          const seen = new Set<string>()
          for (
            let here: StoredRecord | undefined = note;
            here;
            here = here.parent ? notes[String(here.parent)] : undefined
          ) {
            expect(seen.has(here.id)).toBe(false)
            seen.add(here.id)
            if (here.parent) expect(notes[String(here.parent)]).toBeDefined()
          }
        }
        for (const tag of Object.values(tags)) expect(notes[String(tag.note)]).toBeDefined()
      }),
      runs,
    )
  })

  test('leaves the given documents alone and shares what did not change', () => {
    const before = JSON.stringify(start)
    const { documents } = applyChange(kinds, start, part(set(IDS[0], ['title'], 'Landing')))
    expect(JSON.stringify(start)).toBe(before)
    expect(documents.site.records.notes[IDS[2]]).toBe(start.site.records.notes[IDS[2]])
  })

  test('is all or nothing: one refused operation refuses the change, with a reason', () => {
    const applied = applyChange(
      kinds,
      start,
      part(set(IDS[0], ['title'], 'kept?'), set(IDS[0], ['parent'], IDS[1])),
    )
    expect(applied.refused).toBe(true)
    expect(applied.documents).toBe(start)
    expect(applied.outcomes).toEqual([
      {
        result: 'refused',
        document: 'site',
        collection: 'notes',
        id: IDS[0],
        reason: 'it would stand inside itself',
      },
    ])
  })

  test.each([
    ['an unknown key', set(IDS[0], ['nothing'], 1), 'there is no value at nothing'],
    ['a branch', set(IDS[0], ['size'], { w: 1 }), 'size is written by its parts'],
    ['inside a whole leaf', set(IDS[0], ['whole', 'a'], 1), 'there is no value at whole.a'],
    ['a wrong value', set(IDS[0], ['title'], 7), 'title: Invalid input: expected string, received number'],
    ['a prototype', set(IDS[0], ['__proto__'], {}), 'there is no value at __proto__'],
    ['an id', set(IDS[0], ['id'], IDS[4]), 'an id never changes'],
  ])('refuses to write %s', (_what, operation, reason) => {
    const { outcomes } = applyChange(kinds, start, part(operation))
    expect(outcomes[0]).toMatchObject({ result: 'refused', reason })
  })

  test('refuses a parent that will not hold the child', () => {
    const closed = applyChange(kinds, start, part(set(IDS[2], ['title'], 'closed'))).documents
    const { outcomes } = applyChange(kinds, closed, part(put(IDS[3], { parent: IDS[2] })))
    expect(outcomes[0]).toMatchObject({ result: 'refused', reason: 'it is closed' })
  })

  test('passes over what has no place any more and applies the rest', () => {
    const operations = [
      put(IDS[0]),
      put(IDS[3], { parent: IDS[4] }),
      set(IDS[4], ['title'], 'x'),
      set(IDS[2], ['title'], 'y'),
    ]
    const { documents, outcomes } = applyChange(kinds, start, part(...operations))
    expect(outcomes.map(({ result }) => result)).toEqual(['passed over', 'passed over', 'passed over'])
    expect(documents.site.records.notes[IDS[2]].title).toBe('y')
  })

  test('takes what hangs below as it stands then, whatever the change moved or added before', () => {
    const [top, child, other, added] = IDS
    const operations = [
      remove('n'.padEnd(16, '9')),
      remove(added),
      set(child, ['parent'], undefined),
      put(added, { parent: top }),
      remove(other),
      put(other, { parent: added }),
      set(child, ['parent'], other),
      set(child, ['parent'], undefined),
      remove(top),
    ]
    const { documents, inverse } = applyChange(kinds, start, part(...operations))
    expect(Object.keys(documents.site.records.notes)).toEqual([child])
    expect(applyChange(kinds, documents, inverse).documents).toEqual(start)
  })

  test('removes descendants in every collection, and its inverse puts all back', () => {
    const tag: Operation = {
      type: 'put',
      collection: 'tags',
      id: IDS[4],
      record: { id: IDS[4], note: IDS[1], order: 'a0' },
    }
    const { documents } = applyChange(kinds, start, part(tag))
    const removed = applyChange(kinds, documents, part(remove(IDS[0])))
    expect(Object.keys(removed.documents.site.records.notes)).toEqual([IDS[2]])
    expect(removed.documents.site.records.tags).toEqual({})
    expect(applyChange(kinds, removed.documents, removed.inverse).documents).toEqual(documents)
  })

  test('an undoing value keeps what somebody else wrote since', () => {
    const mine = applyChange(kinds, start, part(set(IDS[0], ['title'], 'mine')))
    const theirs = applyChange(kinds, mine.documents, part(set(IDS[0], ['title'], 'theirs')))
    const undone = applyChange(kinds, theirs.documents, mine.inverse)
    expect(undone.documents.site.records.notes[IDS[0]].title).toBe('theirs')
    expect(undone.outcomes[0].reason).toContain('changed meanwhile')
  })
})

describe('rebasing', () => {
  const textOf = (documents: Documents) =>
    plainText(documents.site.records.notes[IDS[0]].text as RichText | undefined)

  test('two texts edited side by side end equal in either window', () => {
    const anyEdit = fc.record({
      at: fc.nat(12),
      gone: fc.nat(3),
      insert: fc.string({ minLength: 1, maxLength: 4 }),
    })
    const base = applyChange(kinds, start, part(edit(IDS[0], [{ insert: 'a ferry to Orrel' }]))).documents
    const made = ({ at, gone, insert }: { at: number; gone: number; insert: string }) =>
      part(edit(IDS[0], [...(at ? [{ retain: at }] : []), { insert }, ...(gone ? [{ delete: gone }] : [])]))
    fc.assert(
      fc.property(
        fc.array(anyEdit, { minLength: 1, maxLength: 4 }),
        fc.array(anyEdit, { minLength: 1, maxLength: 4 }),
        (a, b) => {
          // Each edit stands within the text however much the ones before took away.
          const remote = a.slice(0, 2).map(made)
          const own = b.slice(0, 2).map((one) => ({ parts: made(one) }))
          const server = remote.reduce((now, one) => applyChange(kinds, now, one).documents, base)
          const rebased = remote.reduce((pending, one) => rebasePending(pending, one), own)
          const onServer = rebased.reduce(
            (now, { parts }) => applyChange(kinds, now, parts).documents,
            server,
          )
          let theirs = remote
          let mine = base
          for (const { parts } of own) {
            mine = applyChange(kinds, mine, parts).documents
            let over = parts
            theirs = theirs.map((one) => {
              const pair = transformPair(one, over)
              over = pair.second
              return pair.first
            })
          }
          const inWindow = theirs.reduce((now, one) => applyChange(kinds, now, one).documents, mine)
          expect(textOf(inWindow)).toBe(textOf(onServer))
        },
      ),
      runs,
    )
  })

  test('the earlier revision wins ties', () => {
    const { second } = transformPair(
      part(edit(IDS[0], [{ insert: 'first ' }])),
      part(edit(IDS[0], [{ insert: 'second ' }])),
    )
    expect(second[0].operations[0]).toMatchObject({ delta: [{ retain: 6 }, { insert: 'second ' }] })
  })
})

describe('history', () => {
  const step = (label: string, mergeKey?: string) => ({
    label,
    changes: [label],
    inverse: part(set(IDS[0], ['title'], label)),
    mergeKey,
  })

  test('steps with one key merge, a drag is one step', () => {
    const history = ['1', '2', '3'].reduce((now, label) => record(now, step(label, 'drag')), emptyHistory)
    expect(history.undo).toHaveLength(1)
    expect(
      history.undo[0].inverse.map(({ operations }) => (operations[0] as { value: string }).value),
    ).toEqual(['3', '2', '1'])
  })

  test('undoing makes a redo, and a new step forgets it', () => {
    const { step: last, history } = take(record(emptyHistory, step('move')), 'undo')
    const undone = returned(history, 'undo', last as never)
    expect(undone.redo).toHaveLength(1)
    expect(record(undone, step('else')).redo).toHaveLength(0)
  })

  test('what undoes a text is carried past later edits', () => {
    const history = record(emptyHistory, {
      label: 'write',
      changes: ['c'],
      inverse: part(edit(IDS[0], [{ delete: 3 }])),
    })
    const carried = carryPast(history, part(edit(IDS[0], [{ insert: 'ab' }])))
    expect(carried.undo[0].inverse[0].operations[0]).toMatchObject({ delta: [{ retain: 2 }, { delete: 3 }] })
  })
})

test('comparing two states names what was added, removed and altered, and leads from one to the other', () => {
  fc.assert(
    fc.property(fc.array(anyParts, { maxLength: 6 }), (changes) => {
      const after = changes.reduce((now, one) => applyChange(kinds, now, one).documents, start)
      const operations = operationsBetween(kinds.site, start.site, after.site)
      expect(
        compareDocuments(kinds, after, applyChange(kinds, start, part(...operations)).documents),
      ).toEqual([])
    }),
    runs,
  )
  const after = applyChange(kinds, start, part(set(IDS[0], ['size', 'w'], 4), remove(IDS[2]))).documents
  expect(compareDocuments(kinds, start, after)).toEqual([
    {
      document: 'site',
      collection: 'notes',
      id: IDS[0],
      change: 'altered',
      leaves: [{ path: ['size', 'w'], before: undefined, after: 4 }],
    },
    { document: 'site', collection: 'notes', id: IDS[2], change: 'removed', leaves: [] },
  ])
})

test('ids are 16 signs, a letter first, from the given source', () => {
  const newId = idMaker((bytes) => bytes.fill(255))
  expect(newId()).toBe(newId())
  expect(idSchema.safeParse(newId()).success).toBe(true)
})

test('old documents are brought up step by step, newer ones are refused', () => {
  const old = { kind: 'site', id: 'site', schema: 1, records: { notes: {} } }
  expect(migrate(kinds, old)).toEqual({ ...old, schema: 3, records: { notes: {}, tags: {}, seen: {} } })
  expect(migrate(kinds, emptyDocument(kinds.site, 'site')).schema).toBe(3)
  expect(() => migrate(kinds, { ...old, schema: 4 })).toThrow(UnknownSchema)
})

test('a change from outside is checked before anything else', () => {
  const change = { id: id(9), client: id(8), base: 0, label: 'x', parts: part(put(IDS[0])) }
  expect(readChange(JSON.parse(JSON.stringify(change)))).toMatchObject({ label: 'x' })
  expect(() => readChange({ ...change, parts: part(set(IDS[0], ['constructor', 'x'], 1)) })).toThrow(
    /not allowed/,
  )
  expect(() =>
    readChange({ ...change, parts: part(...Array.from({ length: 5001 }, () => put(IDS[0]))) }),
  ).toThrow()
  expect(() => readChange({ ...change, extra: 1 })).toThrow()
})
