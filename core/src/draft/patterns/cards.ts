import { count, tick, type Pattern } from '../pattern'
import {
  beside,
  column,
  framed,
  GAP,
  heading,
  link,
  opening,
  picture,
  section,
  text,
  tracks,
} from '../pieces'
import { partsOf } from '../sectionContent'

/** Several things alike, each a framed card that leads on. */
export const cards: Pattern = {
  id: 'cards',
  label: 'Cards',
  group: 'many',
  also: 'tiles teasers offers products services courses rooms items list boxes what we do isles',
  expects: 'two to eight things, each with a title, a sentence and where it leads',
  parameters: [
    count('count', 'Cards', 3, 2, 8),
    tick('picture', 'With pictures', true),
    tick('link', 'Each with a link', true),
  ],
  make: (content, { count: many, picture: hasPicture, link: hasLink }) => {
    const parts = partsOf(content, Number(many), 'Card')
    const inside = { padding: { top: GAP.large, right: GAP.large, bottom: GAP.large, left: GAP.large } }
    return section('Cards', [
      opening(content.heading, content.text),
      tracks(
        'Cards',
        parts.map(({ title, text: words, to }) =>
          column(
            title,
            [
              ...(hasPicture ? [picture(3, 2, { name: 'Picture' })] : []),
              column('Words', [heading(3, title), text(words), ...(hasLink ? [link('Read on', to)] : [])], {
                arrange: inside,
              }),
            ],
            { look: framed.look, tag: 'article' },
          ),
        ),
        beside(parts.length),
      ),
    ])
  },
}
