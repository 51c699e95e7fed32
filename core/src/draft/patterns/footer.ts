import { count, type Pattern } from '../pattern'
import { plainLevel } from '../../block/textStyle'
import { px } from '../../units/length'
import { STAND_IN } from '../standIns'
import { column, GAP, heading, LINE_ABOVE, menu, section, small } from '../pieces'

/** The foot of every page: menus, who runs the site, small print. */
export const footer: Pattern = {
  id: 'footer',
  label: 'Footer with columns',
  group: 'foot',
  also: 'bottom foot links menu small print end',
  expects: 'the footer menu, who runs the site, small print',
  parameters: [count('columns', 'Columns of links', 2, 1, 3)],
  make: ({ siteName, menus }, { columns }) => {
    const many = Number(columns)
    const lists = [menus.main, menus.footer, menus.utility].slice(many === 1 ? 1 : 0).slice(0, many)
    const wide = 3
    return section(
      'Footer',
      [
        column('Who we are', [heading(4, siteName, { tag: 'p' }), small(STAND_IN.whoRunsIt)], {
          columns: { wide: 12 - wide * many, medium: 'all' },
        }),
        ...lists.map((id, index) =>
          menu(id, {
            name: `Links ${index + 1}`,
            columns: { wide, medium: 6, narrow: 'all' },
            arrange: { type: 'column', gap: GAP.small },
            look: { level: plainLevel('small') },
          }),
        ),
        small(`© ${siteName}`, { columns: { wide: 'all' } }),
      ],
      { tag: 'footer', look: LINE_ABOVE, arrange: { padding: { top: px(48), bottom: px(48) } } },
    )
  },
}
