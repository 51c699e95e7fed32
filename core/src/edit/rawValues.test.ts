import { blockSchema, type Block } from '../block/block'
import { applyChange } from '../document/apply'
import type { ChangePart, Documents } from '../document/types'
import { documentKinds } from '../resolve/documentKinds'
import { usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { tokenSchema, type Token } from '../style/token'
import { px } from '../units/length'
import { rawValues, suggestedName, takeOver } from './rawValues'
import { replaceNamed, usesOf } from './replaceNamed'

const PAGE = 'page000000000000'
const edge = (width: number, hex: string) => ({ width: px(width), line: 'solid', colour: { hex } })
const block = (id: string, more: object): Block =>
  blockSchema.parse({ id: id.padEnd(16, '0'), order: 'a0', kind: 'section', ...more }) as Block
const blocks = [
  block('one', {
    arrange: { gap: px(23), padding: { top: px(48), bottom: px(0) } },
    look: { fill: { hex: '#1f5b4d' }, radius: { topLeft: px(6) }, border: { top: edge(2, '#AA3300') } },
    at: { bandnarrow000000: { arrange: { gap: px(23) } } },
  }),
  block('two', {
    arrange: { gap: { token: 'gapm000000000000' } },
    look: {
      fill: { hex: '#aa3300' },
      shadow: [{ x: 0, y: 1, blur: 2, spread: 0, colour: { hex: '#aa3300' } }],
    },
    place: { minHeight: px(300) },
  }),
]
const tokens: Token[] = [
  tokenSchema.parse({ id: 'pine000000000000', order: 'a0', name: 'Pine', type: 'colour', value: '#1f5b4c' }),
  tokenSchema.parse({ id: 'gapm000000000000', order: 'a1', name: 'space-m', type: 'length', value: px(24) }),
]
const byId = <T extends { id: string }>(list: T[]) => Object.fromEntries(list.map((one) => [one.id, one]))
const documents = {
  site: usualSite,
  style: { ...plainStyle, records: { ...plainStyle.records, tokens: byId(tokens) } },
  [PAGE]: {
    kind: 'drawing',
    id: PAGE,
    schema: documentKinds.drawing.schema,
    records: { blocks: byId(blocks) },
  },
} as unknown as Documents

let count = 0
const newId = () => `new${String(count++).padStart(13, '0')}`
const after = (parts: ChangePart[]) => {
  const applied = applyChange(documentKinds, documents, parts)
  expect(applied.outcomes).toEqual([])
  return { applied, documents: applied.documents }
}

test('every bare colour, gap, corner and width of a line is found, and nothing else', () => {
  const found = rawValues(documents).map(({ use, key, count: times, token }) => [
    use,
    key,
    times,
    token?.name,
  ])
  expect(found).toEqual([
    ['colour', '#aa3300', 3, undefined],
    ['space', '23px', 2, 'space-m'],
    ['colour', '#1f5b4d', 1, 'Pine'],
    ['line', '2px', 1, undefined],
    ['space', '48px', 1, undefined],
    ['radius', '6px', 1, undefined],
  ])
})

test('they become tokens in one change, those that are near the one there is, and undoing gives all back', () => {
  const raws = rawValues(documents)
  const taken = raws.map((raw) => ({
    raw,
    into: raw.token ? { token: raw.token.id } : { name: suggestedName(raw) },
  }))
  const { applied, documents: taken1 } = after(takeOver(documents, taken, newId))
  expect(rawValues(taken1)).toEqual([])
  const made = Object.values(taken1.style.records.tokens) as unknown as Token[]
  expect(made.length).toBe(tokens.length + 4)
  expect(made.find(({ name }) => name === 'line-2px')).toMatchObject({ type: 'length', use: 'line' })
  const one = taken1[PAGE].records.blocks[blocks[0].id] as unknown as Block
  expect(one.arrange?.gap).toEqual({ token: 'gapm000000000000' })
  expect(one.look?.fill).toEqual({ token: 'pine000000000000' })
  expect(one.place).toEqual(blocks[0].place)
  const undone = applyChange(documentKinds, taken1, applied.inverse).documents
  expect(rawValues(undone)).toEqual(raws)
})

test('two that are given one name become one token', () => {
  const raws = rawValues(documents).filter(({ use }) => use === 'space')
  const { documents: taken } = after(
    takeOver(
      documents,
      raws.map((raw) => ({ raw, into: { name: 'space-x' } })),
      newId,
    ),
  )
  const made = Object.values(taken.style.records.tokens).filter(({ name }) => name === 'space-x')
  expect(made).toMatchObject([{ value: { value: 23, unit: 'px' } }])
})

test('what names a token is found, and names another once that takes its place', () => {
  expect(usesOf(documents, 'gapm000000000000')).toEqual([
    { document: PAGE, records: [{ collection: 'blocks', id: blocks[1].id }] },
  ])
  const { documents: replaced } = after(replaceNamed(documents, 'gapm000000000000', 'pine000000000000'))
  expect(usesOf(replaced, 'gapm000000000000')).toEqual([])
  expect(usesOf(replaced, 'pine000000000000')).toHaveLength(1)
})
