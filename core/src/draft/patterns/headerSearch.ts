import { STAYS, type Pattern } from '../pattern'
import { GAP, LINE_BELOW, menu, row, section, STAYS_AT_TOP } from '../pieces'

/** Name of the site, a field to search it and its main menu below. */
export const headerSearch: Pattern = {
  id: 'header-search',
  label: 'Header with search',
  group: 'top',
  also: 'top find field navigation nav bar',
  expects: 'the name of the site, its main menu and one field to search in',
  parameters: [STAYS],
  make: ({ siteName, menus }, { stays }) =>
    section(
      'Header',
      [
        row(
          'Name and search',
          [
            { kind: 'logo', text: [{ insert: siteName }] },
            {
              kind: 'field',
              name: 'Search',
              data: { type: 'search', label: 'Search this site' },
              place: { width: { value: 320, unit: 'px' } },
              narrow: { place: { width: 'fill' } },
            },
          ],
          { arrange: { justify: 'between' } },
        ),
        menu(menus.main, { name: 'Main menu', narrow: { manner: 'button' } }),
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
