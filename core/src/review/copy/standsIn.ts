import { lacksOn } from '../mockup/unfinished'
import { placeOf, seenAtLead, titleOf } from '../drawing/drawingFacts'
import type { DrawingRule } from '../drawing/drawingRule'
import type { Documents } from '../../document/types'

/** Words and pictures that were never more than a placeholder. */
export const standsIn: DrawingRule = {
  id: 'standsIn',
  label: 'Placeholders left',
  why: 'They were to be replaced; on a finished page somebody will take them for the real thing.',
  severity: 'serious',
  from: 'finished',
  find: (facts) => {
    const lead = seenAtLead(facts)
    if (!lead) return []
    const nodes = new Map(lead.seen.map((one) => [one.node.key, one]))
    const { sources, page } = facts
    const documents = { ...sources.around, style: sources.style, [page.id]: sources.drawing }
    const root = { children: lead.layout.sections.map(({ node }) => node) }
    return lacksOn(root, documents as unknown as Documents).found.flatMap(({ key, says }) => {
      const one = key === undefined ? undefined : nodes.get(key)
      if (!one || one.node.isMissing) return []
      const { x, y, w, h, node } = one
      return [
        {
          place: placeOf(facts, node),
          says: `${says.replace(/\.$/, '')} on ${titleOf(facts)}.`,
          marks: [{ rect: { x, y, w, h } }],
        },
      ]
    })
  },
}
