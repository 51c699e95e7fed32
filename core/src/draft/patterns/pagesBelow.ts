import type { Pattern } from '../pattern'
import { GAP, opening, section } from '../pieces'
import { px } from '../../units/length'

/** The pages below this one, as the map has them. */
export const pagesBelow: Pattern = {
  id: 'pages-below',
  label: 'Pages below',
  group: 'many',
  also: 'overview index subpages directory contents all',
  expects: 'nothing: it follows the map',
  parameters: [],
  make: ({ heading: title, text: words }) =>
    section('Pages below', [
      opening(title, words),
      {
        kind: 'nav',
        name: 'Page list',
        columns: { wide: 'all' },
        arrange: { type: 'column', gap: px(12), padding: { top: GAP.small } },
        data: { levels: 2, opens: 'all' },
      },
    ]),
}
