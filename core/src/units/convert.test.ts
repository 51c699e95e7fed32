import { inAllUnits } from './convert'
import { usualEnvironment } from './environment'
import { newLength } from './newLength'

const context = {
  environment: usualEnvironment,
  font: { size: 16, xHeight: 8, zeroAdvance: 10 },
  percentOf: 640,
}
const inUnit = (value: number, unit: 'pt' | 'in' | 'em' | 'px', wanted: string) =>
  inAllUnits({ value, unit }, context).units.find((one) => one.unit === wanted)?.value

test('12 pt are 16 px, an inch is 96 px, 2.54 cm and 72 pt (CSS Values and Units 4, 6.2)', () => {
  expect(inUnit(12, 'pt', 'px')).toBe(16)
  expect(inUnit(1, 'in', 'px')).toBe(96)
  expect(inUnit(1, 'in', 'cm')).toBeCloseTo(2.54, 9)
  expect(inUnit(1, 'in', 'pt')).toBe(72)
  expect(inUnit(1, 'in', 'pc')).toBe(6)
})

test('units of the font, the parent and the viewport go by the context', () => {
  expect(inUnit(1.5, 'em', 'px')).toBe(24)
  expect(inUnit(16, 'px', 'ex')).toBe(2)
  expect(inUnit(20, 'px', 'ch')).toBe(2)
  expect(inUnit(64, 'px', '%')).toBe(10)
  expect(inUnit(14.4, 'px', 'vw')).toBe(1)
  expect(inUnit(9, 'px', 'vh')).toBe(1)
})

test('a unit that measures nothing is left out', () => {
  const { units } = inAllUnits({ value: 1, unit: 'px' }, { ...context, percentOf: 0 })
  expect(units.map(({ unit }) => unit)).not.toContain('%')
})

test('new lengths are written in rem where pages go by the text', () => {
  const root = { ...usualEnvironment, rootSize: 62.5 }
  expect(newLength(24, 'hybrid', usualEnvironment)).toEqual({ value: 1.5, unit: 'rem' })
  expect(newLength(24, 'elastic', root)).toEqual({ value: 2.4, unit: 'rem' })
  expect(newLength(24, 'fluid', root)).toEqual({ value: 24, unit: 'px' })
  expect(newLength(24, undefined, root)).toEqual({ value: 24, unit: 'px' })
})
