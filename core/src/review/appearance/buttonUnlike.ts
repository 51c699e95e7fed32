import { ciede2000 } from '../../colour/ciede2000'
import { atLead, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { hasEdge } from '../drawing/seenBlocks'

/** Buttons that are only words in the colour of words. */
export const buttonUnlike: DrawingRule = {
  id: 'buttonUnlike',
  label: 'A button that does not look like one',
  why: 'What looks like text is read and not pressed.',
  severity: 'fair',
  from: 'finished',
  find: (facts) =>
    atLead(facts, ({ seen }) =>
      seen.flatMap((one) => {
        const { node, ground, behind, parent, children } = one
        if (node.tag !== 'button' || node.isPart || !one.words || hasEdge(one) || children.length) return []
        const isFilled = node.look.fill !== undefined && ground !== behind
        const around = parent?.node.look.colour
        const isColoured = around !== undefined && ciede2000(node.look.colour, around) > 10
        if (isFilled || isColoured || (node.content.type === 'text' && node.content.underlined)) return []
        const changes = [{ of: node, path: ['variant'], value: 'secondary' }]
        const says = `${named(one)} is a button and looks like text`
        return [{ of: one, says, mend: { label: 'Frame it', changes } }]
      }),
    ),
}
