import { px } from '../../units/length'
import { count, type Pattern } from '../pattern'
import { beside, column, heading, LINE_ABOVE, link, opening, section, series, small, text } from '../pieces'
import { partsOf } from '../sectionContent'
import { STAND_IN } from '../standIns'

/** What is new, the newest first: one block that is repeated over the rows of a collection. */
export const latest: Pattern = {
  id: 'latest',
  label: 'Latest',
  group: 'many',
  also: 'news notices posts blog events dates new recent journal sailings today',
  expects: 'a collection, whose rows have a date, a title and a sentence',
  parameters: [count('count', 'Of them', 3, 1, 12)],
  make: (content, { count: many }) => {
    const [{ title, text: words, to }] = partsOf(content, 1, 'Something new')
    return section('Latest', [
      opening(content.heading, ''),
      series(
        'List',
        column('Entry', [small(STAND_IN.when), heading(3, title), text(words), link('Read on', to)], {
          tag: 'article',
          look: LINE_ABOVE,
          arrange: { padding: { top: px(16) } },
        }),
        Number(many),
        beside(Number(many)),
      ),
    ])
  },
}
