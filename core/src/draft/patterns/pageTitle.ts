import { tick, type Pattern } from '../pattern'
import { ABOVE, column, GAP, heading, lead, section, SHADED } from '../pieces'

/** The title of an inner page with where it stands on the site. */
export const pageTitle: Pattern = {
  id: 'page-title',
  label: 'Title of a page',
  group: 'begin',
  also: 'heading breadcrumb opening head',
  expects: 'the title of the page and one sentence',
  parameters: [tick('trail', 'With where one is', true)],
  make: ({ heading: title, text }, { trail }) =>
    section(
      'Title',
      [
        ...(trail ? [{ kind: 'breadcrumb' as const, columns: { wide: 'all' as const } }] : []),
        column('Words', [heading(1, title), lead(text)], { columns: ABOVE }),
      ],
      { look: SHADED, arrange: { padding: { top: GAP.wide, bottom: GAP.wide } } },
    ),
}
