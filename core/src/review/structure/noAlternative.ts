import { atLead, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { isTarget, isWithin } from '../drawing/seenBlocks'

/** px of a side under which a picture decorates */
const SMALL = 96

/** Pictures that say nothing to those who do not see them. @see WCAG 2.2, 1.1.1 */
export const noAlternative: DrawingRule = {
  id: 'noAlternative',
  label: 'Pictures without words for them',
  why: 'Those who hear the page are told what a picture shows; one that leads somewhere has to say where.',
  severity: 'slight',
  from: 'finished',
  find: (facts) =>
    atLead(facts, ({ seen }) =>
      seen.flatMap((one) => {
        const { node, w, h } = one
        if (node.content.type !== 'picture' || node.content.asset === undefined || node.content.alt) return []
        const isOnlyWords = isWithin(one, isTarget) && !one.parent?.children.some(({ words }) => words)
        if (!isOnlyWords && Math.min(w, h) < SMALL) return []
        const says = `${named(one)} has no words in its place`
        return [{ of: one, says, severity: isOnlyWords ? ('serious' as const) : undefined }]
      }),
    ),
}
