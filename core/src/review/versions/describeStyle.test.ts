import type { Documents, Json } from '../../document/types'
import { plainStyle } from '../../style/plainStyle'
import { describeChanges } from './describeChanges'

const MAIN = 'colourmain000000'
const GAP = 'gapm000000000000'
const records = (more: Record<string, Json>): Documents =>
  ({ style: { ...plainStyle, records: { ...plainStyle.records, ...more } } }) as unknown as Documents
const token = (id: string, more: object) => ({ id, order: 'a0', ...more }) as unknown as Json
const said = (before: Documents, after: Documents) => describeChanges(before, after).map(({ says }) => says)

test('a token’s value is told before and after, and what became the same as another', () => {
  const main = (value: Json) => token(MAIN, { name: 'Main', type: 'colour', value })
  const gap = (value: number) =>
    token(GAP, { name: 'space-m', type: 'length', value: { value, unit: 'px' }, use: 'space' })
  const before = records({ tokens: { [MAIN]: main('#14506b'), [GAP]: gap(16) } })
  const after = records({ tokens: { [MAIN]: main('#6b1450'), [GAP]: gap(20) } })
  expect(said(before, after)).toEqual([
    'Main (colour): value was #14506b, is #6b1450',
    'space-m (gap): value was 16px, is 20px',
  ])
  const other = token('coloursecond0000', { name: 'Second', type: 'colour', value: '#b4472a' })
  const alias = records({
    tokens: { [MAIN]: main({ token: 'coloursecond0000' }), [GAP]: gap(16), coloursecond0000: other },
  })
  expect(said(before, alias)).toEqual([
    'Main (colour): value was #14506b, is Second',
    'Second (colour) added',
  ])
})

test('parts are named by kind, variant, piece and state; what is only tried is not told', () => {
  const part = (fill: string) => ({
    ...{ id: 'parthover0000000', order: 'a0', kind: 'button', variant: 'quiet', state: 'hover' },
    look: { fill: { hex: fill } },
  })
  const before = records({ parts: { parthover0000000: part('#111111') } })
  const trial = { id: 'trial00000000000', order: 'a0', name: 'Round', kind: 'button' }
  const after = records({
    parts: { parthover0000000: part('#222222') },
    trials: { trial00000000000: trial },
  })
  expect(said(before, after)).toEqual(['Part quiet, button, pointed at: fill was #111111, is #222222'])
})
