import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { idOf, type Sketch } from '../testing/draft'
import { dressedGuide, REVIEWED, reviewed, reviewedProject, reviewFacts, withFix } from '../testing/reviewed'
import { signFor } from '../draft/draftIcons'
import { usualChoice } from '../draft/pattern'
import { patterns } from '../draft/patterns'
import { placePieces } from '../draft/placePieces'
import type { SectionContent } from '../draft/sectionContent'
import type { Documents } from '../document/types'
import { bandsOf } from '../resolve/resolvePage'
import type { SiteDocument } from '../site/site'
import { usualSite } from '../site/usualSite'
import type { Level } from '../style/level'
import { plainStyle } from '../style/plainStyle'
import { tokenColour } from '../style/token'
import { px } from '../units/length'
import type { DrawingRule } from './drawing/drawingRule'
import type { Fix } from './finding'
import { drawingFindings, drawingRules } from './drawing/drawingRules'
import { mainHeading } from './type/headings'

/**
 * Pages with one known fault each, and the same page where it is just no fault. Limits are common practice without a
 * source, but for contrast (WCAG 2.2, 1.4.3 and 1.4.11) and targets (2.5.8).
 */
const library = shippedFontLibrary()

const LONG =
  'Boats leave every hour from the first light to the last, and on days without wind they are on time, which is to say on most days from May to the end of September, when the yard takes them in turn.'
const says = (words: string) => [{ insert: words }]
const text = (name: string, words: string, more: Partial<Sketch> = {}): Sketch => ({
  ...{ kind: 'text', name, text: says(words) },
  ...more,
})
const heading = (name: string, rank: number, words = name, more: Partial<Sketch> = {}): Sketch =>
  text(name, words, { tag: `h${rank}` as 'h1', ...more })
const column = (name: string, holds: Sketch[], more: Partial<Sketch> = {}): Sketch => ({
  ...{ kind: 'box', name, holds },
  ...more,
  arrange: { type: 'column', gap: px(16), ...more.arrange },
})
const row = (name: string, holds: Sketch[], more: Partial<Sketch> = {}): Sketch =>
  column(name, holds, { ...more, arrange: { type: 'row', ...more.arrange } })
const free = (name: string, holds: Sketch[]): Sketch => ({
  ...{ kind: 'box', name, holds },
  ...{ arrange: { type: 'placed' }, place: { height: px(400), width: px(600) } },
})
const at = (name: string, left: number, top: number): Sketch => ({
  ...{ kind: 'box', name },
  place: { offset: { left: px(left), top: px(top) }, width: px(96), height: px(64) },
})
const page = (...holds: Sketch[]): Sketch[] => [
  {
    ...{ kind: 'section', name: 'main' },
    arrange: { type: 'column', gap: px(24), padding: { top: px(64), bottom: px(64) } },
    holds: [heading('fares', 1, 'Fares'), ...holds],
  },
]
const ring = (hex: string, width = 1) => {
  const edge = { width: px(width), line: 'solid' as const, colour: { hex } }
  return { top: edge, right: edge, bottom: edge, left: edge }
}
const padding = (value: number) => ({ top: px(value), right: px(value), bottom: px(value), left: px(value) })
const look = (colour: string) => ({ look: { colour: { hex: colour } } })
/** White in the dark set, too. */
const onWhite = (...holds: Sketch[]): Sketch =>
  column('white', holds, {
    look: { colourSet: 'light', fill: { hex: '#ffffff' } },
    arrange: { padding: padding(16) },
  })
const narrow = { place: { maxWidth: px(560) } }
const SIGN = {
  arrange: { type: 'row' as const, padding: { top: px(12), right: px(20), bottom: px(12), left: px(20) } },
  place: { width: 'fit' as const },
}
const round = { topLeft: px(4), topRight: px(4), bottomRight: px(4), bottomLeft: px(4) }

interface Case {
  rule: string
  fault: Sketch[]
  miss: Sketch[]
  /** levels of the guide beside its own, by their names */
  levels?: Record<string, object>
  /** no change mends it */
  isUnmended?: true
}

const CASES: Case[] = [
  {
    rule: 'measure',
    fault: page(text('widetext', LONG + LONG + LONG)),
    miss: page(text('widetext', LONG + LONG + LONG, { place: { maxWidth: px(620) } })),
  },
  {
    rule: 'oneWordLines',
    fault: page(text('squeezed', 'Boats every single morning', { place: { width: px(72) } })),
    miss: page(text('squeezed', 'Boats every single morning', { place: { width: px(160) } })),
    isUnmended: true,
  },
  {
    rule: 'capitals',
    fault: page(text('shouted', 'NO BOATS ON THE FIRST SUNDAY OF THE MONTH AT ALL')),
    miss: page(text('shouted', 'NO BOATS ON SUNDAYS')),
    isUnmended: true,
  },
  {
    rule: 'mainHeading',
    fault: page(heading('second', 1, 'Second')),
    miss: page(heading('second', 2, 'Second')),
  },
  {
    rule: 'headingOrder',
    fault: page(heading('deep', 4, 'Deep')),
    miss: page(heading('deep', 2, 'Deep')),
  },
  {
    rule: 'textContrast',
    fault: page(onWhite(text('pale', 'Hardly there', look('#8a8a8a')))),
    // 4.54 to 1 on white: the darkest grey named in examples of WCAG 2.2, 1.4.3
    miss: page(onWhite(text('pale', 'Hardly there', look('#767676')))),
  },
  {
    rule: 'surfacesVanish',
    fault: page(
      column('panel', [text('one', 'Words'), text('two', 'More')], { look: { fill: { hex: '#fdfdfd' } } }),
    ),
    miss: page(
      column('panel', [text('one', 'Words'), text('two', 'More')], {
        look: { fill: { hex: '#e8efec' } },
        arrange: { padding: padding(16) },
      }),
    ),
    isUnmended: true,
  },
  {
    rule: 'looksLikeButton',
    fault: page({
      ...{ kind: 'box', name: 'badge', holds: [text('badgewords', 'New boats')] },
      ...SIGN,
      look: { fill: { hex: '#14506b' }, colour: { hex: '#ffffff' }, radius: round },
    }),
    miss: page({
      ...{ kind: 'box', name: 'badge', holds: [text('badgewords', 'New boats')] },
      ...SIGN,
      look: { fill: { hex: '#14506b' }, colour: { hex: '#ffffff' } },
    }),
    isUnmended: true,
  },
  {
    rule: 'buttonUnlike',
    fault: page({
      ...{ kind: 'button', name: 'go', text: says('Go') },
      variant: 'quiet',
      look: { colour: { role: 'text', hex: '#1b2023' } },
    }),
    miss: page({ kind: 'button', name: 'go', text: says('Go'), variant: 'quiet' }),
  },
  {
    rule: 'primaryActions',
    fault: page(
      row('ways', [
        { kind: 'button', name: 'buy', text: says('Buy') },
        { kind: 'button', name: 'ask', text: says('Ask') },
      ]),
    ),
    miss: page(
      row('ways', [
        { kind: 'button', name: 'buy', text: says('Buy') },
        { kind: 'button', name: 'ask', text: says('Ask'), variant: 'secondary' },
      ]),
    ),
  },
  {
    rule: 'targetSize',
    fault: page(
      row(
        'signs',
        [
          {
            kind: 'button',
            name: 'less',
            text: says('-'),
            arrange: { padding: padding(0) },
            place: { width: px(16) },
          },
          {
            kind: 'button',
            name: 'more',
            text: says('+'),
            arrange: { padding: padding(0) },
            place: { width: px(16) },
          },
        ],
        { arrange: { gap: px(4) } },
      ),
    ),
    miss: page(
      row('signs', [
        {
          kind: 'button',
          name: 'less',
          text: says('-'),
          arrange: { padding: padding(0) },
          place: { width: px(16) },
        },
        { kind: 'text', name: 'count', text: says('two of us') },
        {
          kind: 'button',
          name: 'more',
          text: says('+'),
          arrange: { padding: padding(0) },
          place: { width: px(16) },
        },
      ]),
    ),
  },
  {
    rule: 'headingNearer',
    fault: page(
      column('story', [
        text('before', LONG, narrow),
        heading('winter', 2, 'Winter', { place: { space: px(12) } }),
        text('after', LONG, { place: { maxWidth: px(560), space: px(24) } }),
      ]),
    ),
    miss: page(
      column('story', [
        text('before', LONG, narrow),
        heading('winter', 2, 'Winter', { place: { space: px(40) } }),
        text('after', LONG, { place: { maxWidth: px(560), space: px(16) } }),
      ]),
    ),
  },
  {
    rule: 'insideLarger',
    fault: page(
      column('all', [
        column('group', [text('a', 'One'), text('b', 'Two')], { arrange: { gap: px(32) } }),
        column('other', [text('c', 'Three'), text('d', 'Four')], { arrange: { gap: px(8) } }),
      ]),
    ),
    miss: page(
      column('all', [
        column('group', [text('a', 'One'), text('b', 'Two')], { arrange: { gap: px(8) } }),
        column('other', [text('c', 'Three'), text('d', 'Four')], { arrange: { gap: px(8) } }),
      ]),
    ),
  },
  {
    rule: 'textNearEdge',
    fault: page(
      column('framed', [text('inside', 'Words'), text('more', 'Words')], {
        look: { border: ring('#333333') },
      }),
    ),
    miss: page(
      column('framed', [text('inside', 'Words'), text('more', 'Words')], {
        look: { border: ring('#333333') },
        arrange: { padding: padding(8) },
      }),
    ),
  },
  {
    rule: 'unequalRun',
    fault: page(
      column('run', [
        text('first', 'One'),
        text('second', 'Two'),
        text('third', 'Three', { place: { space: px(20) } }),
        text('fourth', 'Four'),
      ]),
    ),
    miss: page(
      column('run', [
        text('first', 'One'),
        text('second', 'Two'),
        text('third', 'Three', { place: { space: px(48) } }),
        text('fourth', 'Four'),
      ]),
    ),
  },
  {
    rule: 'nearlyInLine',
    fault: page(free('free', [at('one', 40, 0), at('two', 40, 96), at('three', 43, 192)])),
    miss: page(free('free', [at('one', 40, 0), at('two', 40, 96), at('three', 56, 192)])),
  },
  {
    rule: 'offScale',
    fault: page(column('loose', [text('a', 'One'), text('b', 'Two')], { arrange: { gap: px(13) } })),
    miss: page(column('loose', [text('a', 'One'), text('b', 'Two')], { arrange: { gap: px(12) } })),
  },
  {
    rule: 'cutWords',
    fault: page(text('cut', LONG, { look: { lines: 1 }, place: { maxWidth: px(300) } })),
    miss: page(text('cut', 'Every hour', { look: { lines: 1 }, place: { maxWidth: px(300) } })),
  },
  {
    rule: 'standsIn',
    fault: page(text('lead', 'The answer to what people ask most often about this.')),
    miss: page(text('lead', 'Dogs, bikes and prams come along.')),
    isUnmended: true,
  },
  {
    rule: 'readingOrder',
    fault: page(free('free', [at('lower', 40, 200), at('upper', 40, 40)])),
    miss: page(free('free', [at('upper', 40, 40), at('lower', 40, 200)])),
    isUnmended: true,
  },
  {
    rule: 'smallText',
    fault: page(text('tiny', 'Small print', { look: { level: idOf('tiny') } })),
    miss: page(text('tiny', 'Small print', { look: { level: idOf('small') } })),
    levels: { tiny: { size: px(11) }, small: { size: px(12) } },
  },
  {
    rule: 'lineHeight',
    fault: page(text('dense', LONG, { look: { level: idOf('tight') }, ...narrow })),
    miss: page(text('dense', LONG, { look: { level: idOf('open') }, ...narrow })),
    levels: {
      tight: { lineHeight: { value: 1.1, unit: 'em' } },
      open: { lineHeight: { value: 1.4, unit: 'em' } },
    },
  },
  {
    rule: 'levelsAlike',
    fault: page(
      heading('two', 2, 'Two', { look: { level: idOf('two') } }),
      heading('three', 3, 'Three', { look: { level: idOf('three') } }),
    ),
    miss: page(
      heading('two', 2, 'Two', { look: { level: idOf('two') } }),
      heading('three', 3, 'Three', { look: { level: idOf('four') } }),
    ),
    levels: { two: { size: px(22) }, three: { size: px(21) }, four: { size: px(18) } },
    isUnmended: true,
  },
  {
    rule: 'tooManyFonts',
    fault: page(
      ...[1, 2, 3, 4, 5, 6, 7, 8].map((n) => text(`t${n}`, 'Words', { look: { level: idOf(`l${n}`) } })),
    ),
    miss: page(...[1, 2, 3, 4, 5, 6].map((n) => text(`t${n}`, 'Words', { look: { level: idOf(`l${n}`) } }))),
    levels: Object.fromEntries([1, 2, 3, 4, 5, 6, 7, 8].map((n) => [`l${n}`, { size: px(17 + 2 * n) }])),
    isUnmended: true,
  },
  {
    rule: 'fieldLabel',
    fault: page({ kind: 'field', name: 'name', data: { label: '' } }),
    miss: page({ kind: 'field', name: 'name', data: { label: 'Name' } }),
    isUnmended: true,
  },
  {
    rule: 'wrongAsAction',
    fault: page({
      kind: 'button',
      name: 'buy',
      text: says('Buy'),
      look: { fill: { role: 'wrong', hex: '#a63d2a' } },
    }),
    miss: page({
      kind: 'button',
      name: 'buy',
      text: says('Buy'),
      look: { fill: { role: 'text', hex: '#1b2023' } },
    }),
  },
  {
    rule: 'linkUnlike',
    fault: page({
      kind: 'link',
      name: 'more',
      text: says('All sailings'),
      look: { colour: { role: 'text', hex: '#1b2023' } },
    }),
    miss: page({ kind: 'link', name: 'more', text: says('All sailings') }),
  },
  {
    rule: 'noAlternative',
    fault: page({
      kind: 'picture',
      name: 'isle',
      data: { file: { asset: idOf('isle'), width: 800, height: 600 } },
    }),
    miss: page({
      kind: 'picture',
      name: 'isle',
      data: { file: { asset: idOf('isle'), width: 800, height: 600 }, alt: 'The isle' },
    }),
    isUnmended: true,
  },
  {
    rule: 'softPictures',
    fault: page({
      kind: 'picture',
      name: 'isle',
      data: { file: { asset: idOf('isle'), width: 500, height: 300 } },
      place: { width: px(800) },
    }),
    miss: page({
      kind: 'picture',
      name: 'isle',
      data: { file: { asset: idOf('isle'), width: 500, height: 300 } },
      place: { width: px(320) },
    }),
    isUnmended: true,
  },
  {
    rule: 'offColumns',
    fault: page(free('free', [at('one', 3, 0)])),
    miss: page(free('free', [at('one', 30, 0)])),
  },
]

/** The guide with some levels more, set as its text is unless they say otherwise. */
function guideWith(levels: Record<string, object> = {}) {
  const { records } = dressedGuide
  const text = Object.values(records.levels).find(({ role }) => role === 'p')
  const more = Object.entries(levels).map(([name, own]) => {
    const { fluid, role, at, ...plain } = text as Level
    return [idOf(name), { ...plain, ...own, id: idOf(name), name }]
  })
  return {
    ...dressedGuide,
    records: { ...records, levels: { ...records.levels, ...Object.fromEntries(more) } },
  }
}
const projectOf = (sketches: Sketch[], { levels }: Case) => reviewedProject(sketches, guideWith(levels))
const rulesOn = (sketches: Sketch[], one: Case) =>
  new Set(reviewed(projectOf(sketches, one), library).map(({ rule }) => rule))
/** Rules that find nothing on pages that are drawn by patterns. */
const WELL_MADE = new Set([
  ...[
    'looksLikeButton',
    'buttonUnlike',
    'linkUnlike',
    'primaryActions',
    'fieldEdge',
    'runsOut',
    'textContrast',
  ],
  ...[
    'targetSize',
    'headingNearer',
    'insideLarger',
    'textNearEdge',
    'unequalRun',
    'readingOrder',
    'smallText',
  ],
  ...['oneWordLines', 'lineHeight'],
])
const CONTENT: SectionContent = {
  ...{
    name: 'Boats',
    text: 'A short text of what there is.',
    parts: [],
    action: 'Buy a ticket',
    siteName: 'Larder',
  },
  ...{ heading: '', page: '', menus: {}, icon: signFor },
}
/** What such small pages have without being spoilt: no map, no names for one's blocks. */
const ALWAYS = new Set(['sectionsAstray'])

test.each(CASES.map((one) => [one.rule, one] as const))(
  '%s speaks of its fault, and not of what is just none',
  (rule, one) => {
    expect([...rulesOn(one.fault, one)].filter((id) => !ALWAYS.has(id))).toContain(rule)
    expect([...rulesOn(one.miss, one)].filter((id) => id === rule)).toEqual([])
  },
)

test.each(CASES.filter(({ isUnmended }) => !isUnmended).map((one) => [one.rule, one] as const))(
  'the change that mends %s leaves nothing of it, and brings nothing new',
  (rule, one) => {
    let documents = projectOf(one.fault, one)
    const before = rulesOn(one.fault, one)
    for (let turn = 0; turn < 8; turn++) {
      const found = reviewed(documents, library).find((finding) => finding.rule === rule)
      if (!found) break
      if (!found.fix) throw new Error(`${found.says} has no fix`)
      documents = withFix(documents, found.fix)
    }
    const after = reviewed(documents, library)
    expect(after.filter((finding) => finding.rule === rule)).toEqual([])
    expect(after.map((finding) => finding.rule).filter((id) => !before.has(id))).toEqual([])
  },
)

test('fields are seen by their edge or their ground', () => {
  const sketches = page({ kind: 'field', name: 'name', data: { label: 'Name' } })
  const withEdge = (hex: string) => {
    const parts = Object.entries(dressedGuide.records.parts).map(([id, part]) => {
      const border = part.kind === 'field' && part.piece === 'control' && !part.state ? ring(hex) : undefined
      return [id, border ? { ...part, look: { ...part.look, border } } : part]
    })
    return { ...dressedGuide, records: { ...dressedGuide.records, parts: Object.fromEntries(parts) } }
  }
  const found = (hex: string) =>
    reviewed(reviewedProject(sketches, withEdge(hex)), library).filter(({ rule }) => rule === 'fieldEdge')
  expect(found('#c8c8c8')).toMatchObject([{ severity: 'serious' }])
  // 3.03 to 1 on white
  expect(found('#949494')).toEqual([])
})

test('words are looked at in the dark set, too', () => {
  const { records } = dressedGuide
  const inDark = (dark: string) => {
    const dim = { id: idOf('dim'), order: 'zz', name: 'Dim', type: 'colour', value: '#333333', dark }
    const tokens = Object.values(records.tokens).map((one) =>
      one.type === 'colour' && one.role === 'ground' ? { ...one, dark: '#101418' } : one,
    )
    const named = Object.fromEntries([...tokens, dim].map((one) => [one.id, one]))
    const guide = {
      ...dressedGuide,
      records: { ...records, tokens: named },
    } as unknown as typeof dressedGuide
    const sketches = page(text('words', 'In the evening', { look: { colour: { token: idOf('dim') } } }))
    return reviewed(reviewedProject(sketches, guide), library)
      .filter(({ rule, place }) => rule === 'textContrast' && place.id === idOf('words'))
      .map(({ says: said }) => said)
  }
  expect(inDark('#e8ecf0')).toEqual([])
  expect(inDark('#3a4048')).toEqual([expect.stringContaining('in the dark set')])
})

test('a value that is what a token says is named by it, and one that is not stays', () => {
  const { tokens } = dressedGuide.records
  const token = Object.values(tokens).find((one) => one.type === 'colour' && one.role === 'action')
  const hex = tokenColour(tokens, String(token?.id)) ?? ''
  const inColour = (colour: string) => reviewedProject(page(onWhite(text('words', 'Fares', look(colour)))))
  const found = (documents: Documents, colour: string) =>
    reviewed(documents, library).filter(
      ({ rule, says: said }) => rule === 'besideTokens' && said.startsWith(colour.toLowerCase()),
    )
  const [one, ...others] = found(inColour(hex), hex)
  expect(others).toEqual([])
  expect(found(withFix(inColour(hex), one.fix as Fix), hex)).toEqual([])
  expect(found(inColour('#5b1f8c'), '#5b1f8c')).toEqual([])
})

test('a picture without a licence is told once; one with it is not', () => {
  const isle: Sketch = {
    ...{ kind: 'picture', name: 'isle' },
    data: { file: { asset: idOf('isle'), width: 1600, height: 900 }, alt: 'The isle' },
  }
  const documents = reviewedProject(page(isle, { ...isle, name: 'again' }))
  const found = (of: Documents) => reviewed(of, library).filter(({ rule }) => rule === 'withoutLicence')
  expect(found(documents)).toHaveLength(1)
  const site = documents.site as unknown as SiteDocument
  const credits = { [idOf('isle')]: { id: idOf('isle'), licence: 'Our own' } }
  const credited = { ...site, records: { ...site.records, credits } }
  expect(found({ ...documents, site: credited } as unknown as Documents)).toEqual([])
})

test('what patterns draw, dressed by a guide, has nothing that looks like what it is not', () => {
  for (const pattern of patterns) {
    const content = { ...CONTENT, heading: 'The boats', page: 'Boats' }
    const piece = pattern.make(content, usualChoice(pattern))
    let count = 0
    const blocks = placePieces(piece, bandsOf(usualSite), () => `b${String(count++).padStart(15, '0')}`)
    const documents = reviewedProject([])
    const records = { blocks: Object.fromEntries(blocks.map((block) => [block.id, block])) }
    const drawn = { ...documents, [REVIEWED]: { ...documents[REVIEWED], records } } as unknown as Documents
    const wrong = reviewed(drawn, library).filter(({ rule }) => WELL_MADE.has(rule))
    expect([pattern.id, wrong.map(({ says: said }) => said)]).toEqual([pattern.id, []])
  }
})

test('rules speak from the finish on they are for', () => {
  const pale = page(text('pale', 'Hardly there', look('#8a8a8a')), heading('deep', 4, 'Deep'))
  const rules = (wireframe: 'sketch' | 'plain') => {
    const documents = reviewedProject(pale, plainStyle)
    const site = documents.site as unknown as SiteDocument
    const settings = { site: { ...site.records.settings.site, wireframe } }
    const sketched = { ...site, records: { ...site.records, settings } }
    return reviewed({ ...documents, site: sketched } as unknown as Documents, library).map(({ rule }) => rule)
  }
  expect(rules('sketch')).toEqual(['sectionsAstray'])
  expect(rules('plain')).toContain('headingOrder')
  expect(rules('plain')).not.toContain('textContrast')
})

test('a rule that throws is told of, and the others go on', () => {
  const facts = reviewFacts(reviewedProject(page(heading('second', 1, 'Second'))), library)
  const broken: DrawingRule = {
    ...{ id: 'broken', label: 'Broken', why: '', severity: 'fair', from: 'sketch' },
    find: () => {
      throw new Error('no such thing')
    },
  }
  expect(drawingFindings(facts, [broken, mainHeading]).map(({ rule, says: said }) => [rule, said])).toEqual([
    ['broken', '“Broken” could not be looked for on “Fares”: no such thing'],
    ['mainHeading', 'second is a second h1 on “Fares”.'],
  ])
})

test('a page with nothing, and one text of 20,000 words, are looked over', () => {
  expect(reviewed(reviewedProject([]), library)).toEqual([])
  const long = page(text('long', 'boats '.repeat(20_000)))
  expect(reviewed(reviewedProject(long), library).map(({ rule }) => rule)).toContain('measure')
})

test('10,000 blocks that stand freely are looked over', () => {
  const many = Array.from({ length: 10_000 }, (_, index) => at(`b${index}`, (index % 100) * 7, index * 3))
  const free = page({
    ...{ kind: 'box', name: 'free', holds: many, arrange: { type: 'placed' } },
    place: { height: px(40_000), width: px(900) },
  })
  const rules = reviewed(reviewedProject(free), library).map(({ rule }) => rule)
  expect(rules).toContain('nearlyInLine')
}, 60_000)

test('every rule of drawings has its own id', () => {
  expect(new Set(drawingRules.map(({ id }) => id)).size).toBe(drawingRules.length)
})
