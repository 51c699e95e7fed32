import { plainLevel } from '../../block/textStyle'
import { count, type Pattern } from '../pattern'
import { column, heading, opening, picture, section, small, tracks } from '../pieces'
import { partsOf } from '../sectionContent'
import { STAND_IN } from '../standIns'

/** Those one has to do with, each with a portrait. */
export const people: Pattern = {
  id: 'people',
  label: 'People',
  group: 'many',
  also: 'team staff crew who we are board teachers doctors portraits',
  expects: 'people, each with a portrait, a name and what they do',
  parameters: [count('count', 'People', 4, 2, 12)],
  make: (content, { count: many }) => {
    const parts = partsOf(content, Number(many), 'Name')
    return section('People', [
      opening(content.heading, content.text),
      tracks(
        'People',
        parts.map(({ title }, index) =>
          column(title, [
            picture(1, 1, { name: 'Portrait' }),
            heading(3, title, { look: { level: plainLevel('h4') } }),
            small(content.parts.at(index)?.text || STAND_IN.whatTheyDo),
          ]),
        ),
        { wide: 4, medium: parts.length === 4 ? 4 : 3, narrow: 2 },
      ),
    ])
  },
}
