import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { blocksOf, idOf, type Sketch } from '../testing/draft'
import { CASES } from '../testing/ruleCases'
import { at, heading, look, onWhite, page, ring, text } from '../testing/ruleCases/drawnPages'
import type { Case } from '../testing/ruleCases/ruleCase'
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

const library = shippedFontLibrary()

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
  ...['oneWordLines', 'lineHeight', 'loneAlignment', 'offCentre', 'focusOrder'],
  ...['prominence', 'weakAction', 'nearColours', 'wrongAsAction', 'tooLong'],
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

const found = (documents: Documents, rule: string) =>
  reviewed(documents, library).filter((one) => one.rule === rule)
const withSite = (documents: Documents, change: (site: SiteDocument) => object): Documents => {
  const site = documents.site as unknown as SiteDocument
  return {
    ...documents,
    site: { ...site, records: { ...site.records, ...change(site) } },
  } as unknown as Documents
}

test('words are to be read in the states of their block, too', () => {
  const buttons = page({ kind: 'button', name: 'one', text: [{ insert: 'Buy' }] })
  const hovered = (hex: string) => {
    const part = { id: idOf('hover'), order: 'zz', kind: 'button', state: 'hover', look: { fill: { hex } } }
    const { records } = dressedGuide
    const others = Object.values(records.parts).filter(
      (one) => one.kind !== 'button' || one.state !== 'hover',
    )
    const parts = Object.fromEntries([...others, part].map((one) => [one.id, one]))
    const guide = { ...dressedGuide, records: { ...records, parts } } as unknown as typeof dressedGuide
    return found(reviewedProject(buttons, guide), 'stateContrast').map(({ says }) => says)
  }
  expect(hovered('#e6e6e6')).toEqual([
    expect.stringMatching(/^one stands out from its ground by 1\.\d to 1 under the pointer/),
  ])
  expect(hovered('#0b2a38')).toEqual([])
})

test('a menu behind its button is said where there is room for it, and stands open once it is mended', () => {
  const withMenu = (width: number) => {
    const menu: Sketch = { kind: 'nav', name: 'menu', manner: 'button' } as Sketch
    return withSite(reviewedProject(page(menu)), ({ records }) => ({
      pages: {
        ...records.pages,
        [idOf('isles')]: { id: idOf('isles'), order: 'a1', title: 'Isles', parent: REVIEWED },
      },
      bands: Object.fromEntries(
        Object.values(records.bands).map((band) => [
          band.id,
          { ...band, drawnAt: Math.min(band.drawnAt, width) },
        ]),
      ),
    }))
  }
  const [{ says, fix }] = found(withMenu(1440), 'menuHidden')
  expect(says).toContain('is behind its button where there is room for it')
  expect(found(withFix(withMenu(1440), fix as Fix), 'menuHidden')).toEqual([])
  expect(found(withMenu(900), 'menuHidden')).toEqual([])
})

test('a text that leaves the baseline grid the others keep to is said; where few keep to it, none is meant', () => {
  const texts = (tops: number[]) =>
    page({
      ...{ kind: 'box', name: 'free', arrange: { type: 'placed' }, place: { height: px(600) } },
      holds: tops.map((top, index) =>
        text(`t${index}`, 'Boats', { place: { offset: { top: px(top) }, width: px(200) } }),
      ),
    })
  const gridded = (tops: number[]) => {
    const plain = reviewedProject(texts(tops))
    const [{ seen }] = reviewFacts(plain, library).seen()
    const first = seen.find(({ node }) => node.name === 't0')
    const offset = ((first?.y ?? 0) + (first?.box.font?.baseline ?? 0)) % 8
    return withSite(plain, ({ records }) => ({
      bands: Object.fromEntries(
        Object.values(records.bands).map((band) => [
          band.id,
          { ...band, grid: { ...band.grid, baseline: { step: 8, offset } } },
        ]),
      ),
    }))
  }
  const of = (tops: number[]) =>
    found(gridded(tops), 'offBaseline').flatMap(({ says }) => (says.startsWith('t') ? says : []))
  expect(of([0, 40, 80, 120, 160, 203])).toEqual([
    expect.stringMatching(/^t5 stands 3 px off the baseline grid/),
  ])
  expect(of([0, 40, 80, 120, 160, 201])).toEqual([])
  expect(of([0, 43, 82, 125, 163, 203])).toEqual([])
})

test('a page with other columns than its band is said, and given the band’s once it is mended', () => {
  const withGrid = (more: object) =>
    withSite(reviewedProject(page()), ({ records }) => {
      const [band] = Object.values(records.bands)
      const own = { ...records.pages[REVIEWED], grids: { [band.id]: { ...band.grid, ...more } } }
      return { pages: { ...records.pages, [REVIEWED]: own } }
    })
  const [finding, ...others] = found(withGrid({ columns: 7 }), 'ownGrid')
  expect(others).toEqual([])
  expect(finding.says).toMatch(/^“Fares” has a grid of its own at .+: 7 columns in place of \d+\.$/)
  expect(found(withFix(withGrid({ columns: 7 }), finding.fix as Fix), 'ownGrid')).toEqual([])
  expect(found(withGrid({}), 'ownGrid')).toEqual([])
})

test('what is like a shared block and no copy of it is said; a part of it, or a copy, is not', () => {
  const card = (name: string): Sketch => ({
    ...{ kind: 'box', name, arrange: { type: 'column' } },
    holds: [
      heading('Isle', 3),
      text('Sentence', 'An hour away'),
      { kind: 'button', name: 'Buy', text: [{ insert: 'Buy' }] },
    ],
  })
  const shared = { id: idOf('card'), order: 'a0', name: 'Card', root: idOf('original') }
  const blocks = blocksOf([{ kind: 'section', name: 'around', holds: [card('original')] }])
  const original = {
    [idOf('card')]: {
      ...reviewedProject([])[REVIEWED],
      id: idOf('card'),
      records: { blocks: Object.fromEntries(blocks.map((one) => [one.id, one])) },
    },
  }
  const guide = {
    ...dressedGuide,
    records: { ...dressedGuide.records, shared: { [shared.id]: shared } },
  } as unknown as typeof dressedGuide
  const drifted = (...holds: Sketch[]) =>
    found(
      { ...reviewedProject(page(...holds), guide), ...original } as unknown as Documents,
      'copiesDrifted',
    ).map(({ says }) => says)
  expect(drifted(card('original'))).toEqual([
    'original on “Fares” is like the shared Card and no copy of it: it does not follow.',
  ])
  expect(drifted({ ...card('original'), holds: [heading('Isle', 3), text('Other', 'Words')] })).toEqual([])
  expect(drifted({ kind: 'copy', name: 'Card', data: { shared: shared.id } })).toEqual([])
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
