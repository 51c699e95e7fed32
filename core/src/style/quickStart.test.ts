import fc from 'fast-check'
import { contrastRatio } from '../colour/contrast'
import { NEEDED, USUAL_PAIRS } from '../colour/roles'
import { oklchOf } from '../colour/spaces'
import { levelSchema } from './level'
import { partSchema } from './part'
import { proposals } from './proposals'
import { quickStart, USUAL_START, type Start } from './quickStart'
import { roleColours } from './roleColours'
import { gapsAround, readGapRow } from './spaceSteps'
import { plainStyle } from './plainStyle'
import { takeStart } from './takeStart'
import { tokenColour, tokenOfRole, tokenSchema, type Token } from './token'
import { lineHeightFor, readSizeRow, scaleSizes, sizesByRole } from './typeScale'

const hexes = fc.nat(0xffffff).map((value) => `#${value.toString(16).padStart(6, '0')}`)
const starts = fc.record({
  main: hexes,
  second: fc.option(hexes, { nil: undefined }),
  headings: fc.constantFrom('Lora', 'Public Sans'),
  text: fc.constantFrom('Inter', 'Public Sans'),
  corners: fc.constantFrom('square', 'slight', 'round', 'pill'),
  density: fc.constantFrom('tight', 'usual', 'airy'),
  contrast: fc.constantFrom('usual', 'high'),
  isTinted: fc.boolean(),
  size: fc.integer({ min: 14, max: 22 }),
  ratio: fc.constantFrom(1.125, 1.2, 1.25, 1.333, 1.5),
}) as fc.Arbitrary<Start>

test('whatever the colours, what is read on what passes WCAG 2.2 in the light set and in the dark one', () => {
  fc.assert(
    fc.property(hexes, fc.option(hexes, { nil: undefined }), fc.boolean(), (main, second, isTinted) => {
      const roles = roleColours({ main, second, contrast: 'usual', isTinted })
      for (const set of ['light', 'dark'] as const)
        for (const { on, over, as } of USUAL_PAIRS)
          expect([on, over, contrastRatio(roles[on][set], roles[over][set]) >= NEEDED[as]]).toEqual([
            on,
            over,
            true,
          ])
    }),
    { numRuns: 150, seed: 7 },
  )
})

test('more contrast means that of WCAG AAA for all that is read', () => {
  const roles = roleColours({ main: '#2a6f97', contrast: 'high', isTinted: true })
  for (const words of ['text', 'soft', 'link', 'wrong', 'warning'] as const)
    expect(contrastRatio(roles[words].light, roles.ground.light)).toBeGreaterThanOrEqual(7)
})

test('every computed guide is one a document takes, and all it names is in it', () => {
  fc.assert(
    fc.property(starts, (start) => {
      const { tokens, levels, parts } = quickStart(start)
      tokens.forEach((token) => tokenSchema.parse(token))
      levels.forEach((level) => levelSchema.parse(level))
      parts.forEach((part) => partSchema.parse(part))
      const ids = [...tokens, ...levels, ...parts].map(({ id }) => id)
      expect(new Set(ids).size).toBe(ids.length)
      const named = [...JSON.stringify([tokens, parts]).matchAll(/"token":"([^"]+)"/g)].map(([, id]) => id)
      const known = new Set(tokens.map(({ id }) => id))
      expect(named.filter((id) => !known.has(id))).toEqual([])
    }),
    { numRuns: 60, seed: 7 },
  )
})

test('ids stay when it is computed anew, and roles follow the main colour', () => {
  const [one, other] = ['#1f5b4c', '#8a2d3b'].map((main) => quickStart({ ...USUAL_START, main }))
  expect(other.tokens.map(({ id }) => id)).toEqual(one.tokens.map(({ id }) => id))
  const tokens = Object.fromEntries(other.tokens.map((token): [string, Token] => [token.id, token]))
  expect(tokenColour(tokens, 'roleaction000000')).toBe('#8a2d3b')
})

test('three proposals differ in type, corners and room', () => {
  const three = proposals({ ...USUAL_START, main: '#2a6f97' }).map(({ start }) => start)
  const kinds = three.map(({ headings, corners, density, ratio }) =>
    [headings, corners, density, ratio].join(),
  )
  expect(new Set(kinds).size).toBe(3)
  expect(oklchOf(three[2].main).l).toBeLessThan(0.5)
})

describe('type scales', () => {
  // Common practice without a source: rows of sizes designers write.
  test('14/18/24/64 and 16/68 are read, and given to levels', () => {
    expect(readSizeRow('14/18/24/64')).toEqual({ sizes: [14, 18, 24, 64] })
    expect(readSizeRow(' 68 16px ')).toEqual({ sizes: [16, 68] })
    expect(sizesByRole([14, 18, 24, 64])).toMatchObject({ small: 14, p: 18, h3: 18, h2: 24, h1: 64 })
    expect(sizesByRole([16, 68])).toMatchObject({ small: 16, p: 16, h2: 16, h1: 68 })
    expect(sizesByRole([20])).toMatchObject({ small: 20, p: 20, h1: 20 })
  })

  test.each(['', 'large', '14/900', '3', '1 2 3', Array.from({ length: 13 }, (_, n) => n + 10).join('/')])(
    '“%s” is no row of sizes',
    (text) => {
      expect(readSizeRow(text)).toHaveProperty('error')
    },
  )

  test('by base and ratio: 16 px and 1.25 give 12.8, 16, 20, 25, 31.25, to half a px', () => {
    expect(scaleSizes(16, 1.25, 1, 3)).toEqual([13, 16, 20, 25, 31.5].slice(0, 5))
  })

  test('lines are higher than their text, and closer the larger it is', () => {
    expect(lineHeightFor(16)).toBe(24)
    expect(lineHeightFor(64) / 64).toBeLessThan(1.13)
    for (let size = 8; size < 120; size++) expect(lineHeightFor(size)).toBeGreaterThan(size)
  })
})

describe('gaps', () => {
  test('around a base rise, and the base is m', () => {
    expect(gapsAround(16, 3, 5)).toEqual([
      { name: 'space-2xs', px: 4 },
      { name: 'space-xs', px: 8 },
      { name: 'space-s', px: 12 },
      { name: 'space-m', px: 16 },
      { name: 'space-l', px: 24 },
      { name: 'space-xl', px: 32 },
      { name: 'space-2xl', px: 48 },
      { name: 'space-3xl', px: 64 },
      { name: 'space-4xl', px: 96 },
    ])
  })

  test('typed are named from the one nearest to 16 px', () => {
    const read = readGapRow('64, 4 8 16/32')
    expect(read).toEqual({
      gaps: [
        { name: 'space-xs', px: 4 },
        { name: 'space-s', px: 8 },
        { name: 'space-m', px: 16 },
        { name: 'space-l', px: 32 },
        { name: 'space-xl', px: 64 },
      ],
    })
    expect(readGapRow('4 wide')).toHaveProperty('error')
    const many = readGapRow('1 2 3 4 6 8 10 12 14 16 20 24 32')
    expect(new Set('gaps' in many ? many.gaps.map(({ name }) => name) : []).size).toBe(13)
  })
})

describe('taking a computed guide', () => {
  const taken = takeStart(plainStyle, { ...USUAL_START, main: '#8a2d3b' }, ['colour'])
  const action = (tokens: Record<string, Token>) => tokenOfRole(tokens, 'action')?.id

  test('only its colours leaves type and parts as they are, and colours from before follow their roles', () => {
    expect(taken.records.levels).toBe(plainStyle.records.levels)
    expect(taken.records.parts).toBe(plainStyle.records.parts)
    expect(tokenColour(taken.records.tokens, 'colouraccent0000')).toBe('#8a2d3b')
  })

  test('colours from before that nothing names are left out', () => {
    const { tokens } = takeStart(
      plainStyle,
      USUAL_START,
      ['colour'],
      (id) => id === 'colourink0000000',
    ).records
    expect('colourink0000000' in tokens).toBe(true)
    expect('colouraccent0000' in tokens).toBe(false)
  })

  test('a colour that was changed by hand stays, but gives up its role', () => {
    const id = 'colouraccent0000'
    const own = { ...plainStyle.records.tokens[id], value: '#123456', role: 'action' } as Token
    const style = { ...plainStyle, records: { ...plainStyle.records, tokens: { [id]: own } } }
    const after = takeStart(style, USUAL_START, ['colour', 'parts']).records
    expect(after.tokens[id]).toMatchObject({ value: '#123456' })
    expect(action(after.tokens)).toBe('roleaction000000')
  })

  test('only its parts brings along the tokens they name', () => {
    const { tokens, parts } = takeStart(plainStyle, USUAL_START, ['parts']).records
    const named = [...JSON.stringify(parts).matchAll(/"token":"([^"]+)"/g)].map(([, id]) => id)
    expect(named.length).toBeGreaterThan(20)
    expect(named.filter((id) => !(id in tokens))).toEqual([])
  })
})
