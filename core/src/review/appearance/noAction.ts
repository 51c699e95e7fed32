import { seenAtLead, titleOf } from '../drawing/drawingFacts'
import type { DrawingRule } from '../drawing/drawingRule'
import { isTarget, isWithin, type Seen } from '../drawing/seenBlocks'

/** A page that is to bring visitors to do something, with nothing on it that asks them to. */
export const noAction: DrawingRule = {
  id: 'noAction',
  label: 'A page without any action',
  why: 'The map says what a visitor should do here; a page with nothing to press leaves them at its end.',
  severity: 'fair',
  from: 'plain',
  find: (facts) => {
    const { page } = facts
    const atLead = seenAtLead(facts)
    if (!page.goal || page.kind || !atLead || atLead.seen.length === 0) return []
    if (atLead.seen.some((one) => isTarget(one) && !isWithin(one, isAround))) return []
    const says = `${titleOf(facts)} is to bring a visitor to “${page.goal}”, and outside of its menus there is nothing to press or follow.`
    return [{ place: { collection: 'pages', id: page.id }, says }]
  },
}

const AROUND = new Set(['header', 'footer', 'nav'])
/** What pages share, and what leads away. */
const isAround = ({ node }: Seen) => AROUND.has(node.tag)
