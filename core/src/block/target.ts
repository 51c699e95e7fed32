import { z } from 'zod'
import { idSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import { isSafeLink } from '../text/safeAddress'
import type { Field } from './field'
import type { SiteFacts } from './siteFacts'

/** An address a link may lead to. */
export const addressSchema = z
  .string()
  .max(2000)
  .refine(isSafeLink, 'a link starts with http, https, mailto, tel, / or #')

/**
 * Where a link leads: to a page of the site, wherever it moves, to one of its sections, or to an address, which may be one
 * of the web, an e-mail address, a telephone number or a file.
 */
export const targetSchema = leaf(
  z.union([
    z.strictObject({ page: idSchema, section: idSchema.optional() }),
    z.strictObject({ address: addressSchema }),
  ]),
)

export type Target = z.infer<typeof targetSchema>

/** The address a target comes to, or nothing when its page is gone. */
export function hrefOf(to: Target | undefined, site: SiteFacts): string | undefined {
  if (!to) return undefined
  if ('address' in to) return to.address
  const page = site.pageAddress(to.page)
  const anchor = to.section === undefined ? undefined : site.sectionAnchor(to.section)
  return page !== undefined && anchor ? `${page}#${anchor}` : page
}

/** Whether the page a target names was deleted. */
export const isGone = (to: Target | undefined, site: SiteFacts): boolean =>
  to !== undefined && 'page' in to && site.pageAddress(to.page) === undefined

export const targetField: Field = {
  group: 'leads',
  label: 'to',
  path: ['data', 'to'],
  control: { type: 'target' },
}
