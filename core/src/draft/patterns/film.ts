import type { Pattern } from '../pattern'
import { opening, section } from '../pieces'

/** Something to watch, with what it is about. */
export const film: Pattern = {
  id: 'film',
  label: 'Film',
  group: 'words',
  also: 'video media watch clip player trailer',
  usualHeading: 'Watch',
  expects: 'one heading, one film, a poster',
  parameters: [],
  make: ({ heading: title, text: words }) =>
    section('Film', [
      opening(title, words),
      {
        kind: 'media',
        name: 'Film',
        columns: { wide: [2, 10], medium: 'all' },
        data: { plays: 'video', alt: title },
      },
    ]),
}
