import { ciede2000 } from '../../colour/ciede2000'
import { atLead, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { hasEdge, isHeading, isWithin, type Seen } from '../drawing/seenBlocks'

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
        const isLink = node.tag === 'a' && node.content.type === 'text' && !node.isPart && one.words
        if (!isLink || isHeading(one) || isWithin(one, isNavigation) || hasEdge(one)) return []
        const isUnderlined = node.content.type === 'text' && node.content.underlined
        const around = parent?.node.look.colour
        const isColoured = around === undefined || ciede2000(node.look.colour, around) > 10
        if (isUnderlined || isColoured || node.look.fill !== undefined) return []
        const changes = [{ of: node, path: ['look', 'colour'], value: { role: 'link', hex: '#1f5b4c' } }]
        const says = `${named(one)} is a link and looks like the text around it`
        return [{ of: one, says, mend: { label: 'Give it the colour of links', changes } }]
      }),
    ),
}
