import fc from 'fast-check'
import { shareUnchanged } from './shareUnchanged'

test('what did not change is the same object as before, what did is not, nor what it stands in', () => {
  const before = {
    blocks: { a: { name: 'Fares', look: { fill: 'sea' } }, b: { name: 'Isles' } },
    list: [1, { x: 2 }],
  }
  const sent = structuredClone(before)
  sent.blocks.b.name = 'Piers'
  const shared = shareUnchanged(before, sent)
  expect(shared).toEqual({ ...before, blocks: { ...before.blocks, b: { name: 'Piers' } } })
  expect(shared.blocks.a).toBe(before.blocks.a)
  expect(shared.list).toBe(before.list)
  expect(shared.blocks).not.toBe(before.blocks)
  expect(before.blocks.b.name).toBe('Isles')
})

test('what was taken away, added, or became a list of the same, counts as a change', () => {
  const before = { a: { x: 1, y: 2 }, list: ['one'] }
  for (const after of [
    { a: { x: 1 }, list: ['one'] },
    { a: { x: 1, y: 2, z: undefined }, list: ['one'] },
    { a: { x: 1, y: 2 }, list: { 0: 'one' } },
  ]) {
    const shared = shareUnchanged(before, structuredClone(after))
    expect(shared).not.toBe(before)
    expect(shared).toStrictEqual(after)
  }
})

test('whatever is sent, it is as it was sent', () => {
  const value = fc.jsonValue()
  fc.assert(
    fc.property(value, value, (before, after) => {
      const kept = structuredClone(before)
      expect(shareUnchanged(before, structuredClone(after))).toStrictEqual(after)
      expect(before).toStrictEqual(kept)
      expect(shareUnchanged(before, structuredClone(before))).toBe(before)
    }),
  )
})
