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
 * Where a link leads: to a page of the site, wherever it moves, to one of its sections, to a file of the project, or to an
 * address, which may be one of the web, an e-mail address or a telephone number.
 */
export const targetSchema = leaf(
  z.union([
    z.strictObject({ page: idSchema, section: idSchema.optional() }),
    z.strictObject({ asset: idSchema, name: z.string().max(300) }),
    z.strictObject({ address: addressSchema }),
  ]),
)

export type Target = z.infer<typeof targetSchema>

const FILES = '/files/'

/** Where a file of the project stands on the site until it is written beside its pages. */
const fileAddress = (asset: string): string => `${FILES}${asset}`
/** The file an address of the site is of, if it is one of a file. */
export const fileAt = (address: string): string | undefined =>
  address.startsWith(FILES) ? address.slice(FILES.length) : undefined

/** The address a target comes to, or nothing when its page is gone. */
export function hrefOf(to: Target | undefined, site: SiteFacts): string | undefined {
  if (!to) return undefined
  if ('address' in to) return to.address
  if ('asset' in to) return fileAddress(to.asset)
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
