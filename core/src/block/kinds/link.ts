import { z } from 'zod'
import { idSchema } from '../../document/ids'
import { leaf } from '../../document/leafTable'
import { isSafeLink } from '../../text/safeAddress'
import { paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { placeFields } from '../place'
import { saysField, says } from '../saysField'

const address = z.string().max(2000).refine(isSafeLink, 'a link starts with http, https, mailto, tel, / or #')

/** Where a link leads: to a page of the site, wherever it moves, or to an address. */
const targetSchema = leaf(z.union([z.strictObject({ page: idSchema }), z.strictObject({ address })]))

export type Target = z.infer<typeof targetSchema>

export const link = defineKind({
  kind: 'link',
  label: 'Link',
  data: z.strictObject({ to: targetSchema.optional() }),
  tags: ['a'],
  levelRole: 'p',
  standsOn: 'block',
  takesBlocks: false,
  values: {
    arrange: {},
    place: { width: 'fit', height: 'fit', column: { span: 'all' } },
    look: { textAlign: 'start' },
  },
  anatomy: ({ text, data: { to }, pageAddress }) => {
    const href = to && ('page' in to ? pageAddress(to.page) : to.address)
    return { content: { type: 'text', text, isLink: true }, attributes: href ? { href } : {} }
  },
  particulars: [
    saysField,
    { group: 'leads', label: 'to', path: ['data', 'to'], control: { type: 'target' } },
    ...placeFields,
    ...paddingFields(),
    ...lookFields('text'),
  ],
  shelf: [{ id: 'link', label: 'Link', also: 'anchor address page', block: { text: says('Read on') } }],
})
