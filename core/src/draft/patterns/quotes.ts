import { count, type Pattern } from '../pattern'
import { beside, column, framed, lead, opening, section, small, tracks } from '../pieces'
import { partsOf } from '../sectionContent'
import { STAND_IN } from '../standIns'

/** What others say. */
export const quotes: Pattern = {
  id: 'quotes',
  label: 'Quotes',
  group: 'many',
  also: 'testimonials voices reviews customers say opinions praise guests',
  expects: 'one to four quotations, each with who says so',
  parameters: [count('count', 'Quotes', 2, 1, 6)],
  make: (content, { count: many }) => {
    const parts = partsOf(content, Number(many), 'Somebody')
    return section('Quotes', [
      opening(content.heading, ''),
      tracks(
        'Quotes',
        parts.map(({ title, text: words }) =>
          column(
            title,
            [lead(`“${words}”`, { tag: 'blockquote' }), small(`${title}, ${STAND_IN.whoTheyAre}`)],
            framed,
          ),
        ),
        beside(parts.length),
      ),
    ])
  },
}
