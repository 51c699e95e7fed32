import { plainLevel } from '../../block/textStyle'
import { STAYS, type Pattern } from '../pattern'
import { GAP, LINE_BELOW, menu, row, section, STAYS_AT_TOP } from '../pieces'

/** A line of small links above the name of the site and its main menu. */
export const headerUtility: Pattern = {
  id: 'header-utility',
  label: 'Header with a line above',
  group: 'top',
  also: 'top utility service line navigation nav bar',
  expects: 'the name of the site, its main menu and the menu of its services',
  parameters: [STAYS],
  make: ({ siteName, menus }, { stays }) =>
    section(
      'Header',
      [
        menu(menus.utility ?? menus.footer, {
          name: 'Service line',
          look: { level: plainLevel('small') },
          narrow: { arrange: { gap: GAP.usual } },
        }),
        row(
          'Name and menu',
          [
            { kind: 'logo', text: [{ insert: siteName }] },
            menu(menus.main, { name: 'Main menu', narrow: { manner: 'button' } }),
          ],
          { arrange: { justify: 'between' } },
        ),
      ],
      {
        tag: 'header',
        arrange: { type: 'column', gap: GAP.usual, align: 'stretch', padding: PADDING },
        narrow: { arrange: { padding: PADDING } },
        look: LINE_BELOW,
        ...(stays && STAYS_AT_TOP),
      },
    ),
}

const PADDING = { top: GAP.usual, bottom: GAP.usual }
