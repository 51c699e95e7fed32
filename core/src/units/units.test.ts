import { fromPx, rootFontSize, toPx, usualEnvironment } from './environment'
import { px, type Unit } from './length'
import { readLength } from './typedLength'

const font = { size: 16, xHeight: 8, zeroAdvance: 9 }

// CSS Values and Units Level 4, sections 6.1 and 6.2; the viewport is 1440 by 900.
test.each<[number, Unit, number]>([
  [12, 'pt', 16],
  [1, 'in', 96],
  [2.54, 'cm', 96],
  [25.4, 'mm', 96],
  [6, 'pc', 96],
  [1.5, 'em', 24],
  [2, 'rem', 32],
  [2, 'ex', 16],
  [3, 'ch', 27],
  [10, 'vw', 144],
  [50, 'vh', 450],
  [25, '%', 100],
])('%d%s is %d px', (value, unit, expected) => {
  expect(toPx({ value, unit }, usualEnvironment, font, 400)).toBeCloseTo(expected, 10)
  expect(fromPx(expected, unit, usualEnvironment, font, 400).value).toBeCloseTo(value, 10)
})

test('62.5 % of 16 px is 10 px, and 1.2 em of it 12 px (common practice)', () => {
  const root = rootFontSize({ ...usualEnvironment, rootSize: 62.5 })
  expect(root).toBe(10)
  expect(toPx({ value: 1.2, unit: 'em' }, usualEnvironment, { ...font, size: root })).toBe(12)
})

test('enlarged text multiplies the initial font, and px stay', () => {
  const enlarged = { ...usualEnvironment, textZoom: 2 }
  expect(toPx({ value: 1, unit: 'rem' }, enlarged, font)).toBe(32)
  expect(toPx(px(10), enlarged, font)).toBe(10)
})

test.each([
  ['24', px(24)],
  ['1.5em', { value: 1.5, unit: 'em' }],
  ['12 pt', { value: 12, unit: 'pt' }],
  ['64 + 24', px(88)],
  ['1440/12 - 24px', px(96)],
  ['2 * (16 + 4)', px(40)],
  ['-8', px(-8)],
  ['2 × 64px', px(128)],
  ['1,5rem', { value: 1.5, unit: 'rem' }],
])('“%s” is read as a length', (text, length) => {
  expect(readLength(text)).toMatchObject({ length })
})

test.each([
  ['wide', 'is not a length'],
  ['', 'is not a length'],
  ['2em + 4px', 'cannot be added'],
  ['10 / 0', 'divides by zero'],
  ['(4', 'not closed'],
  ['4 4', 'left over'],
  ['10 / 2px', 'plain number'],
])('“%s” is refused', (text, reason) => {
  expect(readLength(text)).toEqual({ error: expect.stringContaining(reason) })
})
