import { count, choice, type Pattern } from '../pattern'
import { beside, column, heading, icon, opening, row, section, text, tracks } from '../pieces'
import { partsOf } from '../sectionContent'

/** What something is good for, each with a sign. */
export const features: Pattern = {
  id: 'features',
  label: 'Features',
  group: 'many',
  also: 'benefits advantages icons reasons why values strengths',
  expects: 'three to eight things, each with a sign, a title and a sentence',
  parameters: [
    count('count', 'Features', 3, 2, 8),
    choice('sign', 'Sign stands', { above: 'above the words', beside: 'beside them' }, 'above'),
  ],
  make: (content, { count: many, sign }) => {
    const parts = partsOf(content, Number(many), 'Feature')
    return section('Features', [
      opening(content.heading, content.text),
      tracks(
        'Features',
        parts.map(({ title, text: words }, index) => {
          const shown = icon(content.icon(index, title))
          const said = [heading(3, title), text(words)]
          return sign === 'beside'
            ? row(title, [shown, column('Words', said)], { arrange: { align: 'start', wrap: false } })
            : column(title, [shown, ...said])
        }),
        beside(parts.length),
      ),
    ])
  },
}
