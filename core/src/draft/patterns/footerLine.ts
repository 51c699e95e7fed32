import type { Pattern } from '../pattern'
import { plainLevel } from '../../block/textStyle'
import { GAP, LINE_ABOVE, menu, row, section, small } from '../pieces'

/** The foot of a small site: one line. */
export const footerLine: Pattern = {
  id: 'footer-line',
  label: 'Footer of one line',
  group: 'foot',
  also: 'bottom foot links menu small print end',
  expects: 'the footer menu and who runs the site',
  parameters: [],
  make: ({ siteName, menus }) =>
    section(
      'Footer',
      [
        row(
          'Line',
          [
            small(`© ${siteName}`, { place: { width: 'fit' } }),
            menu(menus.footer, { name: 'Footer menu', look: { level: plainLevel('small') } }),
          ],
          { columns: { wide: 'all' }, arrange: { justify: 'between' } },
        ),
      ],
      {
        tag: 'footer',
        look: LINE_ABOVE,
        arrange: { padding: PADDING },
        narrow: { arrange: { padding: PADDING } },
      },
    ),
}

const PADDING = { top: GAP.large, bottom: GAP.large }
