import { says } from '../../block/saysField'
import type { Pattern } from '../pattern'
import { button, GAP, LINE_ABOVE, row, section } from '../pieces'

/** One action in a line that keeps to the foot of the window while the page is read. */
export const actionAtHand: Pattern = {
  id: 'action-at-hand',
  label: 'Action at hand',
  group: 'ask',
  also: 'stays sticky bar bottom call to action book buy always in view',
  expects: 'a few words and one primary action, always in view',
  parameters: [],
  make: ({ heading: title, action, to }) =>
    section(
      'Action at hand',
      [
        row(
          'Words and action',
          [{ kind: 'text', text: says(title), place: { width: 'fill' } }, button(action, to)],
          { columns: { wide: 'all' }, arrange: { wrap: false, justify: 'between' } },
        ),
      ],
      {
        look: { ...LINE_ABOVE, fill: { role: 'ground', hex: '#ffffff' } },
        arrange: { padding: PADDING },
        narrow: { arrange: { padding: PADDING } },
        place: { sticky: { edge: 'bottom' } },
      },
    ),
}

const PADDING = { top: GAP.usual, bottom: GAP.usual }
