import fc from 'fast-check'
import StyleDictionary from 'style-dictionary'
import { applyChange } from '../../document/apply'
import type { Documents } from '../../document/types'
import { documentKinds } from '../../resolve/documentKinds'
import { plainStyle } from '../../style/plainStyle'
import { quickStart, USUAL_START } from '../../style/quickStart'
import type { StyleDocument } from '../../style/style'
import { tokenColour, type Token } from '../../style/token'
import { ImportError } from '../importedPages'
import { writeDtcg } from './dtcgWriter'
import { readPalette, writePalette } from './palette'
import { readTokens } from './readTokens'
import { takeTokens } from './takeTokens'
import { writeTokensCss } from './tokensCss'

const byId = <T extends { id: string }>(list: T[]) => Object.fromEntries(list.map((one) => [one.id, one]))
const { tokens, levels, parts } = quickStart({ ...USUAL_START, second: '#b9770e', isTinted: true })
const guide: StyleDocument = {
  ...plainStyle,
  records: { ...plainStyle.records, tokens: byId(tokens), levels: byId(levels), parts: byId(parts) },
}
const empty: StyleDocument = { ...plainStyle, records: { ...plainStyle.records, tokens: {} } }

/** A guide after tokens of a file were taken into it. */
function takenInto(style: StyleDocument, text: string) {
  let count = 0
  const newId = () => `n${String(count++).padStart(15, '0')}`
  const taken = takeTokens(style, readTokens(text).tokens, newId)
  const documents = { style } as unknown as Documents
  const parts = [{ document: 'style', kind: 'style', operations: taken.operations }]
  const applied = applyChange(documentKinds, documents, parts)
  expect(applied.outcomes).toEqual([])
  return { taken, tokens: applied.documents.style.records.tokens as unknown as Record<string, Token> }
}

/** Colours by name, in both sets. */
const coloursOf = (records: Record<string, Token>) =>
  Object.fromEntries(
    Object.values(records)
      .filter(({ type }) => type === 'colour')
      .map((token) => [
        token.name.toLowerCase().replace(/ /g, '-'),
        [tokenColour(records, token.id), tokenColour(records, token.id, 'dark')],
      ]),
  )

describe('design tokens', () => {
  test('what is written is read again: colours in both sets, roles, gaps, corners, shadows, durations', () => {
    const { tokens: again } = takenInto(empty, writeDtcg(guide))
    expect(coloursOf(again)).toEqual(coloursOf(guide.records.tokens))
    const plain = (records: Record<string, Token>, type: Token['type']) =>
      Object.values(records)
        .filter((token) => token.type === type)
        .map(({ name, value, ...rest }) => [
          name,
          value,
          'use' in rest ? rest.use : '',
          'role' in rest ? rest.role : '',
        ])
    for (const type of ['length', 'duration'] as const)
      expect(plain(again, type)).toEqual(plain(guide.records.tokens, type))
    expect(plain(again, 'shadow').length).toBe(3)
    const action = Object.values(again).find((token) => token.type === 'colour' && token.role === 'action')
    expect(action).toMatchObject({ value: { token: expect.any(String) } })
  })

  // style-dictionary 4, which reads files of the format for many.
  test('style-dictionary reads them and follows what names others', async () => {
    const dictionary = new StyleDictionary({
      tokens: JSON.parse(writeDtcg(guide)) as object,
      log: { verbosity: 'silent' },
      platforms: { js: { transforms: ['name/kebab'] } },
    } as never)
    const { allTokens } = await dictionary.getPlatformTokens('js')
    expect(allTokens.length).toBe(tokens.length + levels.length)
    const named = (name: string) =>
      allTokens.find((token) => token.name === name) as { $value: { hex?: string } }
    expect(named('role-action').$value.hex).toBe('#1f5b4c')
    expect(named('space-m')).toMatchObject({ $type: 'dimension', $value: { value: 16, unit: 'px' } })
  })

  test('files of earlier drafts, with values as words and types on groups, are read', () => {
    const text = JSON.stringify({
      brand: { $type: 'color', sea: { $value: '#2a6f97' }, 'sea-deep': { $value: '{brand.sea}' } },
      spacing: { $type: 'dimension', small: { $value: '8px' }, large: { $value: '1.5rem' } },
      time: { quick: { $type: 'duration', $value: '0.1s' } },
      soft: {
        $type: 'shadow',
        $value: { color: '#00000033', offsetX: '0', offsetY: '2px', blur: '8px', spread: '0' },
      },
    })
    const { tokens: read, remarks } = readTokens(text)
    expect(remarks).toEqual([])
    expect(read).toMatchObject([
      { type: 'colour', value: '#2a6f97' },
      { type: 'colour', value: { of: 0 } },
      { type: 'length', value: { value: 8, unit: 'px' }, use: 'space' },
      { type: 'length', value: { value: 1.5, unit: 'rem' } },
      { type: 'duration', value: 100 },
      { type: 'shadow', value: [{ y: 2, blur: 8, colour: { hex: '#00000033' } }] },
    ])
  })

  test('circles, names of nothing, unknown types and nonsense are left out, each by its name', () => {
    const text = JSON.stringify({
      a: { $type: 'color', $value: '{b}' },
      b: { $type: 'color', $value: '{a}' },
      lost: { $type: 'color', $value: '{nowhere.at.all}' },
      odd: { $type: 'gradient', $value: [] },
      none: { $type: 'color', $value: 'greenish' },
      bare: { $value: 3 },
      wide: { $type: 'dimension', $value: '4 furlongs' },
      good: { $type: 'color', $value: { colorSpace: 'oklch', components: [0.6, 0.1, 200] } },
    })
    const { tokens: read, remarks } = readTokens(text)
    expect(read.map(({ name }) => name)).toEqual(['good'])
    const said = remarks.map(({ remark }) => remark).join('\n')
    for (const name of ['a', 'b', 'lost', 'odd', 'none', 'bare', 'wide']) expect(said).toContain(`“${name}”`)
    expect(said).toMatch(/leads back to itself/)
    expect(said).toMatch(/nowhere\.at\.all/)
  })

  test('colours wider than sRGB become the nearest it has', () => {
    const value = { colorSpace: 'display-p3', components: [0, 1, 0] }
    const [read] = readTokens(JSON.stringify({ green: { $type: 'color', $value: value } })).tokens
    expect(read.value).toMatch(/^#[\da-f]{6}$/)
  })

  test.each([
    ['{', 'is not JSON'],
    ['[]', 'no groups'],
    ['{"a":{"b":1}}', 'no design tokens'],
    [`{"a":"${'x'.repeat(2_000_001)}"}`, 'larger than 2 MB'],
  ])('%.20s is refused', (text, words) => {
    expect(() => readTokens(text)).toThrow(ImportError)
    expect(() => readTokens(text)).toThrow(words)
  })
})

describe('custom properties', () => {
  test('what is written is read again', () => {
    const { tokens: again, taken } = takenInto(empty, writeTokensCss(guide))
    const colours = Object.fromEntries(
      Object.entries(coloursOf(again)).map(([name, value]) => [name.replace(/^(?:role|colour)-/, ''), value]),
    )
    for (const [name, both] of Object.entries(coloursOf(guide.records.tokens)))
      expect(colours[name]).toEqual(both)
    expect(taken.added).toBeGreaterThan(tokens.length - 1)
  })

  test('a sheet full of everything gives its properties and nothing else', () => {
    const css = `@import url("x.css"); /* --no: red; */
      :root { --sea: #2a6f97; --deep: var(--sea); --gap-s: 8px; --quick: .2s; --lift: 0 2px 6px rgb(0 0 0 / .2);
        --round: var(--round); --font: "Some Face", serif; --calc: calc(1px + 2vw) }
      @media (prefers-color-scheme: dark) { :root { --sea: #7fb6d6 } }
      a:hover::before { content: "--fake: red"; color: var(--sea) } }}} <!-- broken { --late: #abc`
    const { tokens: read, remarks } = readTokens(css)
    const named = Object.fromEntries(read.map((one) => [one.name, one]))
    expect(named.sea).toMatchObject({ value: '#2a6f97', dark: '#7fb6d6' })
    expect(named.deep).toMatchObject({ value: '#2a6f97' })
    expect(named['gap-s']).toMatchObject({ type: 'length', use: 'space' })
    expect(named.quick).toMatchObject({ type: 'duration', value: 200 })
    expect(named.lift).toMatchObject({ type: 'shadow' })
    expect(Object.keys(named)).not.toContain('no')
    expect(Object.keys(named)).not.toContain('fake')
    const said = remarks.map(({ remark }) => remark).join('\n')
    for (const name of ['--round', '--font', '--calc']) expect(said).toContain(name)
  })

  test('properties that name each other many times over are given up, not worked out', () => {
    const lines = Array.from({ length: 30 }, (_, n) => `--a${n}: var(--a${n + 1}) var(--a${n + 1})`)
    const started = readTokens(`:root { ${lines.join(';')}; --a30: red; --sound: blue }`)
    expect(started.tokens.some(({ name }) => name === 'sound')).toBe(true)
  })
})

describe('palettes', () => {
  test('what is written is read again', () => {
    const read = readPalette(writePalette(guide, 'Two\nlines'))
    const written = Object.values(guide.records.tokens).filter(({ type }) => type === 'colour')
    expect(read.tokens.map(({ value }) => value)).toEqual(
      written.map(({ id }) => tokenColour(guide.records.tokens, id)),
    )
    expect(read.tokens.map(({ name }) => name)).toEqual(written.map(({ name }) => name))
  })

  test('lines that are no colour are said', () => {
    const { tokens: read, remarks } = readTokens(
      'GIMP Palette\nName: x\n#\n 31 91 76\tPine\n300 0 0 no\nboat\n',
    )
    expect(read).toEqual([{ type: 'colour', name: 'Pine', value: '#1f5b4c' }])
    expect(remarks).toHaveLength(2)
  })
})

test('lines of colours are read with their groups, however they are written', () => {
  const { tokens: read } = readTokens(
    'Sea:\n  deep #014f86\n  - light: rgb(97 165 194)\nSand\n  hsl(40 50% 80%) dunes\n#abc\nMain: teal',
  )
  expect(read.map(({ name, value }) => [name, value])).toEqual([
    ['Sea deep', '#014f86'],
    ['Sea light', '#61a5c2'],
    ['Sand dunes', '#e6d5b3'],
    ['#aabbcc', '#aabbcc'],
    ['Main', '#008080'],
  ])
})

test('tokens of a name that is there change it; the others are added, and nothing else is touched', () => {
  const { taken, tokens: after } = takenInto(guide, 'Main #123456\nOther #654321')
  expect([taken.added, taken.changed]).toEqual([1, 1])
  expect(tokenColour(after, 'rolaction')).toBeUndefined()
  expect(tokenColour(after, 'roleaction000000')).toBe('#123456')
  expect(Object.keys(after)).toHaveLength(tokens.length + 1)
})

test('no text makes a reader fail otherwise than in words', () => {
  const piece = fc.constantFrom(
    '{',
    '}',
    '--a',
    ':',
    ';',
    'var(--a)',
    '#abc',
    '$value',
    '"',
    'GIMP Palette\n',
    '12 3 4',
    '\n',
    'rgb(',
  )
  fc.assert(
    fc.property(fc.array(piece, { maxLength: 30 }), (pieces) => {
      try {
        readTokens(pieces.join(''))
      } catch (error) {
        expect(error).toBeInstanceOf(ImportError)
      }
    }),
    { numRuns: 300, seed: 7 },
  )
})
