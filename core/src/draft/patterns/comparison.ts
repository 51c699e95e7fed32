import { count, type Pattern } from '../pattern'
import { opening, section } from '../pieces'
import { partsOf } from '../sectionContent'

/** Offers compared line by line; at narrow bands each line becomes a list of pairs. */
export const comparison: Pattern = {
  id: 'comparison',
  label: 'Comparison',
  group: 'facts',
  also: 'compare table difference price table plans versus which one',
  usualHeading: 'Compare',
  expects: 'two to four offers and the lines they differ in',
  parameters: [count('count', 'Offers', 3, 2, 4), count('rows', 'Lines', 5, 2, 12)],
  make: (content, { count: many, rows }) => {
    const offers = partsOf(content, Number(many), 'Offer').map(({ title }) => title)
    const lines = Array.from({ length: Number(rows) }, (_, row) => [
      `What they differ in ${row + 1}`,
      ...offers.map((_, index) => (index >= row % offers.length ? 'yes' : 'no')),
    ])
    return section('Comparison', [
      opening(content.heading, content.text),
      {
        kind: 'table',
        name: 'Comparison',
        columns: { wide: 'all' },
        data: { cells: [['', ...offers], ...lines] },
        narrow: { manner: 'pairs' },
      },
    ])
  },
}
