import { tick, type Pattern } from '../pattern'
import { column, heading, section, text } from '../pieces'
import { says } from '../../block/saysField'
import { STAND_IN } from '../standIns'

/** A form to write by, and the other ways to be reached. */
export const contact: Pattern = {
  id: 'contact',
  label: 'Contact with form',
  group: 'ask',
  also: 'form write ask message reach us enquiry request booking refund appointment order',
  usualHeading: 'Write to us',
  expects: 'a form of few fields, an address, a telephone number, when somebody answers',
  parameters: [tick('choice', 'Ask what it is about', true), tick('ways', 'With other ways', true)],
  make: ({ heading: title, text: words }, { choice: asks, ways }) =>
    section('Contact', [
      column(
        'Form and words',
        [
          heading(2, title),
          text(words),
          {
            kind: 'form',
            name: 'Contact form',
            place: { width: 'fill' },
            holds: [
              ...(asks
                ? [
                    {
                      kind: 'field' as const,
                      data: {
                        type: 'choice',
                        label: 'What is it about?',
                        options: ['A question', 'Something went wrong', 'Something else'],
                      },
                    },
                  ]
                : []),
              { kind: 'field', data: { label: 'Name', fills: 'name', required: true } },
              {
                kind: 'field',
                data: { type: 'email', label: 'E-mail address', fills: 'email', required: true },
              },
              { kind: 'field', data: { type: 'long', label: 'Message', required: true } },
              { kind: 'button', text: says('Send') },
            ],
          },
        ],
        { columns: { wide: ways ? 7 : 8, medium: 'all' }, arrange: { align: 'stretch' } },
      ),
      ...(ways
        ? [
            column(
              'Other ways',
              [
                heading(3, 'Other ways'),
                {
                  kind: 'list' as const,
                  data: { of: 'terms' },
                  text: says(STAND_IN.whereToAsk),
                },
              ],
              { columns: { wide: [9, 4], medium: 'all' } },
            ),
          ]
        : []),
    ]),
}
