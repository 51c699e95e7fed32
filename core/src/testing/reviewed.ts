import { contentKind } from '../content/content'
import { applyChange } from '../document/apply'
import type { Documents } from '../document/types'
import { documentKinds } from '../resolve/documentKinds'
import { pageSources } from '../resolve/pageSources'
import { drawingFacts, type DrawingFacts } from '../review/drawing/drawingFacts'
import { drawingFindings } from '../review/drawing/drawingRules'
import type { Finding, Fix } from '../review/finding'
import { usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { USUAL_START } from '../style/quickStart'
import { takeStart } from '../style/takeStart'
import type { FontLibrary } from '../text/fontLibrary'
import type { Spelling } from '../text/spelling'
import { blocksOf, idOf, type Sketch } from './draft'

/** The page a test is about. */
export const REVIEWED = idOf('page')

/** A guide that dresses every kind of block, so that rules of finished pages speak. */
export const dressedGuide = takeStart(plainStyle, USUAL_START, ['colour', 'type', 'space', 'parts'])

/** A project of one page, dressed by a guide. */
export function reviewedProject(sketches: Sketch[], style = dressedGuide): Documents {
  const blocks = Object.fromEntries(blocksOf(sketches).map((block) => [block.id, block]))
  const page = { id: REVIEWED, order: 'a0', title: 'Fares' }
  const records = { items: {}, counter: {} }
  return {
    site: { ...usualSite, records: { ...usualSite.records, pages: { [REVIEWED]: page } } },
    style,
    content: { kind: 'content', id: 'content', schema: contentKind.schema, records },
    [REVIEWED]: {
      kind: 'drawing',
      id: REVIEWED,
      schema: documentKinds.drawing.schema,
      records: { blocks },
    },
  } as unknown as Documents
}

let made = 0
const newId = () => `n${String(made++).padStart(15, '0')}`

export function reviewFacts(documents: Documents, library: FontLibrary, spelling?: Spelling): DrawingFacts {
  const sources = pageSources(documents, REVIEWED)
  return drawingFacts(sources.site.records.pages[REVIEWED], sources, 'Larder', library, newId, spelling)
}

/** What the rules find on the page of a project. */
export const reviewed = (documents: Documents, library: FontLibrary): Finding[] =>
  drawingFindings(reviewFacts(documents, library))

/** The project with a finding's change made. */
export function withFix(documents: Documents, { label, parts }: Fix): Documents {
  const applied = applyChange(documentKinds, documents, parts)
  if (applied.outcomes.length) throw new Error(`${label}: ${applied.outcomes[0].reason}`)
  return applied.documents
}
