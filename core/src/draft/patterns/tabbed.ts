import { count, type Pattern } from '../pattern'
import { opening, section, text } from '../pieces'
import { partsOf } from '../sectionContent'

/** Several views of one thing, one of them shown. */
export const tabbed: Pattern = {
  id: 'tabs',
  label: 'Tabs',
  group: 'facts',
  also: 'panes views switch details specification sizes',
  expects: 'two to six panes of like content, each with a short name',
  parameters: [count('count', 'Tabs', 3, 2, 6)],
  make: (content, { count: many }) =>
    section('Tabs', [
      opening(content.heading, ''),
      {
        kind: 'tabs',
        name: 'Tabs',
        columns: { wide: 'all' },
        holds: partsOf(content, Number(many), 'Pane').map(({ title, text: words }) => ({
          kind: 'box' as const,
          name: title,
          holds: [text(words)],
        })),
      },
    ]),
}
