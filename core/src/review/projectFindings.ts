import { emptyContent, type ContentDocument } from '../content/content'
import { applyChange } from '../document/apply'
import type { Documents } from '../document/types'
import { documentKinds } from '../resolve/documentKinds'
import { pageSources, type PageSources } from '../resolve/pageSources'
import type { Page, SiteDocument } from '../site/site'
import type { FontLibrary } from '../text/fontLibrary'
import type { Spelling } from '../text/spelling'
import { drawingFacts } from './drawing/drawingFacts'
import { reviewedPages } from './drawing/reviewedPages'
import { drawingFindings } from './drawing/drawingRules'
import type { Finding } from './finding'
import { allFixes } from './fixes'
import type { PaintWindow } from './hierarchy/orderFindings'
import { paintedFindings } from './paintedFindings'
import { sortFindings, type SortedFindings } from './leftFindings'
import { mapFacts } from './map/mapFacts'
import { mapFindings } from './map/mapRules'
import { orSaid } from './orSaid'
import { conditionFindings, conditionRule } from './sweep/conditionFindings'
import { sweepFindings, sweepRule, sweptTrouble, type SweptTrouble } from './sweep/sweepFindings'
import { atOnce } from './sweep/sweepPage'
import { sweepUnder } from './sweep/sweepUnder'

/** What a whole project is looked over with. */
export interface ProjectReview {
  /** what the project is called */
  name: string
  library: FontLibrary
  newId: () => string
  spelling?: Spelling
  /** shows pages as they are seen; without it nothing is found of what only pixels tell */
  paint?: PaintWindow
  /** is told how far it has come, 0 to 1 */
  tell?: (share: number) => void
}

/** Everything found on the map, on every drawing, and at every width, but for what the project leaves as it is. */
export const projectFindings = async (documents: Documents, review: ProjectReview): Promise<Finding[]> =>
  (await projectReview(documents, review)).open

/** Everything found on the map, on every drawing, and at every width, with what the project leaves as it is. */
export async function projectReview(documents: Documents, review: ProjectReview): Promise<SortedFindings> {
  const site = documents.site as unknown as SiteDocument
  const content = (documents.content ?? emptyContent) as unknown as ContentDocument
  const onMap = mapFindings(mapFacts(site, content, review.newId))
  const drawn = reviewedPages(documents)
  const onDrawings: Finding[] = []
  for (const [index, page] of drawn.entries()) {
    onDrawings.push(...(await pageFindings(documents, page, review)))
    review.tell?.((index + 1) / drawn.length)
  }
  return sortFindings([...onMap, ...onDrawings], site)
}

async function pageFindings(
  documents: Documents,
  page: Page,
  { name, library, newId, spelling, paint }: ProjectReview,
): Promise<Finding[]> {
  const { id } = page
  const sources = pageSources(documents, id)
  const facts = drawingFacts(page, sources, name, library, newId, spelling)
  return [
    ...drawingFindings(facts),
    ...(paint ? await paintedFindings(facts, paint) : []),
    ...(await orSaid(conditionRule, page, () => conditionFindings(page, sources, library))),
    ...(await orSaid(sweepRule, page, () => sweepFindings(page, sources.site, sweptPage(sources, library)))),
  ]
}

/** What is wrong with a page at any width. */
function sweptPage(sources: PageSources, library: FontLibrary): SweptTrouble[] {
  const swept = atOnce(sweepUnder(sources, 'drawn', library, Infinity))
  return swept.map((range) => sweptTrouble(sources.drawing.id, range))
}

/** Fixes may bring about others; as many turns are enough for what does not go round in circles. */
const MOST_TURNS = 6

/** A project with everything mended that a change is known for, and how many findings that were. */
export async function mendedProject(
  documents: Documents,
  review: ProjectReview,
): Promise<{ documents: Documents; count: number }> {
  let mended = documents
  let count = 0
  for (let turn = 0; turn < MOST_TURNS; turn++) {
    const fixes = allFixes(await projectFindings(mended, review))
    if (fixes.count === 0) break
    mended = applyChange(documentKinds, mended, fixes.parts).documents
    count += fixes.count
  }
  return { documents: mended, count }
}
