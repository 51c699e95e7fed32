import { tick, type Pattern } from '../pattern'
import { column, framed, heading, lead, link, picture, section, small, text } from '../pieces'
import { STAND_IN, standIn } from '../standIns'

/** A long text with headings, a picture and, beside it, what goes with it. */
export const article: Pattern = {
  id: 'article',
  label: 'Article',
  group: 'words',
  also: 'text post story read long guide page',
  expects: 'a title, a date, some paragraphs under headings, one picture',
  parameters: [tick('aside', 'With words beside it', true)],
  make: ({ heading: title, text: words }, { aside }) =>
    section('Article', [
      column(
        'Text',
        [
          heading(2, title),
          small(STAND_IN.byWhom),
          lead(words),
          picture(16, 9, { name: 'Picture' }),
          heading(3, 'The first part'),
          text(standIn(1)),
          text(standIn(2)),
          heading(3, 'The second part'),
          text(standIn(3)),
        ],
        { columns: { wide: aside ? 7 : [3, 8], medium: 'all' } },
      ),
      ...(aside
        ? [
            column(
              'Beside it',
              [heading(4, 'More on this'), link('A page that goes with it'), link('Another')],
              {
                ...framed,
                tag: 'aside',
                columns: { wide: [9, 4], medium: 'all' },
              },
            ),
          ]
        : []),
    ]),
}
