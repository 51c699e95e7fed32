import { choice, tick, type Pattern } from '../pattern'
import type { Columns } from '../piece'
import { button, column, heading, lead, picture, row, section } from '../pieces'

const SPLITS = { '5/7': [5, 7], '6/6': [6, 6], '7/5': [7, 5], '4/8': [4, 8] } as const

/** What the page is about and what to do, beside a picture. */
export const heroBeside: Pattern = {
  id: 'hero-beside',
  label: 'Words beside a picture',
  group: 'begin',
  also: 'hero opening start welcome first top stage introduction',
  expects: 'one heading, one sentence, one primary action, one picture',
  parameters: [
    choice(
      'split',
      'Words to picture',
      { '5/7': '5 to 7', '6/6': 'halves', '7/5': '7 to 5', '4/8': '4 to 8' },
      '5/7',
    ),
    choice('side', 'Picture stands', { right: 'right', left: 'left' }, 'right'),
    tick('second', 'With a second action', false),
  ],
  make: ({ heading: title, text, action, to }, { split, side, second }) => {
    const [own, other] = SPLITS[split as keyof typeof SPLITS]
    const isLeft = side === 'left'
    const words: Columns = { wide: isLeft ? [other + 1, own] : [1, own], medium: [1, 12], narrow: 'all' }
    const shown: Columns = { wide: isLeft ? [1, other] : [own + 1, other], medium: [1, 12], narrow: 'all' }
    const actions = [
      button(action, to),
      ...(second ? [button('Find out more', undefined, { variant: 'secondary' })] : []),
    ]
    const said = column('Words', [heading(1, title), lead(text), row('Actions', actions)], { columns: words })
    const seen = picture(4, 3, { name: 'Picture', columns: shown })
    return section('Hero', isLeft ? [seen, said] : [said, seen], { arrange: { align: 'centre' } })
  },
}
