import { breakOpportunities } from './breakOpportunities'
import { collapseSpaces } from './collapse'
import { escapeMarkup } from './escapeMarkup'
import { nearestFile, type FontFile } from './fontLibrary'

/** The text with a stroke wherever a line may end. */
const broken = (text: string) => {
  const breaks = [0, ...breakOpportunities(text)]
  return breaks
    .slice(1)
    .map((at, index) => text.slice(breaks[index], at))
    .join('|')
}

// Between two ASCII signs Chromium's own table holds (measured); elsewhere UAX #14.
test.each([
  ['day return', 'day |return'],
  ['day-return', 'day-|return'],
  ['a-1 x-2', 'a-|1 |x-|2'],
  ['refund/exchange', 'refund/exchange'],
  ['really?no', 'really?|no'],
  ['why?!', 'why?!'],
  ['go (now)', 'go |(now)'],
  ['fares:(all)', 'fares:|(all)'],
  ['the “quay” is', 'the |“quay” |is'],
  ['£12.50', '£12.50'],
  ['09:40', '09:40'],
])('%s may break so: %s', (text, expected) => {
  expect(broken(text)).toBe(expected)
})

test('white space collapses across runs, none at the start or end of a line', () => {
  const runs = collapseSpaces([
    { text: '  Small \t boats ' },
    { text: ' three' },
    { text: ' \n isles  ' },
    { text: '  ' },
  ])
  expect(runs.map(({ text }) => text)).toEqual(['Small boats ', 'three', '\nisles'])
})

test('text is made safe for HTML and XML', () => {
  expect(escapeMarkup(`<a href="x" title='y'>&\u0000\u0008</a>`)).toBe(
    '&lt;a href=&quot;x&quot; title=&#39;y&#39;&gt;&amp;&lt;/a&gt;',
  )
})

describe('the nearest face of a family (CSS Fonts 4, section 5.2)', () => {
  const file = (weight: number, italic = false): FontFile => ({
    family: 'F',
    weight,
    italic,
    bytes: new Uint8Array(),
  })
  const files = [file(400), file(600), file(700), file(400, true)]
  test.each([
    [300, false, 400],
    [500, false, 400],
    [650, false, 700],
    [900, false, 700],
    [600, false, 600],
    [700, true, 400],
  ])('%d, italic %s: %d', (weight, italic, expected) => {
    expect(nearestFile(files, { family: 'F', weight, italic })).toMatchObject({ weight: expected, italic })
  })
  test('another family has none', () => {
    expect(nearestFile(files, { family: 'G', weight: 400, italic: false })).toBeUndefined()
  })
})
