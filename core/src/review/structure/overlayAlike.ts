import { ciede2000 } from '../../colour/ciede2000'
import type { Operation } from '../../document/types'
import { USUAL_VEIL } from '../../site/overlay'
import { seenAtLead, titleOf } from '../drawing/drawingFacts'
import type { DrawingRule } from '../drawing/drawingRule'
import { hasEdge, type Seen } from '../drawing/seenBlocks'

/** Share of a veil from which on a page is seen to lie behind; CIEDE2000 from which on a ground is another. */
const [VEILED, APART] = [0.15, 3]

/** An overlay that nobody can tell from the page it lies over. */
export const overlayAlike: DrawingRule = {
  id: 'overlayAlike',
  label: 'An overlay that looks like its page',
  why: 'What lies over a page has to be seen to do so, or its words read as the page’s own.',
  severity: 'fair',
  from: 'finished',
  find: (facts) => {
    const { overlay, page } = facts
    const lead = seenAtLead(facts)
    if (!overlay || !lead || overlay.place === 'whole') return []
    const veil = overlay.veil ?? USUAL_VEIL
    const { ground } = lead.layout
    const sections = lead.seen.filter(({ parent }) => !parent)
    const isApart = (one: Seen) =>
      hasEdge(one) || one.ground === undefined || ciede2000(one.ground, ground) >= APART
    const isVeiled = veil.strength >= VEILED && ciede2000(veil.colour, ground) >= APART
    if (isVeiled || sections.length === 0 || sections.every(isApart)) return []
    const operations: Operation[] = [
      { type: 'set', collection: 'overlays', id: overlay.id, path: ['veil'], value: USUAL_VEIL },
    ]
    return [
      {
        place: { collection: 'blocks', id: sections[0].node.origin.record, page: page.id },
        says: `${titleOf(facts)} has the ground of the page it lies over (${ground}), no edge, and next to nothing between.`,
        fix: { label: 'Veil the page behind it', parts: [{ document: 'site', kind: 'site', operations }] },
      },
    ]
  },
}
