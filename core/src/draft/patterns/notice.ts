import { says } from '../../block/saysField'
import type { Pattern } from '../pattern'
import { GAP, icon, link, row, section, SHADED } from '../pieces'

/** One line that matters today. */
export const notice: Pattern = {
  id: 'notice',
  label: 'Notice',
  group: 'top',
  also: 'alert warning service message banner line today closed disruption',
  expects: 'one sentence and where more is said',
  parameters: [],
  make: ({ text: words, to, icon: signOf }) =>
    section(
      'Notice',
      [
        row(
          'Notice',
          [
            icon(signOf(0), 24),
            { kind: 'text', text: says(words), place: { width: 'fill' } },
            link('More', to),
          ],
          { columns: { wide: 'all' }, arrange: { wrap: false } },
        ),
      ],
      { look: SHADED, arrange: { padding: PADDING }, narrow: { arrange: { padding: PADDING } } },
    ),
}

const PADDING = { top: GAP.usual, bottom: GAP.usual }
