import { z } from 'zod'
import { px } from '../../units/length'
import { arrangeFields, paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { overflowField, placeFields } from '../place'
import { OWN_CHILDREN } from '../primitive'

export const box = defineKind({
  kind: 'box',
  label: 'Box',
  data: z.strictObject({}),
  tags: ['div', 'article', 'aside', 'nav', 'section', 'header', 'footer'],
  standsOn: 'block',
  takesBlocks: true,
  states: ['hover', 'focus', 'pressed'],
  values: {
    arrange: { type: 'column', gap: px(16), align: 'start' },
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: {},
  },
  anatomy: () => ({ content: OWN_CHILDREN }),
  particulars: [...arrangeFields, overflowField, ...placeFields, ...paddingFields(), ...lookFields('blocks')],
  shelf: [{ id: 'box', label: 'Box', also: 'group column row container', block: {} }],
})
