import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { draftSection } from '../../draft/draftPage'
import { planPage } from '../../draft/planPage'
import type { Block } from '../../block/block'
import type { Documents } from '../../document/types'
import { pageSources } from '../../resolve/pageSources'
import type { SiteDocument } from '../../site/site'
import { idOf } from '../../testing/draft'
import { REVIEWED, reviewed, reviewedProject, reviewFacts, withFix } from '../../testing/reviewed'
import type { Fix } from '../finding'
import { patterns } from '../../draft/patterns'

const library = shippedFontLibrary()
const SECTION = idOf('hero')

/** A page of one section as the map plans it, with only some of the blocks it is drawn with. */
function drawn(pattern: string | undefined, keeps: (block: Block) => boolean = () => true): Documents {
  const documents = reviewedProject([])
  const site = documents.site as unknown as SiteDocument
  const section = { id: SECTION, page: REVIEWED, order: 'a0', name: 'Hero', ...(pattern ? { pattern } : {}) }
  const planned = {
    ...documents,
    site: { ...site, records: { ...site.records, sections: { [SECTION]: section } } },
  } as unknown as Documents
  const { plan, page } = reviewFacts(planned, library)
  let made = 0
  const newId = () => `b${String(made++).padStart(15, '0')}`
  const [one] = planPage(plan, page).filter((each) => each.section === SECTION)
  const blocks = draftSection(plan, page, one, 'a0', newId).filter(keeps)
  const records = { blocks: Object.fromEntries(blocks.map((block) => [block.id, block])) }
  return { ...planned, [REVIEWED]: { ...planned[REVIEWED], records } } as unknown as Documents
}
const found = (documents: Documents) =>
  reviewed(documents, library).filter(({ rule }) => rule === 'partMissing')

test('a section without what its pattern is made of is told, and given it as the pattern draws it', () => {
  const documents = drawn('hero-beside', ({ kind }) => kind !== 'picture')
  const [finding, ...others] = found(documents)
  expect(others).toEqual([])
  expect(finding.says).toBe('Hero on “Fares” is “Words beside a picture” and has no picture.')
  const mended = withFix(documents, finding.fix as Fix)
  expect(found(mended)).toEqual([])
  const { blocks } = pageSources(mended, REVIEWED).drawing.records
  expect(Object.values(blocks).filter(({ kind }) => kind === 'picture')).toHaveLength(1)
})

test('a pattern that is only guessed by a name promises nothing', () => {
  expect(found(drawn(undefined, ({ kind }) => kind !== 'picture'))).toEqual([])
})

test.each(patterns.map(({ id }) => id))('%s has every part it is made of as it is drawn', (pattern) => {
  expect(found(drawn(pattern)).map(({ says }) => says)).toEqual([])
})
