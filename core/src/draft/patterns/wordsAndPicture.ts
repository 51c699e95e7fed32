import { choice, type Pattern } from '../pattern'
import type { Columns } from '../piece'
import { column, heading, link, picture, section, text } from '../pieces'

/** A text beside a picture. */
export const wordsAndPicture: Pattern = {
  id: 'words-and-picture',
  label: 'Words and picture',
  group: 'words',
  also: 'text image about story media beside who we are history part',
  usualHeading: 'At a glance',
  expects: 'one heading, one or two paragraphs, one picture',
  parameters: [
    choice('side', 'Picture stands', { right: 'right', left: 'left' }, 'left'),
    choice(
      'ratio',
      'Picture is',
      { '4/3': '4 to 3', '1/1': 'square', '16/9': '16 to 9', '3/4': 'upright' },
      '4/3',
    ),
  ],
  make: ({ heading: title, text: words, to, action }, { side, ratio }) => {
    const [width, height] = String(ratio).split('/').map(Number)
    const isLeft = side === 'left'
    const at = (from: number): Columns => ({ wide: [from, 6], medium: [from, 6], narrow: 'all' })
    const seen = picture(width, height, { name: 'Picture', columns: at(isLeft ? 1 : 7) })
    const said = column('Words', [heading(2, title), text(words), ...(to ? [link(action, to)] : [])], {
      columns: at(isLeft ? 7 : 1),
    })
    return section('Words and picture', isLeft ? [seen, said] : [said, seen], {
      arrange: { align: 'centre' },
    })
  },
}
