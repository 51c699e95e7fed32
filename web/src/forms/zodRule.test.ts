import { z } from 'zod'
import { zodRule } from './zodRule'

const validator = (schema: z.ZodType) => zodRule(schema).validator as (...given: unknown[]) => true | Error

test('what the schema takes passes, and what it refuses is said in its words', () => {
  const days = z.coerce.number('Type a number of days.').int().min(1, 'Ask for at least one day.')
  expect(validator(days)({}, '30')).toBe(true)
  expect(validator(days)({}, '0')).toEqual(new Error('Ask for at least one day.'))
  expect(validator(days)({}, 'a week')).toEqual(new Error('Type a number of days.'))
})

test('of several faults the first is said', () => {
  const name = z
    .string()
    .min(3, 'Too short.')
    .regex(/^[A-Z]/, 'Begin with a capital.')
  expect(validator(name)({}, 'a')).toEqual(new Error('Too short.'))
})
