import { z } from 'zod'
import { px } from '../../units/length'
import { arrangeFields, paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { overflowField, pagePlaceFields } from '../place'
import { OWN_CHILDREN } from '../primitive'

export const section = defineKind({
  kind: 'section',
  label: 'Section',
  data: z.strictObject({}),
  tags: ['section', 'header', 'footer', 'nav', 'aside'],
  standsOn: 'page',
  takesBlocks: true,
  keepsMargins: true,
  values: {
    arrange: {
      type: 'grid',
      tracks: 'columns',
      gap: px(24),
      padding: { top: px(48), bottom: px(48) },
      align: 'start',
    },
    place: { width: 'fill', height: 'fit' },
    look: {},
  },
  variants: {
    plain: { label: 'plain', values: {} },
    tinted: { label: 'tinted', values: { look: { fill: { role: 'tint', hex: '#eceeea' } } } },
    dark: {
      label: 'dark',
      values: { look: { colourSet: 'dark', fill: { role: 'ground', hex: '#2b3532' } } },
    },
    picture: {
      label: 'picture',
      values: {
        look: {
          colourSet: 'dark',
          fill: { role: 'ground', hex: '#2b3532' },
          backdrop: { veil: { role: 'ground', hex: '#2b3532' } },
        },
      },
    },
  },
  anatomy: ({ section: of, site }) => ({
    content: OWN_CHILDREN,
    attributes: { id: of && site.sectionAnchor(of) },
  }),
  particulars: [
    ...arrangeFields,
    overflowField,
    ...pagePlaceFields,
    ...paddingFields('margins'),
    ...lookFields('blocks'),
  ],
  shelf: [{ id: 'section', label: 'Section', also: 'part band hero', block: {} }],
})
