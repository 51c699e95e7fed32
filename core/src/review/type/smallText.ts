import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { sizeOf } from '../drawing/seenBlocks'
import { levelOfAtLeast } from './levels'

/** Common practice: smaller text is read with effort on any screen. */
const LEAST = 12

export const smallText: DrawingRule = {
  id: 'smallText',
  label: 'Text too small to read',
  why: 'Text under 12 px is skipped, and on a telephone it cannot be read at all.',
  severity: 'serious',
  from: 'plain',
  find: (facts) =>
    atEachBand(facts, ({ seen }) =>
      seen.flatMap((one) => {
        const size = sizeOf(one)
        if (!one.words || size >= LEAST) return []
        const says = `${named(one)} is set in ${Math.round(size * 10) / 10} px`
        const level = one.node.isPart ? undefined : levelOfAtLeast(facts.sources.style, LEAST)
        if (!level) return [{ of: one, says }]
        const changes = [{ of: one.node, path: ['look', 'level'], value: level.id }]
        return [{ of: one, says, mend: { label: `Set it in ${level.name}`, changes } }]
      }),
    ),
}
