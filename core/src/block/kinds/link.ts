import { z } from 'zod'
import { paddingFields } from '../arrange'
import { iconFields } from '../iconFields'
import { defineKind } from '../kind'
import { LABELLED, labelled, labelledData } from '../labelled'
import { lookFields } from '../looks'
import { placeFields } from '../place'
import { saysField, says } from '../saysField'
import { hrefOf, isGone, opens, targetField, targetSchema } from '../target'

export const link = defineKind({
  kind: 'link',
  label: 'Link',
  data: z.strictObject({ to: targetSchema.optional(), ...labelledData }),
  tags: ['a'],
  levelRole: 'p',
  standsOn: 'block',
  takesBlocks: false,
  states: ['hover', 'focus', 'pressed'],
  values: {
    arrange: LABELLED,
    place: { width: 'fit', height: 'fit', column: { span: 'all' } },
    look: { textAlign: 'start' },
  },
  anatomy: ({ text, data: { to, ...sign }, site }) => {
    const opening = opens(to, site)
    if (opening)
      return {
        content: labelled(text, sign, 'by itself'),
        tag: 'button',
        attributes: opening,
        isGone: isGone(to, site),
      }
    const href = hrefOf(to, site)
    return { content: labelled(text, sign), attributes: href ? { href } : {}, isGone: isGone(to, site) }
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
    {
      id: 'link',
      label: 'Link',
      also: 'anchor address page mail phone file',
      block: { text: says('Read on') },
    },
  ],
})
