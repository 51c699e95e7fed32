import { tokenColour, tokenOfRole, tokenSchema, type Token } from './token'

const colour = (id: string, value: unknown, more: object = {}) =>
  tokenSchema.parse({ id: id.padEnd(16, '0'), order: 'a0', name: id, type: 'colour', value, ...more })
const to = (id: string) => ({ token: id.padEnd(16, '0') })
const tokensOf = (...list: Token[]) => Object.fromEntries(list.map((one) => [one.id, one]))

test('a colour that is another’s is followed, in each set by itself', () => {
  const tokens = tokensOf(
    colour('pine', '#1f5b4c', { dark: '#7fc4ae' }),
    colour('mint', '#ccffee'),
    colour('action', to('pine')),
    colour('link', to('action'), { dark: to('mint') }),
  )
  expect(tokenColour(tokens, to('link').token)).toBe('#1f5b4c')
  expect(tokenColour(tokens, to('action').token, 'dark')).toBe('#7fc4ae')
  expect(tokenColour(tokens, to('link').token, 'dark')).toBe('#ccffee')
})

test('one that leads nowhere, round in a circle, or to a length, is no colour', () => {
  const length = tokenSchema.parse({
    ...{ id: 'gap0000000000000', order: 'a0', name: 'gap', type: 'length' },
    value: { value: 8, unit: 'px' },
  })
  const tokens = tokensOf(
    colour('lost', to('nowhere')),
    colour('one', to('two')),
    colour('two', to('one')),
    colour('wrong', to('gap')),
    length,
  )
  for (const id of ['lost', 'one', 'two', 'wrong']) expect(tokenColour(tokens, to(id).token)).toBeUndefined()
})

test('of several with a role the first in order has it', () => {
  const tokens = tokensOf(
    colour('late', '#000000', { role: 'text', order: 'b0' }),
    colour('early', '#111111', { role: 'text', order: 'a1' }),
  )
  expect(tokenOfRole(tokens, 'text')?.name).toBe('early')
  expect(tokenOfRole(tokens, 'action')).toBeUndefined()
})
