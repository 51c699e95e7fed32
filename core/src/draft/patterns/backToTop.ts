import { px } from '../../units/length'
import type { Pattern } from '../pattern'
import { button, GAP, section } from '../pieces'

/** A button in the corner of the window, once a whole window was scrolled past. It takes no room on the page. */
export const backToTop: Pattern = {
  id: 'back-to-top',
  label: 'Back to top',
  group: 'foot',
  also: 'up scroll return corner button stays sticky',
  expects: 'one button that leads to the top of the page',
  parameters: [],
  make: () =>
    section(
      'Back to top',
      [
        button(
          'Back to top',
          { top: true },
          {
            variant: 'secondary',
            look: { fill: { role: 'ground', hex: '#ffffff' } },
            place: { anchor: { x: 'end', y: 'end' }, offset: { right: GAP.large, bottom: GAP.large } },
            narrow: { place: { offset: { right: GAP.usual, bottom: GAP.usual } } },
          },
        ),
      ],
      {
        arrange: { type: 'placed', padding: NONE },
        narrow: { arrange: { padding: NONE } },
        place: { height: px(0), sticky: { edge: 'bottom', from: 'scrolled' } },
      },
    ),
}

const NONE = { top: px(0), bottom: px(0) }
