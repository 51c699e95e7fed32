import { nameOf } from '../../block/block'
import { inOrder } from '../../document/tree'
import { putAmong } from '../../document/placing'
import { applyDifference, mapDifference } from '../../draft/mapDifference'
import { titleOf, type DrawingFacts } from './drawingFacts'
import type { DrawingRule, Found } from './drawingRule'

/** Sections the map plans that a page does not show, and sections of a page the map knows nothing of. */
export const sectionsAstray: DrawingRule = {
  id: 'sectionsAstray',
  label: 'Sections that differ from the map',
  why: 'What was planned and agreed is not drawn, or what is drawn was never planned.',
  severity: 'fair',
  from: 'sketch',
  ofPages: true,
  find: (facts) => [...notDrawn(facts), ...notPlanned(facts)],
}

function notDrawn(facts: DrawingFacts): Found[] {
  const { plan, page, blocks, newId } = facts
  return mapDifference(plan, page, blocks).flatMap((difference) => {
    if (difference.type !== 'add' || page.refused?.includes(difference.id)) return []
    const operations = applyDifference(plan, page, blocks, difference, newId)
    return {
      place: { collection: 'pages' as const, id: page.id },
      says: `${difference.name || 'A section'} is planned for ${titleOf(facts)} and not drawn.`,
      fix: { label: 'Draw it', parts: [{ document: page.id, kind: 'drawing', operations }] },
    }
  })
}

function notPlanned(facts: DrawingFacts): Found[] {
  const { page, blocks, plan } = facts
  const { sections } = plan.site.records
  return inOrder(Object.values(blocks).filter(({ parent }) => !parent))
    .filter(({ section }) => section === undefined || !sections[section])
    .map((block) => ({
      place: { collection: 'blocks' as const, id: block.id, page: page.id },
      says: `${nameOf(block)} on ${titleOf(facts)} is no section of the map.`,
      fix: planIt(facts, block.id, nameOf(block)),
    }))
}

/** Puts a drawn section on the map, after those its page has. */
function planIt({ page, plan, newId }: DrawingFacts, block: string, name: string) {
  const own = inOrder(Object.values(plan.site.records.sections).filter((one) => one.page === page.id))
  const id = newId()
  const put = putAmong('sections', own, own.length, [{ id, page: page.id, name }])
  return {
    label: 'Plan it',
    parts: [
      { document: 'site', kind: 'site', operations: put },
      {
        document: page.id,
        kind: 'drawing',
        operations: [{ type: 'set' as const, collection: 'blocks', id: block, path: ['section'], value: id }],
      },
    ],
  }
}
