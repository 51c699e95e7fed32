import { z } from 'zod'
import { idSchema } from '../../document/ids'
import { px } from '../../units/length'
import { arrangeFields, paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { placeFields } from '../place'
import { says } from '../saysField'
import { OWN_CHILDREN } from '../primitive'

/** Fields that are sent together: where to, and what a visitor sees then. */
export const form = defineKind({
  kind: 'form',
  label: 'Form',
  data: z.strictObject({
    /** what takes what is sent, in words for the developer */
    sends: z.string().max(500).optional(),
    thanksPage: idSchema.optional(),
    thanks: z.string().max(500).optional(),
  }),
  tags: ['form'],
  standsOn: 'block',
  takesBlocks: true,
  states: ['wrong', 'loading'],
  values: {
    arrange: { type: 'column', gap: px(20), align: 'start' },
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: {},
  },
  anatomy: ({ data: { thanksPage, thanks, sends }, site }) => ({
    content: OWN_CHILDREN,
    attributes: {
      method: 'post',
      action: (thanksPage && site.pageAddress(thanksPage)) || undefined,
      'data-sends': sends,
      'data-thanks': thanks,
    },
  }),
  particulars: [
    { group: 'leads', label: 'sent to', path: ['data', 'sends'], control: { type: 'words', most: 500 } },
    { group: 'leads', label: 'thank-you page', path: ['data', 'thanksPage'], control: { type: 'page' } },
    {
      group: 'leads',
      label: 'or thanks in words',
      path: ['data', 'thanks'],
      control: { type: 'words', most: 500 },
    },
    ...arrangeFields,
    ...placeFields,
    ...paddingFields(),
    ...lookFields('blocks'),
  ],
  shelf: [
    {
      id: 'form',
      label: 'Form',
      also: 'fields send contact sign-up',
      block: {
        holds: [
          { kind: 'field', data: { label: 'Name', fills: 'name' } },
          { kind: 'field', data: { type: 'email', label: 'E-mail address', fills: 'email', required: true } },
          { kind: 'field', data: { type: 'long', label: 'Message' } },
          { kind: 'button', text: says('Send') },
        ],
      },
    },
  ],
})
