import { readShadows, writeShadows } from './shadowText'

const hexOf = (colour: unknown) => (colour as { hex: string }).hex

test('shadows are read as CSS writes them, and written so that they are read again', () => {
  const read = readShadows('0 2px 8px rgb(23 33 30 / 20%), inset 0 -1 0 2 #1f5b4c')
  expect(read).toEqual({
    shadows: [
      { x: 0, y: 2, blur: 8, spread: 0, colour: { hex: '#17211e33' } },
      { x: 0, y: -1, blur: 0, spread: 2, colour: { hex: '#1f5b4c' }, inset: true },
    ],
  })
  const { shadows } = read as { shadows: never[] }
  expect(readShadows(writeShadows(shadows, hexOf))).toEqual(read)
})

test.each([
  '',
  'soft',
  '4px #000',
  '0 red',
  '0 0 8 0',
  '0 0 1 0 #000000',
  Array(9).fill('0 0 2 0 red').join(),
])('“%s” is no list of shadows, and the way to write one is told', (text) => {
  expect(readShadows(text)).toMatchObject({ error: expect.stringContaining('0 2 8 0') })
})

test.each([
  ['0 0 500px #000', 'the blur is 200 px at most'],
  ['0 500px 10px #000', 'the way down is 400 px at most'],
  ['0 0 1px #000', 'a blur of 1 px is hardly seen'],
  [Array.from({ length: 7 }, () => '0 0 4px #000').join(', '), 'a block has 6 shadows at most'],
])('says what is wrong with %s', (typed, says) => {
  expect(readShadows(typed)).toEqual({ error: expect.stringContaining(says) as string })
})
