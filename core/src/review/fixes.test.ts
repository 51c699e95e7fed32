import { idOf } from '../testing/draft'
import type { Finding } from './finding'
import { allFixes } from './fixes'

const set = (id: string, value: number) => ({
  ...{ type: 'set' as const, collection: 'blocks', id: idOf(id) },
  ...{ path: ['place', 'space'], value },
})
const mended = (document: string, ...operations: ReturnType<typeof set>[]): Finding => ({
  ...{ rule: 'offScale', severity: 'slight', says: '' },
  place: { collection: 'blocks', id: idOf('a') },
  fix: { label: 'Mend', parts: [{ document, kind: 'drawing', operations }] },
})
const made = (findings: Finding[]) => {
  const { parts, count } = allFixes(findings)
  return [count, parts.map(({ document, operations }) => [document, operations.length])]
}

test('fixes are one change, and nothing is written twice', () => {
  const { fix, ...without } = mended('one')
  expect(
    made([
      mended('one', set('a', 8)),
      mended('one', set('b', 8), set('a', 8)),
      mended('two', set('c', 8)),
      without,
    ]),
  ).toEqual([
    3,
    [
      ['one', 2],
      ['two', 1],
    ],
  ])
})

test('of two that want something else for the same place, the first is made whole and the other not at all', () => {
  const { parts, count } = allFixes([mended('one', set('a', 8)), mended('one', set('b', 4), set('a', 12))])
  expect([count, parts[0].operations]).toEqual([1, [set('a', 8)]])
})
