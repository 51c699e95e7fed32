import { count, type Pattern } from '../pattern'
import { heading, picture, section, tracks } from '../pieces'

/** Signs of those one works with. */
export const logos: Pattern = {
  id: 'logos',
  label: 'Logos',
  group: 'many',
  also: 'partners customers clients sponsors members known from brands',
  expects: 'four to twelve logos of one height',
  parameters: [count('count', 'Logos', 6, 3, 12)],
  make: ({ heading: title }, { count: many }) =>
    section('Logos', [
      heading(3, title, { tag: 'h2', columns: { wide: 'all' } }),
      tracks(
        'Logos',
        Array.from({ length: Number(many) }, (_, index) => picture(3, 1, { name: `Logo ${index + 1}` })),
        { wide: 6, medium: 4, narrow: 2 },
      ),
    ]),
}
