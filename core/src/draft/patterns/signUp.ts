import type { Pattern } from '../pattern'
import { column, heading, section, SHADED, small, text } from '../pieces'
import { says } from '../../block/saysField'

/** One field and one button: to be told of news. */
export const signUp: Pattern = {
  id: 'sign-up',
  label: 'Sign-up',
  group: 'ask',
  also: 'newsletter subscribe register mail join news form',
  expects: 'why one should, one field, one button, what happens to the address',
  parameters: [],
  make: ({ heading: title, text: words }) =>
    section(
      'Sign-up',
      [
        column('Words', [heading(2, title), text(words)], { columns: { wide: 6, medium: 'all' } }),
        {
          kind: 'form',
          name: 'Sign-up form',
          columns: { wide: [7, 6], medium: 'all' },
          holds: [
            {
              kind: 'field',
              data: { type: 'email', label: 'E-mail address', fills: 'email', required: true },
            },
            { kind: 'button', text: says('Sign up') },
            small('We write once a month and pass the address on to nobody.'),
          ],
        },
      ],
      { look: SHADED },
    ),
}
