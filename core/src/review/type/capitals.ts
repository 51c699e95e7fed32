import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'

/** characters up to which capitals are a label and not a text */
const SHORT = 40

export const capitals: DrawingRule = {
  id: 'capitals',
  label: 'Capitals at length',
  why: 'Words in capitals lose their shape, and sentences of them are read letter by letter.',
  severity: 'fair',
  from: 'plain',
  find: (facts) =>
    atEachBand(facts, ({ seen }) =>
      seen.flatMap((one) => {
        const { words, node } = one
        const isTyped = /\p{Lu}/u.test(words) && !/\p{Ll}/u.test(words)
        if (words.length <= SHORT || (node.look.level.case !== 'upper' && !isTyped)) return []
        return [{ of: one, says: `${named(one)} is ${words.length} characters of capitals` }]
      }),
    ),
}
