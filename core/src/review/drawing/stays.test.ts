import { applyChange } from '../../document/apply'
import type { Documents } from '../../document/types'
import { documentKinds } from '../../resolve/documentKinds'
import { pageSources } from '../../resolve/pageSources'
import { usualBands, usualSite } from '../../site/usualSite'
import { plainStyle } from '../../style/plainStyle'
import { emptyContent } from '../../content/content'
import { blocksOf, idOf, type Sketch } from '../../testing/draft'
import { box, section, text } from '../../testing/sketches'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { px } from '../../units/length'
import { drawingFacts } from './drawingFacts'
import { cannotStay, liesUnder, seenThrough } from './stays'

const PAGE = idOf('page')
const library = shippedFontLibrary()

function pageOf(sketches: Sketch[]): Documents {
  const blocks = Object.fromEntries(blocksOf(sketches).map((block) => [block.id, block]))
  const pages = { [PAGE]: { id: PAGE, order: 'a0', title: 'Fares' } }
  return {
    site: { ...usualSite, records: { ...usualSite.records, pages } },
    style: plainStyle,
    content: emptyContent,
    [PAGE]: { kind: 'drawing', id: PAGE, schema: documentKinds.drawing.schema, records: { blocks } },
  } as unknown as Documents
}
function findingsOf(documents: Documents) {
  const sources = pageSources(documents, PAGE)
  const facts = drawingFacts(sources.site.records.pages[PAGE], sources, 'Larder', library, () => 'new')
  return [seenThrough, liesUnder, cannotStay].flatMap((rule) =>
    rule.find(facts).map(({ says, place, fix }) => ({ rule: rule.id, says, band: place.band, fix })),
  )
}

const GROUND = { look: { fill: { hex: '#ffffff' } } }
const NO_PADDING = { padding: { top: px(0), bottom: px(0) } }
const header = (more: Partial<Sketch> = {}) =>
  section('header', [text('menu')], {
    arrange: { type: 'column', ...NO_PADDING },
    ...more,
    place: { height: px(80), sticky: { edge: 'top' }, ...more.place },
  })
const body = (holds: Sketch[] = []) =>
  section('body', [text('prices'), box('tall', [], { place: { height: px(2000) } }), ...holds], {
    arrange: { type: 'column', ...NO_PADDING },
  })
const side = (more: object = {}) =>
  box('side', [text('contents')], {
    ...GROUND,
    arrange: { type: 'column' },
    place: { height: px(200), sticky: { edge: 'top', offset: px(20) }, ...more },
  })
const beside = (holds: Sketch) =>
  section('beside', [holds, box('long', [], { place: { height: px(1500) } })], {
    arrange: { type: 'row', align: 'start', ...NO_PADDING },
  })
const corner = section(
  'corner',
  [
    box('button', [text('up')], {
      ...GROUND,
      place: {
        width: px(320),
        height: px(44),
        anchor: { x: 'end', y: 'end' },
        offset: { right: px(24), bottom: px(24) },
      },
    }),
  ],
  { arrange: { type: 'placed', ...NO_PADDING }, place: { height: px(0), sticky: { edge: 'bottom' } } },
)

// Each fault with a near miss beside it; that words over words are not read is common practice.
test.each<[string, Sketch[], string[]]>([
  ['a header on nothing, over words', [header(), body()], ['seenThrough']],
  ['a header on a ground', [header(GROUND), body()], []],
  [
    'a header on a ground half seen through',
    [header({ look: { fill: { hex: '#ffffff80' } } }), body()],
    ['seenThrough'],
  ],
  ['a header on nothing that goes with the page', [header({ place: { sticky: undefined } }), body()], []],
  ['words beside it alone pass by', [beside({ ...side(), look: {} })], []],
  ['a list that stays nearer the edge than the header', [header(GROUND), beside(side())], ['liesUnder']],
  [
    'a list that stays below the header',
    [header(GROUND), beside(side({ sticky: { edge: 'top', offset: px(80) } }))],
    [],
  ],
  [
    'sections that slide over one another',
    [
      section('one', [], { ...GROUND, place: { height: px(700), sticky: { edge: 'top' } } }),
      section('two', [], { ...GROUND, place: { height: px(700), sticky: { edge: 'top' } } }),
      body(),
    ],
    [],
  ],
  [
    'a part as tall as what it stands in',
    [
      header(GROUND),
      section(
        'row',
        [box('note', [], { place: { height: px(60), sticky: { edge: 'top', offset: px(90) } } })],
        { arrange: { type: 'column', ...NO_PADDING } },
      ),
      body(),
    ],
    ['cannotStay'],
  ],
  [
    'a button in the corner, under a bar that stays at the foot',
    [
      header(GROUND),
      body(),
      corner,
      section('bar', [], { ...GROUND, place: { height: px(80), sticky: { edge: 'bottom' } } }),
    ],
    ['liesUnder'],
  ],
  ['a button in the corner, that takes no room', [header(GROUND), body(), corner], []],
])('%s', (_name, sketches, rules) => {
  expect([...new Set(findingsOf(pageOf(sketches)).map(({ rule }) => rule))]).toEqual(rules)
})

test('says which words, and how far under', () => {
  const [seen] = findingsOf(pageOf([header(), body()]))
  expect(seen.says).toBe(
    'header stays in view on “Fares” at Narrow, and prices is seen through menu as it passes.',
  )
  const [under] = findingsOf(pageOf([header(GROUND), beside(side())]))
  // 80 px of header, less the 20 px the list keeps from the edge
  expect(under.says).toBe('side goes 60 px under header when “Fares” is scrolled at Narrow.')
})

test.each<[string, Sketch[]]>([
  ['seen through', [header(), body()]],
  ['lies under', [header(GROUND), beside(side())]],
  [
    'a button under a bar',
    [
      header(GROUND),
      body(),
      corner,
      section('bar', [], { ...GROUND, place: { height: px(80), sticky: { edge: 'bottom' } } }),
    ],
  ],
  [
    'cannot stay',
    [
      header(GROUND),
      section('row', [box('note', [], { place: { height: px(60), sticky: { edge: 'top' } } })], {
        arrange: { type: 'column', ...NO_PADDING },
      }),
      body(),
    ],
  ],
])('what is offered mends it at its band: %s', (_name, sketches) => {
  const documents = pageOf(sketches)
  const found = findingsOf(documents)
  const lead = found.find(({ band }) => band === usualBands.wide) ?? found[0]
  const { documents: mended, outcomes } = applyChange(documentKinds, documents, lead.fix?.parts ?? [])
  expect(outcomes).toEqual([])
  const left = findingsOf(mended).filter(({ band, rule }) => band === lead.band && rule === lead.rule)
  expect(left).toEqual([])
})
