import { patterns } from '@nolvex/core/draft/patterns'
import { patternsFound } from './patternsFound'

test('patterns are found by any word they go by, and all words must be met', () => {
  const ids = (typed: string) => patternsFound(patterns, typed).map(({ id }) => id)
  expect(ids('faq')).toEqual(['questions'])
  expect(ids('testim')).toEqual(['quotes'])
  expect(ids('footer line')).toEqual(['footer-line'])
  expect(ids('nosuchthing')).toEqual([])
  expect(ids('')).toHaveLength(patterns.length)
})
