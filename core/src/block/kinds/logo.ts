import { z } from 'zod'
import { paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { placeFields } from '../place'
import { saysField, says } from '../saysField'

/** The site's name as it signs its pages, which leads home. */
export const logo = defineKind({
  kind: 'logo',
  label: 'Logo',
  data: z.strictObject({}),
  tags: ['a'],
  levelRole: 'h4',
  standsOn: 'block',
  takesBlocks: false,
  values: {
    arrange: {},
    place: { width: 'fit', height: 'fit', column: { span: 'all' } },
    look: { textAlign: 'start' },
  },
  anatomy: ({ text, site }) => {
    const [home] = site.trail()
    return {
      content: { type: 'text', text, isLink: true, isBare: true },
      attributes: { href: home?.href ?? '/' },
    }
  },
  particulars: [saysField, ...placeFields, ...paddingFields(), ...lookFields('text')],
  shelf: [
    { id: 'logo', label: 'Logo', also: 'name brand mark home', block: { text: says('Name of the site') } },
  ],
})
