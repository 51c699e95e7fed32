import { readGuideSet, writeGuideSet } from './guideSetFile'

const set = {
  name: 'Thirds <& quarters>',
  guides: [
    { axis: 'x' as const, at: { percent: 33.33 } },
    { axis: 'y' as const, at: { row: 2, edge: 'end' as const } },
  ],
}

test('a set reads back equal', () => {
  expect(readGuideSet(writeGuideSet(set))).toEqual(set)
})

test('what is no set says what is wrong', () => {
  expect(() => readGuideSet('nothing')).toThrow(/not JSON/)
  expect(() => readGuideSet(' '.repeat(1_000_001))).toThrow(/larger than 1 MB/)
  expect(() => readGuideSet('{"format":"other"}')).toThrow(/no set of guides: format/)
  const broken = writeGuideSet(set).replace('33.33', '"far"')
  expect(() => readGuideSet(broken)).toThrow(/guides.0.at/)
})
