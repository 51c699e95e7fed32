import { blockSchema, type Block } from '../../block/block'
import type { PageSources } from '../../resolve/pageSources'
import { PageResolver } from '../../resolve/resolvePage'
import { usualBands, usualSite } from '../../site/usualSite'
import { plainStyle } from '../../style/plainStyle'
import { quickStart, USUAL_START } from '../../style/quickStart'
import type { StyleDocument } from '../../style/style'
import { tokenMark, tokenSchema } from '../../style/token'
import { colourShares } from './colourShares'
import { contrastTable } from './contrastTable'
import { pairsInUse } from './pairsInUse'

const PAGE = 'page000000000000'
const SECTION = 'section000000000'
const token = (id: string, value: string, more: object = {}) =>
  tokenSchema.parse({ id: id.padEnd(16, '0'), order: 'a0', name: id, type: 'colour', value, ...more })
const tokens = [
  token('pale', '#d6d6d6'),
  token('sky', '#5eb2df'),
  token('paper', '#ffffff', { role: 'ground' }),
]
const style: StyleDocument = {
  ...plainStyle,
  records: { ...plainStyle.records, tokens: Object.fromEntries(tokens.map((one) => [one.id, one])) },
}
const block = (id: string, kind: string, more: object = {}) =>
  blockSchema.parse({
    ...{ id: id.padEnd(16, '0'), order: 'a0', kind },
    ...(kind === 'section' ? {} : { parent: SECTION }),
    ...more,
  }) as Block

function resolved(blocks: Block[], guide: StyleDocument) {
  const all = [block('section', 'section'), ...blocks]
  const records = { blocks: Object.fromEntries(all.map((one) => [one.id, one])) }
  const sources: PageSources = {
    drawing: { kind: 'drawing', id: PAGE, schema: 1, records },
    site: usualSite,
    style: guide,
  }
  const page = new PageResolver({ withHidden: false, namesColours: true }).resolve(sources, usualBands.wide)
  return { id: PAGE, page, width: 1440 }
}

const says = [{ insert: 'Hello' }]
const named = (id: string) => ({ token: id.padEnd(16, '0') })

test('pairs are the words’ colour with the nearest ground behind, large text apart', () => {
  const box = block('box', 'box', { look: { fill: named('sky') } })
  const pairs = pairsInUse([
    resolved(
      [
        box,
        block('one', 'text', { text: says, look: { colour: named('pale') } }),
        block('two', 'text', { text: says, look: { colour: named('pale') } }),
        block('in', 'text', { parent: box.id, text: says, look: { colour: { hex: '#000000' } } }),
        block('big', 'text', { tag: 'h1', text: says, look: { colour: named('pale') } }),
        block('none', 'text', { text: [], look: { colour: named('sky') } }),
      ],
      style,
    ),
  ])
  const pale = tokenMark(named('pale').token)
  const paper = tokenMark(named('paper').token)
  expect(pairs.map(({ words, ground, isLarge, places }) => [words, ground, isLarge, places.length])).toEqual([
    [pale, paper, false, 2],
    [pale, paper, true, 1],
    ['#000000', tokenMark(named('sky').token), false, 1],
  ])
})

// Common practice without a source: #d6d6d6 on white is 1.45:1, #5eb2df on white 2.36:1.
test('the table tells ratio and level, those that fail first, each with a colour that passes', () => {
  const places = [{ page: PAGE, key: 'x' }]
  const pair = (words: string, isLarge = false) => ({
    ...{ words: tokenMark(named(words).token), ground: tokenMark(named('paper').token), isLarge, places },
  })
  const rows = contrastTable(style.records.tokens, [pair('sky'), pair('pale'), pair('sky', true)])
  expect(rows.map(({ ratio }) => Number(ratio.toFixed(2)))).toEqual([1.45, 2.36, 2.36])
  expect(rows.every(({ passes, level }) => !passes && level === 'fails')).toBe(true)
  const fixed = contrastTable(style.records.tokens, [{ ...pair('sky'), words: rows[1].fix as string }])
  expect(fixed[0]).toMatchObject({ passes: true, level: 'AA' })
  expect(fixed[0].ratio).toBeLessThan(4.7)
})

test('a computed guide passes all through, in both sets', () => {
  const started = quickStart({ ...USUAL_START, main: '#c2410c' })
  const rows = contrastTable(Object.fromEntries(started.tokens.map((one) => [one.id, one])), [])
  expect(rows.length).toBeGreaterThan(30)
  expect(rows.filter(({ passes }) => !passes)).toEqual([])
  expect(new Set(rows.map(({ words }) => words.set))).toEqual(new Set(['light', 'dark']))
})

test('shares of colours are those of the areas one sees', () => {
  const box = (
    x: number,
    y: number,
    w: number,
    h: number,
    fill: string | undefined,
    children: object[] = [],
  ) => ({
    ...{ x, y, w, h, children },
    node: { look: { fill, colour: '#000000' }, content: { type: 'blocks' } },
  })
  const layout = {
    ...{ width: 800, height: 400, ground: '#ffffff' },
    sections: [
      box(0, 0, 800, 200, '#1f5b4c', [box(400, 0, 400, 200, '#b9770e')]),
      box(0, 200, 800, 200, undefined, []),
    ],
  }
  const shares = colourShares([layout as never])
  expect(Object.fromEntries(shares)).toEqual({ '#ffffff': 0.5, '#1f5b4c': 0.25, '#b9770e': 0.25 })
})
