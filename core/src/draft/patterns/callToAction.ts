import { choice, type Pattern } from '../pattern'
import { button, column, heading, MIDDLE, row, section, SHADED, text } from '../pieces'

/** One thing to do, and nothing else. */
export const callToAction: Pattern = {
  id: 'call-to-action',
  label: 'Call to action',
  group: 'ask',
  also: 'banner invitation book buy start action next step donate reserve',
  expects: 'one heading and one primary action',
  parameters: [
    choice('stands', 'Words stand', { middle: 'in the middle', beside: 'beside the button' }, 'middle'),
  ],
  make: ({ heading: title, text: words, action, to }, { stands }) => {
    if (stands === 'beside')
      return section(
        'Call to action',
        [
          row('Words and action', [column('Words', [heading(2, title), text(words)]), button(action, to)], {
            columns: { wide: 'all' },
            arrange: { justify: 'between' },
            narrow: { arrange: { type: 'column', align: 'start' } },
          }),
        ],
        { look: SHADED },
      )
    const centred = { look: { textAlign: 'centre' as const } }
    return section(
      'Call to action',
      [
        column(
          'Words',
          [
            heading(2, title, centred),
            text(words, centred),
            row('Action', [button(action, to)], { arrange: { justify: 'centre' } }),
          ],
          { columns: MIDDLE, arrange: { align: 'stretch' } },
        ),
      ],
      { look: SHADED },
    )
  },
}
