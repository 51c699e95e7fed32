import { count, type Pattern } from '../pattern'
import { beside, column, heading, LINE_ABOVE, opening, section, text, tracks } from '../pieces'
import { px } from '../../units/length'
import { partsOf } from '../sectionContent'

/** What happens one after another, by number. */
export const steps: Pattern = {
  id: 'steps',
  label: 'Steps',
  group: 'many',
  also: 'how it works process numbers order way to stages refund timeline',
  expects: 'two to six steps, each with a title and a sentence',
  parameters: [count('count', 'Steps', 3, 2, 6)],
  make: (content, { count: many }) => {
    const parts = partsOf(content, Number(many), 'Step')
    return section('Steps', [
      opening(content.heading, content.text),
      tracks(
        'Steps',
        parts.map(({ title, text: words }, index) =>
          column(title, [heading(2, String(index + 1), { tag: 'p' }), heading(3, title), text(words)], {
            look: LINE_ABOVE,
            arrange: { padding: { top: px(16) } },
          }),
        ),
        beside(parts.length),
      ),
    ])
  },
}
