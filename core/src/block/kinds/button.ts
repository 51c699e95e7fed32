import { z } from 'zod'
import { px } from '../../units/length'
import { paddingFields } from '../arrange'
import { iconFields } from '../iconFields'
import { defineKind } from '../kind'
import { LABELLED, labelled, labelledData } from '../labelled'
import { lookFields } from '../looks'
import { placeFields } from '../place'
import { saysField, says } from '../saysField'
import { hrefOf, isGone, opens, targetField, targetSchema } from '../target'

const ACTION = { role: 'action' as const, hex: '#2b3532' }
const ON_ACTION = { role: 'onAction' as const, hex: '#ffffff' }
const edge = { width: px(1), line: 'solid' as const, colour: ACTION }

export const button = defineKind({
  kind: 'button',
  label: 'Button',
  data: z.strictObject({ to: targetSchema.optional(), ...labelledData }),
  tags: ['button'],
  levelRole: 'button',
  standsOn: 'block',
  takesBlocks: false,
  states: ['hover', 'focus', 'pressed', 'disabled', 'loading'],
  values: {
    arrange: {
      ...LABELLED,
      justify: 'centre',
      padding: { top: px(12), right: px(20), bottom: px(12), left: px(20) },
    },
    place: { width: 'fit', height: 'fit', column: { span: 'all' } },
    look: { textAlign: 'centre', fill: ACTION, colour: ON_ACTION },
  },
  variants: {
    primary: { label: 'primary', values: {} },
    secondary: {
      label: 'secondary',
      values: {
        arrange: { padding: { top: px(11), right: px(19), bottom: px(11), left: px(19) } },
        look: { fill: 'none', colour: ACTION, border: { top: edge, right: edge, bottom: edge, left: edge } },
      },
    },
    quiet: {
      label: 'quiet',
      values: {
        arrange: { padding: { right: px(4), left: px(4) } },
        look: { fill: 'none', colour: ACTION },
      },
    },
  },
  // Nothing in a button leads elsewhere: it would be a link in a button, which HTML does not have. One that leads is a link.
  anatomy: ({ text, data: { to, ...sign }, site }) => {
    const attributesOpening = to ? opens(to, site) : { type: 'button' }
    if (attributesOpening)
      return {
        content: labelled(text, sign, 'by itself'),
        attributes: attributesOpening,
        isGone: isGone(to, site),
      }
    const href = hrefOf(to, site)
    const attributes = href ? { href } : {}
    return { content: labelled(text, sign, 'in a row'), tag: 'a', attributes, isGone: isGone(to, site) }
  },
  particulars: [
    saysField,
    targetField,
    ...iconFields,
    ...placeFields,
    ...paddingFields(),
    ...lookFields('text'),
  ],
  shelf: [
    { id: 'button', label: 'Button', also: 'action primary', block: { text: says('Do this') } },
    {
      id: 'second-button',
      label: 'Second button',
      also: 'secondary action outline',
      block: { variant: 'secondary', text: says('Or this') },
    },
    {
      id: 'quiet-button',
      label: 'Quiet button',
      also: 'tertiary ghost action',
      block: { variant: 'quiet', text: says('Not now') },
    },
  ],
})
