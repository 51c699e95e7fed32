import { tick, type Pattern } from '../pattern'
import { button, column, heading, lead, MIDDLE, picture, row, section } from '../pieces'

/** Words in the middle of the page, and a wide picture below them. */
export const heroAbove: Pattern = {
  id: 'hero-above',
  label: 'Words above a picture',
  group: 'begin',
  also: 'hero opening start welcome centred middle stage',
  expects: 'one heading, one sentence, one primary action, perhaps one picture',
  parameters: [tick('picture', 'With a picture', true)],
  make: ({ heading: title, text, action, to }, { picture: isShown }) =>
    section('Hero', [
      column(
        'Words',
        [
          heading(1, title, CENTRED),
          lead(text, CENTRED),
          row('Actions', [button(action, to)], { arrange: { justify: 'centre' } }),
        ],
        { columns: MIDDLE, arrange: { align: 'stretch' } },
      ),
      ...(isShown ? [picture(21, 9, { name: 'Picture', columns: { wide: 'all' } })] : []),
    ]),
}

const CENTRED = { look: { textAlign: 'centre' as const } }
