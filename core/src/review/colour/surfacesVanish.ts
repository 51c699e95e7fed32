import { ciede2000 } from '../../colour/ciede2000'
import { hasDarkSet } from '../../style/token'
import { inBothSets, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { hasEdge } from '../drawing/seenBlocks'

/** CIEDE2000 under which two grounds are one on most screens. */
const SEEN = 1.5

export const surfacesVanish: DrawingRule = {
  id: 'surfacesVanish',
  label: 'Grounds that cannot be told apart',
  why: 'A ground that nobody sees groups nothing; make it stronger or leave it out.',
  severity: 'slight',
  from: 'finished',
  find: (facts) => {
    const hasDark = hasDarkSet(facts.sources.style.records.tokens)
    return inBothSets(facts, ({ seen }) =>
      seen.flatMap((one) => {
        const { node, behind, ground } = one
        if (node.look.fill === undefined || behind === undefined || ground === undefined || hasEdge(one))
          return []
        if (node.isPart || node.content.type === 'control') return []
        const difference = ciede2000(ground, behind)
        if (ground.toLowerCase() === behind.toLowerCase() || difference >= SEEN) return []
        const changes = [{ of: node, path: ['look', 'fill'], value: 'none' }]
        return [
          {
            of: one,
            says: `The ground of ${named(one)} is hardly seen on what is behind it (${ground} on ${behind})`,
            // In the dark set it may be all that words on it are read by.
            mend: hasDark ? undefined : { label: 'Leave its ground out', changes },
          },
        ]
      }),
    )
  },
}
