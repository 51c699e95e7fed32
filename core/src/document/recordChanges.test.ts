import fc from 'fast-check'
import { changedRecords, copyCollection, noteChanged } from './recordChanges'

const ids = ['a', 'b', 'c', 'd', 'e']

test('what changed between two states is found by the notes of copying as by comparing every record', () => {
  const step = fc.record({ id: fc.constantFrom(...ids), gone: fc.boolean() })
  fc.assert(
    fc.property(fc.array(fc.array(step, { maxLength: 4 }), { maxLength: 60 }), (changes) => {
      const before: Record<string, object> = { a: {}, b: {}, c: {} }
      let after = before
      for (const change of changes) {
        after = copyCollection(after)
        for (const { id, gone } of change) {
          if (gone) delete after[id]
          else after[id] = {}
          noteChanged(after, id)
        }
      }
      const byHand = ids.filter((id) => before[id] !== after[id])
      const found = changedRecords(before, after)
      // A record that came and went again may be named too: it was noted, and is as it was.
      for (const id of byHand) expect(found.has(id)).toBe(true)
      for (const id of found) expect(ids).toContain(id)
      expect(changedRecords(before, { ...after })).toEqual(new Set(byHand))
    }),
    { numRuns: 200, seed: 5 },
  )
})

test('the same state has no changes, and states that know nothing of each other are compared', () => {
  const one = { a: 1, b: 2 }
  expect(changedRecords(one, one)).toEqual(new Set())
  expect(changedRecords(one, { a: 1, b: 3, c: 4 })).toEqual(new Set(['b', 'c']))
  expect(changedRecords(one, { a: 1 })).toEqual(new Set(['b']))
})
