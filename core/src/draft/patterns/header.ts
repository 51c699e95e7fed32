import { STAYS, tick, type Pattern } from '../pattern'
import { LINE_BELOW, menu, section, STAYS_AT_TOP } from '../pieces'

/** Name of the site and its main menu, which steps behind a button where there is no room. */
export const header: Pattern = {
  id: 'header',
  label: 'Header with menu',
  group: 'top',
  also: 'top logo navigation nav bar',
  expects: 'the name of the site and its main menu',
  parameters: [tick('button', 'With a button at its end', false), STAYS],
  make: ({ siteName, menus, action, to }, { button, stays }) =>
    section(
      'Header',
      [
        { kind: 'logo', text: [{ insert: siteName }] },
        menu(menus.main, { name: 'Main menu', narrow: { manner: 'button' } }),
        ...(button
          ? [{ kind: 'button' as const, text: [{ insert: action }], data: to ? { to } : undefined }]
          : []),
      ],
      {
        tag: 'header',
        arrange: { type: 'row', justify: 'between', align: 'centre', wrap: true, padding: PADDING },
        narrow: { arrange: { padding: PADDING } },
        look: LINE_BELOW,
        ...(stays && STAYS_AT_TOP),
      },
    ),
}

const PADDING = { top: { value: 20, unit: 'px' as const }, bottom: { value: 20, unit: 'px' as const } }
