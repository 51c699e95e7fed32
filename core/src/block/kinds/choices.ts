import { z } from 'zod'
import { px } from '../../units/length'
import { paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { boxPart, controlPart, idIn, wordsPart } from '../parts'
import { placeFields } from '../place'
import type { Part } from '../primitive'
import { FAINT, MESSAGE } from '../quietLooks'

const words = z.string().max(500)

const schema = z.strictObject({
  form: z.enum(['ticks', 'one', 'switches']).optional(),
  label: words.optional(),
  hint: words.optional(),
  options: z.array(words).max(200).optional(),
  /** how many of the first the drawing shows as chosen */
  chosen: z.int().min(0).max(200).optional(),
})
type Data = z.infer<typeof schema>

/** A group of things to tick or to choose one of, each a label with its mark. */
export const choices = defineKind({
  kind: 'choices',
  label: 'Choices',
  data: schema,
  tags: ['fieldset'],
  levelRole: 'p',
  standsOn: 'block',
  takesBlocks: false,
  states: ['hover', 'focus', 'chosen', 'wrong', 'disabled'],
  values: {
    arrange: { type: 'column', gap: px(10), align: 'stretch' },
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: {},
  },
  anatomy: ({ key, data }) => ({ content: { type: 'blocks', holds: partsOf(key, data) } }),
  particulars: [
    {
      group: 'shows',
      label: 'of',
      path: ['data', 'form'],
      control: {
        type: 'choice',
        options: { ticks: 'ticks, any of them', one: 'one of them', switches: 'switches' },
        absent: 'ticks',
      },
    },
    { group: 'shows', label: 'question', path: ['data', 'label'], control: { type: 'words', most: 500 } },
    { group: 'shows', label: 'hint', path: ['data', 'hint'], control: { type: 'words', most: 500 } },
    { group: 'shows', label: 'choices', path: ['data', 'options'], control: { type: 'lines', most: 200 } },
    {
      group: 'shows',
      label: 'shown as chosen',
      path: ['data', 'chosen'],
      control: { type: 'number', least: 0, most: 200, step: 1, absent: 0 },
    },
    ...placeFields,
    ...paddingFields(),
    ...lookFields('blocks'),
  ],
  shelf: [
    {
      id: 'ticks',
      label: 'Check boxes',
      also: 'checkbox ticks form choices options',
      block: { data: { label: 'Which of these', options: ['The first', 'The second', 'The third'] } },
    },
    {
      id: 'one-of',
      label: 'Radio group',
      also: 'radio one form choices options',
      block: { data: { form: 'one', label: 'Which one', options: ['The first', 'The second'], chosen: 1 } },
    },
    {
      id: 'switches',
      label: 'Switch',
      also: 'toggle on off form settings',
      block: { data: { form: 'switches', label: 'Settings', options: ['Tell me about changes'], chosen: 1 } },
    },
  ],
})

const FORMS = {
  ticks: { em: 1.25, type: 'checkbox', mark: 'square', role: undefined },
  one: { em: 1.25, type: 'radio', mark: 'circle', role: undefined },
  switches: { em: 2.2, type: 'checkbox', mark: 'switch', role: 'switch' },
} as const

function partsOf(key: string, { form = 'ticks', label = '', hint, options = [], chosen = 0 }: Data): Part[] {
  const name = idIn(key, 'choice')
  const { em, type, mark, role } = FORMS[form]
  const rows = options.map((option, index) => {
    const isOn = form === 'one' ? index === chosen - 1 : index < chosen
    const shown = {
      control: 'mark',
      room: { em, lines: 1 },
      shows: '',
      isHint: false,
      mark: { form: mark, isOn },
    } as const
    const place = { width: 'fit', height: 'fit' } as const
    const tick = controlPart(
      'mark',
      shown,
      { place },
      { type, role, name, value: option, checked: isOn ? '' : undefined },
    )
    return boxPart(
      `choice ${index + 1}`,
      'label',
      { arrange: { type: 'row', gap: px(8), align: 'start' }, place: { width: 'fill', height: 'fit' } },
      [
        { ...tick, states: isOn ? ['chosen'] : [] },
        wordsPart('words', 'span', option, { place: { width: 'fill', height: 'fit' } }),
      ],
    )
  })
  return [
    wordsPart('question', 'legend', label, { look: { level: MESSAGE.label } }),
    ...(hint ? [wordsPart('hint', 'p', hint, { look: { level: MESSAGE.hint, colour: FAINT } })] : []),
    ...rows,
  ]
}
