import { spellLength } from './namedLengths'
import { readLength } from './typedLength'

const names = {
  // 12 columns of 60 px with 20 px between them
  columns: (count: number) => (count >= 1 && count <= 12 ? count * 60 + (count - 1) * 20 : undefined),
  named: { 'space-l': 32, 'space-2xl': 64 },
}
const px = (text: string) => {
  const read = readLength(spellLength(text, names))
  return 'length' in read ? read.length.value : read.error
}

test.each([
  ['5 columns', 380],
  ['1 column', 60],
  ['2 cols + 20', 160],
  ['space-l', 32],
  ['SPACE-L / 2', 16],
  ['space-2xl - space-l', 32],
  ['2*24', 48],
  ['8 - 4', 4],
])('%s', (text, wanted) => expect(px(text)).toBe(wanted))

test('what is not known is said by name', () => {
  expect(px('13 columns')).toContain('13 columns')
  expect(px('space-q')).toContain('space-q')
})
