import { z } from 'zod'
import { px } from '../../units/length'
import { paddingFields } from '../arrange'
import type { Field } from '../field'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { controlPart, idIn, wordsPart } from '../parts'
import { placeFields } from '../place'
import type { Part, ShownControl } from '../primitive'
import { CONTROL_LOOK, FAINT, MESSAGE } from '../quietLooks'

const words = z.string().max(500)

/** What is written or chosen, and the HTML it comes to. */
const TYPES = {
  text: 'text',
  email: 'e-mail',
  tel: 'telephone',
  number: 'number',
  search: 'search',
  date: 'date',
  time: 'time',
  password: 'password',
  long: 'long text',
  choice: 'choice from a list',
  file: 'file',
} as const

/** What a browser may fill in by itself. @see HTML Living Standard, 4.10.18.7.1, autofill field names */
const FILLS = {
  name: 'name',
  'given-name': 'given name',
  'family-name': 'family name',
  email: 'e-mail address',
  tel: 'telephone number',
  'street-address': 'street and number',
  'postal-code': 'postal code',
  'address-level2': 'town',
  country: 'country',
  organization: 'organisation',
  username: 'user name',
  'current-password': 'password',
  'new-password': 'new password',
  'one-time-code': 'code sent to one',
  bday: 'date of birth',
} as const

type Names<T> = [keyof T & string, ...(keyof T & string)[]]
const names = <T extends object>(of: T) => Object.keys(of) as Names<T>

const schema = z.strictObject({
  type: z.enum(names(TYPES)).optional(),
  label: words.optional(),
  hint: words.optional(),
  placeholder: words.optional(),
  required: z.boolean().optional(),
  /** what is said where what was written is wrong, and whether the drawing shows it */
  message: words.optional(),
  isWrong: z.boolean().optional(),
  options: z.array(words).max(500).optional(),
  rows: z.int().min(2).max(40).optional(),
  fills: z.enum(names(FILLS)).optional(),
})
type Data = z.infer<typeof schema>

const of = (...types: (keyof typeof TYPES)[]): Field['when'] => {
  return ({ value }) => types.some((type) => type === (value(['data', 'type']) ?? 'text'))
}
const dataField = (
  label: string,
  leaf: string,
  control: Field['control'],
  more: Partial<Field> = {},
): Field => {
  return { group: 'shows', label, path: ['data', leaf], control, ...more }
}
const wordsField = (label: string, leaf: string, more: Partial<Field> = {}) =>
  dataField(label, leaf, { type: 'words', most: 500 }, more)

/** Something a visitor writes or chooses, with its label, a hint and what is said where it is wrong. */
export const field = defineKind({
  kind: 'field',
  label: 'Field',
  data: schema,
  tags: ['div'],
  levelRole: 'p',
  standsOn: 'block',
  takesBlocks: false,
  states: ['hover', 'focus', 'empty', 'wrong', 'disabled'],
  values: {
    arrange: { type: 'column', gap: px(6), align: 'stretch' },
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: {},
  },
  anatomy: ({ key, data }) => ({ content: { type: 'blocks', holds: partsOf(key, data) } }),
  particulars: [
    dataField('type', 'type', { type: 'choice', options: TYPES, absent: 'text' }),
    wordsField('label', 'label'),
    wordsField('hint below the label', 'hint'),
    wordsField('placeholder', 'placeholder', {
      when: of('text', 'email', 'tel', 'number', 'search', 'password', 'long'),
    }),
    dataField('to choose from', 'options', { type: 'lines', most: 500 }, { when: of('choice') }),
    dataField(
      'lines',
      'rows',
      { type: 'number', least: 2, most: 40, step: 1, absent: 4 },
      { when: of('long') },
    ),
    dataField('must be filled in', 'required', { type: 'tick' }),
    wordsField('said when wrong', 'message'),
    dataField(
      'shown as wrong',
      'isWrong',
      { type: 'tick' },
      { when: ({ value }) => value(['data', 'message']) !== undefined },
    ),
    dataField(
      'browser fills in',
      'fills',
      { type: 'choice', options: FILLS, absent: 'name' },
      { isRare: true },
    ),
    ...placeFields,
    ...paddingFields(),
    ...lookFields('blocks'),
  ],
  shelf: [
    {
      id: 'field',
      label: 'Field',
      also: 'input text form label',
      block: { data: { label: 'Name', fills: 'name' } },
    },
    {
      id: 'email-field',
      label: 'E-mail field',
      also: 'input mail form address',
      block: { data: { type: 'email', label: 'E-mail address', fills: 'email' } },
    },
    {
      id: 'long-field',
      label: 'Long text field',
      also: 'textarea message form area',
      block: { data: { type: 'long', label: 'Message' } },
    },
    {
      id: 'choice-field',
      label: 'Choice field',
      also: 'select dropdown form list options',
      block: {
        data: { type: 'choice', label: 'Which one', options: ['The first', 'The second', 'The third'] },
      },
    },
    {
      id: 'date-field',
      label: 'Date field',
      also: 'input calendar day form',
      block: { data: { type: 'date', label: 'Date' } },
    },
    {
      id: 'search-field',
      label: 'Search field',
      also: 'input find form',
      block: { data: { type: 'search', label: 'Search', placeholder: 'What are you looking for?' } },
    },
  ],
})

function partsOf(key: string, data: Data): Part[] {
  const id = idIn(key, 'field')
  const { label = '', hint, message, isWrong, required } = data
  const told = [hint && `${id}-hint`, isWrong && message && `${id}-message`].filter(Boolean).join(' ')
  const asked = required ? `${label} *` : label
  return [
    wordsPart('label', 'label', asked, { look: { level: MESSAGE.label } }, { for: id }),
    ...(hint
      ? [wordsPart('hint', 'p', hint, { look: { level: MESSAGE.hint, colour: FAINT } }, { id: `${id}-hint` })]
      : []),
    {
      ...controlPart(
        'control',
        shownControl(data),
        CONTROL_LOOK[data.type === 'choice' ? 'select' : 'input'],
        {
          id,
          name: idIn(label.toLowerCase() || key, 'field'),
          ...attributesOf(data),
          'aria-describedby': told || undefined,
          'aria-invalid': isWrong ? 'true' : undefined,
          required: required ? '' : undefined,
        },
      ),
      states: isWrong ? ['wrong'] : [],
    },
    ...(message && isWrong
      ? [wordsPart('message', 'p', message, { look: { level: MESSAGE.hint } }, { id: `${id}-message` })]
      : []),
  ]
}

const hasOwnHint = (type: Data['type']) => type === 'date' || type === 'time' || type === 'file'

/** What a browser shows in a field before anything is written, for those it does not let us say. */
const OWN_HINTS: Partial<Record<keyof typeof TYPES, string>> = {
  date: 'dd/mm/yyyy',
  time: '--:--',
  file: 'Choose a file…',
}

function shownControl({ type = 'text', placeholder = '', options = [], rows = 4 }: Data): ShownControl {
  if (type === 'choice') {
    const [shows = ''] = options
    return { control: 'select', room: { em: 12, lines: 1 }, shows, isHint: false, options }
  }
  const shows = OWN_HINTS[type] ?? placeholder
  if (type === 'long') return { control: 'area', room: { em: 16, lines: rows }, shows, isHint: true }
  return { control: 'input', room: { em: 12, lines: 1 }, shows, isHint: true }
}

function attributesOf({ type = 'text', placeholder, fills }: Data) {
  const common = { autocomplete: fills }
  if (type === 'choice') return common
  const hint = hasOwnHint(type) ? undefined : placeholder
  if (type === 'long') return { ...common, placeholder: hint }
  return { ...common, type, placeholder: hint }
}
