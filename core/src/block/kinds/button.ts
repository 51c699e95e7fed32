import { z } from 'zod'
import { px } from '../../units/length'
import { paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { placeFields } from '../place'
import { saysField, says } from '../saysField'

export const button = defineKind({
  kind: 'button',
  label: 'Button',
  data: z.strictObject({}),
  tags: ['button'],
  levelRole: 'button',
  standsOn: 'block',
  takesBlocks: false,
  values: {
    arrange: { padding: { top: px(12), right: px(20), bottom: px(12), left: px(20) } },
    place: { width: 'fit', height: 'fit', column: { span: 'all' } },
    look: { textAlign: 'centre', fill: { hex: '#2b3532' }, colour: { hex: '#ffffff' } },
  },
  // Nothing in a button leads elsewhere: it would be a link in a button, which HTML does not have.
  anatomy: ({ text }) => ({
    content: { type: 'text', text, middle: true, isLink: true },
    attributes: { type: 'button' },
  }),
  particulars: [saysField, ...placeFields, ...paddingFields(), ...lookFields('text')],
  shelf: [{ id: 'button', label: 'Button', also: 'action', block: { text: says('Do this') } }],
})
