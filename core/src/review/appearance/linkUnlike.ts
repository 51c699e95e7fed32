import { ciede2000 } from '../../colour/ciede2000'
import { atLead, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { hasEdge, isHeading, isWithin, wordedPart, type Seen } from '../drawing/seenBlocks'

/** Places where everything is known to lead somewhere. */
const isNavigation = ({ node }: Seen) =>
  node.tag === 'nav' || node.tag === 'header' || node.tag === 'footer' || node.tag === 'ul'

/** Links among texts that look just like them. */
export const linkUnlike: DrawingRule = {
  id: 'linkUnlike',
  label: 'A link that does not look like one',
  why: 'What is neither underlined nor of another colour than the text around is not found.',
  severity: 'fair',
  from: 'finished',
  find: (facts) =>
    atLead(facts, ({ seen }) =>
      seen.flatMap((one) => {
        const { node, parent } = one
        const worded = wordedPart(one)
        if (
          !worded ||
          node.tag !== 'a' ||
          node.isPart ||
          isHeading(one) ||
          isWithin(one, isNavigation) ||
          hasEdge(one)
        )
          return []
        const { content } = worded.node
        const isUnderlined = content.type === 'text' && content.underlined
        const around = parent?.node.look.colour
        const isColoured = around === undefined || ciede2000(node.look.colour, around) > 10
        if (isUnderlined || isColoured || node.look.fill !== undefined) return []
        const changes = [{ of: node, path: ['look', 'colour'], value: { role: 'link', hex: '#1f5b4c' } }]
        const says = `${named(one)} is a link and looks like the text around it`
        return [{ of: one, says, mend: { label: 'Give it the colour of links', changes } }]
      }),
    ),
}
