import { px } from '../../units/length'
import { choice, type Pattern } from '../pattern'
import { button, column, GAP, heading, lead, picture, row, section } from '../pieces'

/** Words on a ground of their own over a picture as wide as the page. */
export const heroOver: Pattern = {
  id: 'hero-over',
  label: 'Words over a picture',
  group: 'begin',
  also: 'hero opening start welcome cover behind stage full',
  expects: 'one heading, one sentence, one primary action, one wide picture',
  parameters: [
    choice('side', 'Words stand', { start: 'left', centre: 'in the middle', end: 'right' }, 'start'),
  ],
  make: ({ heading: title, text, action, to }, { side }) => {
    const at = side as 'start' | 'centre' | 'end'
    const offset =
      at === 'centre' ? { x: px(0), bottom: px(48) } : { left: px(64), right: px(64), bottom: px(48) }
    return section(
      'Hero',
      [
        picture(16, 7, {
          name: 'Picture',
          place: { width: 'fill', height: 'fill', anchor: { x: 'both', y: 'both' } },
        }),
        column('Words', [heading(1, title), lead(text), row('Actions', [button(action, to)])], {
          look: { fill: { role: 'ground', hex: '#ffffff' } },
          arrange: { padding: { top: px(32), right: px(32), bottom: px(32), left: px(32) } },
          place: { width: px(520), anchor: { x: at, y: 'end' }, offset },
          narrow: {
            arrange: { padding: { top: GAP.large, right: GAP.usual, bottom: GAP.large, left: GAP.usual } },
            place: {
              width: 'fill',
              anchor: { x: 'both' },
              offset: { left: px(0), right: px(0), bottom: px(0) },
            },
          },
        }),
      ],
      {
        arrange: { type: 'placed', padding: { top: px(0), bottom: px(0) } },
        place: { height: px(560) },
        medium: { place: { height: px(520) } },
        narrow: { arrange: { padding: { top: px(0), bottom: px(0) } }, place: { height: px(520) } },
      },
    )
  },
}
