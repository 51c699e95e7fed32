import type { RichText } from '../document/richText'
import type { Field } from './field'

/** The words of a block. */
export const saysField: Field = {
  group: 'says',
  label: 'text',
  path: ['text'],
  control: { type: 'richText' },
}

/** Words without marks. */
export const says = (words: string): RichText => [{ insert: words }]
