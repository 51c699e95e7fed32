import { cellsPasted, laidOver, withColumn, withoutColumn, withoutRow, withRow } from './cellsEdited'

test('what a spreadsheet or a CSV file gives becomes cells, rows made equally long', () => {
  expect(cellsPasted('Isle\tFare\r\nOrrel\t12.50\r\n')).toEqual([
    ['Isle', 'Fare'],
    ['Orrel', '12.50'],
  ])
  expect(cellsPasted('Isle;Fare;Note\nOrrel;12')).toEqual([
    ['Isle', 'Fare', 'Note'],
    ['Orrel', '12', ''],
  ])
  expect(cellsPasted('only words, with a comma')).toBeUndefined()
})

test('pasted cells lie over the table from where they are pasted, and it grows', () => {
  const cells = [
    ['a', 'b'],
    ['c', 'd'],
  ]
  expect(
    laidOver(cells, 1, 1, [
      ['x', 'y'],
      ['z', ''],
    ]),
  ).toEqual([
    ['a', 'b', ''],
    ['c', 'x', 'y'],
    ['', 'z', ''],
  ])
  expect(
    laidOver(
      cells,
      0,
      0,
      Array.from({ length: 600 }, () => ['n']),
    ),
  ).toHaveLength(500)
})

test('rows and columns are added and taken out', () => {
  const cells = [['a', 'b']]
  expect(withRow(cells)).toEqual([
    ['a', 'b'],
    ['', ''],
  ])
  expect(withColumn(cells)).toEqual([['a', 'b', '']])
  expect(withoutColumn(cells, 0)).toEqual([['b']])
  expect(withoutRow(withRow(cells), 0)).toEqual([['', '']])
})
