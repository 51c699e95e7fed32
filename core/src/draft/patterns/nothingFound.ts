import type { Pattern } from '../pattern'
import { says } from '../../block/saysField'
import { button, column, heading, lead, menu, MIDDLE, section } from '../pieces'
import { px } from '../../units/length'

/** What one sees where nothing is: what happened, and the ways on. */
export const nothingFound: Pattern = {
  id: 'nothing-found',
  label: 'Nothing found',
  group: 'ask',
  also: 'error 404 not found missing search empty results lost',
  expects: 'what happened, a field to search in, where to go on',
  parameters: [],
  make: ({ heading: title, text: words, menus }) =>
    section('Nothing found', [
      column(
        'Words',
        [
          heading(1, title),
          lead(words),
          {
            kind: 'form',
            name: 'Search',
            place: { width: 'fill' },
            holds: [
              { kind: 'field', data: { type: 'search', label: 'What are you looking for?' } },
              { kind: 'button', text: says('Search') },
            ],
          },
          button('To the first page', { address: '/' }, { variant: 'secondary' }),
          menu(menus.main, { name: 'Ways on', arrange: { type: 'column', gap: px(8) } }),
        ],
        { columns: MIDDLE },
      ),
    ]),
}
