import { atLead, blockAt, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { isWithin } from '../drawing/seenBlocks'

const LEADS = new Set(['link', 'button'])

/** Links and buttons that lead nowhere. In a form a button sends it. */
export const noTarget: DrawingRule = {
  id: 'noTarget',
  label: 'Leads nowhere yet',
  why: 'What can be pressed and does nothing is a promise that is not kept.',
  severity: 'fair',
  from: 'finished',
  find: (facts) =>
    atLead(facts, ({ seen }) =>
      seen.flatMap((one) => {
        const { origin, isPart } = one.node
        const block = isPart ? undefined : blockAt(facts, origin.document, origin.record)
        if (!block || !LEADS.has(block.kind) || block.data?.to !== undefined || block.live) return []
        if (one.node.attributes.disabled !== undefined || isWithin(one, ({ node }) => node.tag === 'form'))
          return []
        return [{ of: one, says: `${named(one)} is a ${block.kind} and leads nowhere` }]
      }),
    ),
}
