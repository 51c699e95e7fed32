import { z } from 'zod'
import { paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { placeFields } from '../place'
import { saysField, says } from '../saysField'
import { plainLevel } from '../textStyle'

export const text = defineKind({
  kind: 'text',
  label: 'Text',
  data: z.strictObject({}),
  tags: ['p', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'blockquote', 'div'],
  standsOn: 'block',
  takesBlocks: false,
  values: {
    arrange: {},
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: { textAlign: 'start' },
  },
  anatomy: ({ text }) => ({ content: { type: 'text', text } }),
  particulars: [saysField, ...placeFields, ...paddingFields(), ...lookFields('text')],
  shelf: [
    {
      id: 'heading',
      label: 'Heading',
      also: 'title h1 h2 headline',
      block: { name: 'Heading', tag: 'h2', text: says('Heading') },
    },
    {
      id: 'text',
      label: 'Text',
      also: 'paragraph words copy',
      block: { text: says('Words that say what this part of the page is for.') },
    },
    {
      id: 'lead',
      label: 'Lead text',
      also: 'intro paragraph',
      block: {
        name: 'Lead',
        text: says('One or two sentences that lead in.'),
        look: { level: plainLevel('lead') },
      },
    },
  ],
})
