import { count, type Pattern } from '../pattern'
import { plainLevel } from '../../block/textStyle'
import { column, heading, section, SHADED, text, tracks } from '../pieces'
import { partsOf } from '../sectionContent'

const FIGURES = ['120', '3', '98 %', '24 h', '1,400', '15']

/** Figures that say something by themselves. */
export const figures: Pattern = {
  id: 'figures',
  label: 'Figures',
  group: 'facts',
  also: 'numbers statistics facts in short results',
  expects: 'two to four figures, each with what it counts',
  parameters: [count('count', 'Figures', 4, 2, 6)],
  make: (content, { count: many }) => {
    const parts = partsOf(content, Number(many), 'What it counts')
    return section(
      'Figures',
      [
        heading(2, content.heading, { columns: { wide: 'all' } }),
        tracks(
          'Figures',
          parts.map(({ title }, index) =>
            column(title, [
              text(FIGURES[index % FIGURES.length], { look: { level: plainLevel('h1') } }),
              text(title),
            ]),
          ),
          { wide: parts.length, medium: Math.min(3, parts.length), narrow: 2 },
        ),
      ],
      { look: SHADED },
    )
  },
}
