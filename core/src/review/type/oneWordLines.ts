import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { linesOf } from '../drawing/seenBlocks'

const LINES = 3
/** words to a line, on average, under which it is a column of words */
const WORDS = 1.5

export const oneWordLines: DrawingRule = {
  id: 'oneWordLines',
  label: 'Lines of one word',
  why: 'A text squeezed to a word a line is a sign that it has too little room.',
  severity: 'fair',
  from: 'plain',
  find: (facts) =>
    atEachBand(facts, ({ seen }) =>
      seen.flatMap((one) => {
        const { count } = linesOf(one)
        const words = one.words.split(/\s+/).filter(Boolean).length
        if (
          !one.words ||
          one.words.includes('\n') ||
          count < LINES ||
          words < LINES ||
          words / count >= WORDS
        )
          return []
        return [{ of: one, says: `${named(one)} breaks into ${count} lines of about one word` }]
      }),
    ),
}
