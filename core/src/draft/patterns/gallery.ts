import { count, choice, type Pattern } from '../pattern'
import { opening, picture, section, tracks } from '../pieces'

/** Pictures beside one another. */
export const gallery: Pattern = {
  id: 'gallery',
  label: 'Gallery',
  group: 'many',
  also: 'pictures photos images impressions portfolio work projects',
  usualHeading: 'Pictures',
  expects: 'pictures of one ratio',
  parameters: [
    count('count', 'Pictures', 6, 2, 24),
    choice('ratio', 'Pictures are', { '1/1': 'square', '4/3': '4 to 3', '3/4': 'upright' }, '4/3'),
  ],
  make: ({ heading: title, text: words, parts }, { count: many, ratio }) => {
    const [width, height] = String(ratio).split('/').map(Number)
    return section('Gallery', [
      opening(title, words),
      tracks(
        'Pictures',
        Array.from({ length: Number(many) }, (_, index) =>
          picture(width, height, { name: parts[index]?.title ?? `Picture ${index + 1}` }),
        ),
        { wide: 3, medium: 3, narrow: 2 },
      ),
    ])
  },
}
