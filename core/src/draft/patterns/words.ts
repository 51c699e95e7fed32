import { choice, type Pattern } from '../pattern'
import { column, heading, MIDDLE, section, text } from '../pieces'
import { standIn } from '../standIns'

/** A heading and some paragraphs, as wide as is read easily. */
export const words: Pattern = {
  id: 'words',
  label: 'Words',
  group: 'words',
  also: 'text paragraph copy intro what why terms legal privacy imprint rules conditions',
  expects: 'one heading and some paragraphs',
  parameters: [choice('stands', 'Stands', { start: 'left', middle: 'in the middle' }, 'start')],
  make: ({ heading: title, text: said, parts }, { stands }) => {
    const paragraphs = parts.length ? parts.map((part) => part.text) : [standIn(1), standIn(2)]
    return section('Words', [
      column('Text', [heading(2, title), text(said), ...paragraphs.map((one) => text(one))], {
        columns: stands === 'middle' ? MIDDLE : { wide: 8, medium: 10, narrow: 'all' },
      }),
    ])
  },
}
