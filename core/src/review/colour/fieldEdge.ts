import { contrastRatio } from '../../colour/contrast'
import { NEEDED } from '../../colour/roles'
import { alphaOf, composited } from '../../colour/spaces'
import { inBothSets, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import type { Seen } from '../drawing/seenBlocks'

const WRITTEN_IN = new Set(['input', 'select', 'textarea'])

/** Fields whose edge is not seen. @see WCAG 2.2, 1.4.11 */
export const fieldEdge: DrawingRule = {
  id: 'fieldEdge',
  label: 'Fields that do not look like fields',
  why: 'Where one may write has to be seen: an edge or a ground of 3 to 1 against what is around.',
  severity: 'serious',
  from: 'finished',
  find: (facts) =>
    inBothSets(facts, ({ seen }) =>
      seen.flatMap((one) => {
        const { node, behind } = one
        if (!WRITTEN_IN.has(node.tag) || behind === undefined) return []
        const most = Math.max(...edgesOf(one, behind).map((edge) => contrastRatio(edge, behind)), 1)
        if (most >= NEEDED.edge) return []
        return [
          {
            of: one,
            says: `${named(one)} has an edge of ${Math.floor(most * 10) / 10} to 1 around it; ${NEEDED.edge} are needed`,
          },
        ]
      }),
    ),
}

/** What tells a field from what is around it: its ground, or a line along its foot at least. */
function edgesOf({ node: { look }, box, ground }: Seen, behind: string): string[] {
  const foot = look.border[2]
  const line = foot && box.border[2] > 0 ? [foot.colour] : []
  return [...(ground ? [ground] : []), ...line].map((hex) =>
    alphaOf(hex) < 1 ? composited(hex, behind) : hex,
  )
}
