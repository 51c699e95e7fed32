import { representativeWidths } from './representativeWidths'
import { withoutRarest } from './withoutRarest'

const counted = [
  { px: 240, visits: 1 },
  { px: 390, visits: 50 },
  { px: 1440, visits: 47 },
  { px: 5120, visits: 2 },
]

test('as much goes at each end as fits into the share, and is said', () => {
  const { kept, below, above } = withoutRarest(counted, 0.02)
  expect(kept.map(({ px }) => px)).toEqual([390, 1440])
  expect(below).toEqual({ share: 0.01, keptAt: 390 })
  expect(above).toEqual({ share: 0.02, keptAt: 1440 })
  expect(withoutRarest(counted, 0.01)).toMatchObject({ kept: counted.slice(1), below: { keptAt: 390 } })
})

test('nothing goes where all are common, and never everything', () => {
  expect(withoutRarest(counted, 0)).toEqual({ kept: counted })
  expect(withoutRarest(counted, 0.6)).toEqual({ kept: counted })
  expect(withoutRarest([], 0.02)).toEqual({ kept: [] })
})

test('one visitor with a wall of a screen no longer has a width of their own', () => {
  const wall = [...counted.slice(1, 3), { px: 20_000, visits: 1 }]
  const widths = (list: typeof counted) =>
    representativeWidths(list, 2)[1].clusters.map(({ commonest }) => commonest)
  expect(widths(wall)).toContain(20_000)
  expect(widths(withoutRarest(wall, 0.02).kept)).toEqual([390, 1440])
})
