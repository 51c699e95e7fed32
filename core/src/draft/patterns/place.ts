import { choice, type Pattern } from '../pattern'
import { column, heading, section, text } from '../pieces'
import { says } from '../../block/saysField'
import { STAND_IN } from '../standIns'

/** Where it is and how one gets there. */
export const place: Pattern = {
  id: 'place',
  label: 'Map and address',
  group: 'ask',
  also: 'where location directions find us how to get here visit way harbour quay',
  usualHeading: 'Where we are',
  expects: 'a map, an address, how to get there',
  parameters: [choice('side', 'Map stands', { right: 'right', left: 'left' }, 'right')],
  make: ({ heading: title, text: words, siteName }, { side }) => {
    const isLeft = side === 'left'
    const seen = {
      kind: 'map' as const,
      data: { place: siteName },
      columns: { wide: [isLeft ? 1 : 6, 7] as [number, number], medium: 'all' as const },
    }
    const said = column(
      'Address',
      [
        heading(2, title),
        text(words),
        {
          kind: 'list',
          data: { of: 'terms' },
          text: says(STAND_IN.wayThere),
        },
      ],
      { columns: { wide: [isLeft ? 9 : 1, isLeft ? 4 : 5], medium: 'all' } },
    )
    return section('Map and address', isLeft ? [seen, said] : [said, seen])
  },
}
