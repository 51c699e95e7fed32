import { AudienceTally, guessAudienceMapping, type AudienceMapping } from './audienceCsv'

function tallied(mapping: AudienceMapping, rows: string[][]) {
  const tally = new AudienceTally(mapping)
  rows.forEach((row, index) => tally.add(row, index + 2))
  return tally
}

test('columns are guessed from their names', () => {
  expect(guessAudienceMapping(['Viewport width', 'Viewport height', 'Sessions'])).toEqual({
    width: 0,
    height: 1,
    visits: 2,
  })
  expect(guessAudienceMapping(['Country', 'Browser size', 'Users'])).toEqual({ size: 1, visits: 2 })
  expect(guessAudienceMapping(['a', 'b'])).toEqual({})
})

test('sizes are summed, thousands read with their separators', () => {
  const tally = tallied({ size: 0, visits: 1 }, [
    ['1440x900', '1,204'],
    ['390 × 844', '12'],
    ['1440 x 900', '6'],
    ['800x600', '0'],
  ])
  expect(tally.sizes()).toEqual([
    [390, 844, 12],
    [1440, 900, 1210],
  ])
  expect(tally.leftOut).toBe(0)
})

test('words for numbers are left out and named by their line', () => {
  const tally = tallied({ width: 0, height: 1, visits: 2 }, [
    ['1440', 'nine hundred', '4'],
    ['1440', '900', 'many'],
    ['0', '900', '3'],
    ['1440', '900', '-3'],
    ['1440', '900', '3'],
  ])
  expect(tally.sizes()).toEqual([[1440, 900, 3]])
  expect(tally.leftOut).toBe(4)
  expect(tally.remarks.map(({ line }) => line)).toEqual([2, 3, 4, 5])
  expect(tally.remarks[1].remark).toContain('“many” is no number of visits')
})

test('a table without a size or without a visit is refused', () => {
  expect(() => new AudienceTally({ visits: 2 })).toThrow(/width and the height/)
  expect(() => tallied({ size: 0, visits: 1 }, [['800x600', '0']]).sizes()).toThrow(/No row has a size/)
  expect(() => tallied({ size: 0 }, []).sizes()).toThrow(/no rows/)
})

test('remarks stop at a number, the count goes on', () => {
  const rows = Array.from({ length: 1000 }, () => ['x', '1'])
  const tally = tallied({ size: 0, visits: 1 }, rows)
  expect([tally.leftOut, tally.remarks.length]).toEqual([1000, 20])
})
