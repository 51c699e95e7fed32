import { nextSort, sortRows, type Column } from './sortedRows'

interface Sailing {
  isle: string
  minutes?: number
}
const sailings: Sailing[] = [
  { isle: 'Tansay', minutes: 95 },
  { isle: 'orrel 10', minutes: 20 },
  { isle: 'Orrel 9' },
  { isle: 'Hask', minutes: 20 },
]
const columns: Column<Sailing>[] = [
  { key: 'isle', label: 'Isle', track: '1fr', by: ({ isle }) => isle },
  { key: 'minutes', label: 'Minutes', track: '60px', by: ({ minutes }) => minutes },
]
const isles = (sorted: Parameters<typeof sortRows<Sailing>>[2]) =>
  sortRows(sailings, columns, sorted).map(({ isle }) => isle)

test('figures go by size, words by the alphabet and by the numbers in them', () => {
  expect(isles({ key: 'isle', isDescending: false })).toEqual(['Hask', 'Orrel 9', 'orrel 10', 'Tansay'])
  expect(isles({ key: 'minutes', isDescending: false })).toEqual(['orrel 10', 'Hask', 'Tansay', 'Orrel 9'])
})

test('what has no value stands at the end either way, and equals as they came', () => {
  expect(isles({ key: 'minutes', isDescending: true })).toEqual(['Tansay', 'orrel 10', 'Hask', 'Orrel 9'])
  expect(isles(undefined)).toEqual(['Tansay', 'orrel 10', 'Orrel 9', 'Hask'])
})

test('a third press gives the order back in which the rows came', () => {
  const once = nextSort(undefined, 'isle')
  const twice = nextSort(once, 'isle')
  expect([once, twice, nextSort(twice, 'isle')]).toEqual([
    { key: 'isle', isDescending: false },
    { key: 'isle', isDescending: true },
    undefined,
  ])
  expect(nextSort(twice, 'minutes')).toEqual({ key: 'minutes', isDescending: false })
})
