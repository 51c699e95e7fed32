import { countLines } from '../../text/lines'
import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'

/** Texts that end in an ellipsis. */
export const cutWords: DrawingRule = {
  id: 'cutWords',
  label: 'Words cut off',
  why: 'What is cut was written to be read: a shorter text or one more line keeps it.',
  severity: 'slight',
  from: 'finished',
  find: (facts) =>
    atEachBand(facts, ({ seen }) =>
      seen.flatMap((one) => {
        const { box, node, w } = one
        const most = node.look.lines
        if (!most || !box.paragraph) return []
        const count = countLines(box.paragraph, w - box.insetLeft - box.insetRight)
        if (count <= most) return []
        const changes = [{ of: node, path: ['look', 'lines'], value: count }]
        const lines = count - most === 1 ? 'a line' : `${count - most} lines`
        return [
          {
            of: one,
            says: `${named(one)} is cut off after ${most === 1 ? 'one line' : `${most} lines`}, ${lines} before its end`,
            mend: node.isPart ? undefined : { label: `Show ${count} lines`, changes },
          },
        ]
      }),
    ),
}
