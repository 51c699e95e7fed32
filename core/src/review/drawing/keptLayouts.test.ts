import fc from 'fast-check'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { Documents, Json } from '../../document/types'
import { pageSources } from '../../resolve/pageSources'
import { idOf } from '../../testing/draft'
import { REVIEWED, reviewedProject, withFix } from '../../testing/reviewed'
import { column, page, row, text } from '../../testing/ruleCases/drawnPages'
import { px } from '../../units/length'
import { drawingFacts } from './drawingFacts'
import { drawingFindings } from './drawingRules'
import { KeptLayouts } from './keptLayouts'

const library = shippedFontLibrary()

const sketches = page(
  column('notes', [text('one', 'Boats leave every hour'), text('two', 'No boats on Sundays')]),
  row('ways', [
    { kind: 'button', name: 'buy', text: [{ insert: 'Buy a ticket' }] },
    { kind: 'button', name: 'ask', text: [{ insert: 'Ask' }], variant: 'secondary' },
  ]),
)
const change = fc.oneof(
  fc.record({
    of: fc.constantFrom('one', 'two', 'buy', 'ask'),
    path: fc.constant<string[]>(['text']),
    value: fc.constantFrom('Fares', 'Boats leave every hour from the first light to the last').map(said),
  }),
  fc.record({
    of: fc.constantFrom('notes', 'ways'),
    path: fc.constant<string[]>(['arrange', 'gap']),
    value: fc.constantFrom(2, 13, 24).map((gap): Json => ({ ...px(gap) })),
  }),
  fc.record({
    of: fc.constantFrom('one', 'two', 'buy'),
    path: fc.constant<string[]>(['look', 'colour']),
    value: fc.constantFrom('#a0a0a0', '#1b2023').map((hex): Json => ({ hex })),
  }),
)
function said(words: string): Json {
  return [{ insert: words }]
}

function look(documents: Documents, kept?: KeptLayouts) {
  const sources = pageSources(documents, REVIEWED)
  const { pages } = sources.site.records
  return drawingFindings(
    drawingFacts(pages[REVIEWED], sources, 'Larder', library, () => 'new0000000000000', undefined, kept),
  )
}

test('after any changes, what is found with layouts that were kept is what is found anew', () => {
  fc.assert(
    fc.property(fc.array(change, { minLength: 1, maxLength: 6 }), (changes) => {
      const kept = new KeptLayouts(library)
      let documents = reviewedProject(sketches)
      look(documents, kept)
      for (const { of, path, value } of changes) {
        const operations = [{ type: 'set' as const, collection: 'blocks', id: idOf(of), path, value }]
        documents = withFix(documents, {
          label: of,
          parts: [{ document: REVIEWED, kind: 'drawing', operations }],
        })
        expect(look(documents, kept)).toEqual(look(documents))
      }
    }),
    { numRuns: 15 },
  )
})
