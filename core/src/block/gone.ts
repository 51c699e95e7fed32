import { px } from '../units/length'
import { boxPart, FIT, wordsPart } from './parts'
import type { Primitive } from './primitive'

const EDGE = { width: px(2), line: 'solid' as const, colour: { role: 'wrong' as const, hex: '#b3452c' } }
const INSIDE = { top: px(12), right: px(16), bottom: px(12), left: px(16) }

/** What is drawn in place of a block whose source was deleted: it is seen, and a finding leads to it. */
export const gone = (says: string): Primitive => ({
  isGone: true,
  content: {
    type: 'blocks',
    holds: [
      boxPart(
        'gone',
        'div',
        {
          arrange: { type: 'row', padding: INSIDE },
          look: { border: { top: EDGE, right: EDGE, bottom: EDGE, left: EDGE } },
        },
        [wordsPart('words', 'span', says, FIT)],
      ),
    ],
  },
})
