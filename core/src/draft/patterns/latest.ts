import { count, type Pattern } from '../pattern'
import { beside, column, heading, LINE_ABOVE, link, opening, section, small, text, tracks } from '../pieces'
import { px } from '../../units/length'
import { partsOf } from '../sectionContent'

/** What is new, the newest first. */
export const latest: Pattern = {
  id: 'latest',
  label: 'Latest',
  group: 'many',
  also: 'news notices posts blog events dates new recent journal sailings today',
  expects: 'a row of a collection each: a date, a title, a sentence',
  parameters: [count('count', 'Of them', 3, 1, 12)],
  make: (content, { count: many }) => {
    const parts = partsOf(content, Number(many), 'Something new')
    return section('Latest', [
      opening(content.heading, ''),
      tracks(
        'List',
        parts.map(({ title, text: words, to }) =>
          column(title, [small('Day and month'), heading(3, title), text(words), link('Read on', to)], {
            tag: 'article',
            look: LINE_ABOVE,
            arrange: { padding: { top: px(16) } },
          }),
        ),
        beside(parts.length),
      ),
    ])
  },
}
