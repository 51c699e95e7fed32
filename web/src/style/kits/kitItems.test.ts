import { plainStyle } from '@nolvex/core/style/plainStyle'
import { USUAL_START } from '@nolvex/core/style/quickStart'
import type { StyleDocument } from '@nolvex/core/style/style'
import { takeStart } from '@nolvex/core/style/takeStart'
import { choiceOf, isFound, kitItems, tokenSays } from './kitItems'

const guide = takeStart(plainStyle, USUAL_START, ['colour', 'type', 'space', 'parts'])
const style: StyleDocument = {
  ...guide,
  records: {
    ...guide.records,
    shared: {
      card000000000000: { id: 'card000000000000', order: 'a1', name: 'Fare card', root: 'box0000000000000' },
      badge00000000000: { id: 'badge00000000000', order: 'a0', name: 'Badge', root: 'box1000000000000' },
    },
  },
}
const items = kitItems(style)
const named = (name: string) => items.find((item) => item.name === name)

test('what there is stands in its order, the parts of a variant as one', () => {
  expect(items.slice(0, 2).map(({ name }) => name)).toEqual(['Badge', 'Fare card'])
  const button = named('Button')
  const states = Object.values(style.records.parts).filter(
    ({ kind, variant }) => kind === 'button' && !variant,
  )
  expect(states.length).toBeGreaterThan(2)
  expect(button?.records).toEqual(states.map(({ id }) => id))
  expect(named('Button, quiet')?.part).toEqual({ kind: 'button', variant: 'quiet' })
})

test('what is chosen is told by what it is', () => {
  const chosen = ['Badge', 'Main', 'Button, quiet'].flatMap((name) => named(name) ?? [])
  const choice = choiceOf(chosen)
  expect([choice.shared, choice.tokens, choice.levels]).toEqual([
    ['badge00000000000'],
    ['colourmain000000'],
    [],
  ])
  expect(choice.parts.length).toBeGreaterThan(1)
})

test('every word that is looked for has to stand in a name', () => {
  expect(['card', 'CARD fare', 'fares', ''].map((words) => isFound({ name: 'Fare card' }, words))).toEqual([
    ...[true, true, false, true],
  ])
})

test('a token says what it comes to, or which other it follows', () => {
  const { tokens } = style.records
  expect(tokenSays(tokens.colourmain000000, style)).toBe('#1f5b4c')
  expect(tokenSays(tokens.roleaction000000, style)).toBe('as Main')
  expect(tokenSays(tokens.gapl000000000000, style)).toBe('24px')
})
