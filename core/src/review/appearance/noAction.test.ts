import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { Documents } from '../../document/types'
import type { SiteDocument } from '../../site/site'
import type { Sketch } from '../../testing/draft'
import { REVIEWED, reviewed, reviewedProject } from '../../testing/reviewed'
import { page, text } from '../../testing/ruleCases/drawnPages'

const library = shippedFontLibrary()
const LINK: Sketch = {
  ...{ kind: 'link', name: 'sailings', text: [{ insert: 'All sailings' }] },
  data: { to: { address: 'https://boats.example' } },
}

function found(goal: string | undefined, ...holds: Sketch[]) {
  const documents = reviewedProject(page(...holds))
  const site = documents.site as unknown as SiteDocument
  const pages = { [REVIEWED]: { ...site.records.pages[REVIEWED], goal } }
  const planned = { ...site, records: { ...site.records, pages } }
  return reviewed({ ...documents, site: planned } as unknown as Documents, library)
    .filter(({ rule }) => rule === 'noAction')
    .map(({ says }) => says)
}

test('a page with a goal and nothing to press is told; a link is a way on, those of the foot lead away', () => {
  const words = text('words', 'Boats leave every hour.')
  expect(found('Buys a ticket', words)).toEqual([
    '“Fares” is to bring a visitor to “Buys a ticket”, and outside of its menus there is nothing to press or follow.',
  ])
  expect(found('Buys a ticket', words, LINK)).toEqual([])
  expect(found(undefined, words)).toEqual([])
  const foot: Sketch = { kind: 'box', name: 'foot', tag: 'footer', holds: [LINK] } as Sketch
  expect(found('Buys a ticket', words, foot)).toHaveLength(1)
})
