import { z } from 'zod'
import { idSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import { isSafeLink } from '../text/safeAddress'
import type { Field } from './field'
import type { ElementAttributes } from './primitive'
import type { SiteFacts } from './siteFacts'

/** An address a link may lead to. */
export const addressSchema = z
  .string()
  .max(2000)
  .refine(isSafeLink, 'a link starts with http, https, mailto, tel, / or #')

/**
 * Where a link leads: to a page of the site, wherever it moves, to one of its sections, to a file of the project, or to an
 * address, which may be one of the web, an e-mail address or a telephone number. It may also show an overlay over the
 * page, close the one it stands in, or go back to the top of the page.
 */
export const targetSchema = leaf(
  z.union([
    z.strictObject({ page: idSchema, section: idSchema.optional() }),
    z.strictObject({ asset: idSchema, name: z.string().max(300) }),
    z.strictObject({ address: addressSchema }),
    z.strictObject({ overlay: idSchema }),
    z.strictObject({ closes: z.literal(true) }),
    z.strictObject({ top: z.literal(true) }),
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
  if (!to || 'overlay' in to || 'closes' in to) return undefined
  if ('top' in to) return '#'
  if ('address' in to) return to.address
  if ('asset' in to) return fileAddress(to.asset)
  const page = site.pageAddress(to.page)
  const anchor = to.section === undefined ? undefined : site.sectionAnchor(to.section)
  return page !== undefined && anchor ? `${page}#${anchor}` : page
}

/** Whether the page or the overlay a target names was deleted. */
export function isGone(to: Target | undefined, site: SiteFacts): boolean {
  if (!to) return false
  if ('page' in to) return site.pageAddress(to.page) === undefined
  return 'overlay' in to && site.overlay(to.overlay) === undefined
}

/**
 * What a button has that shows an overlay, or closes the one it stands in; nothing for a target that leads elsewhere.
 * @see HTML Living Standard, 6.12, the popover target attributes
 */
export function opens(to: Target | undefined, site: SiteFacts): ElementAttributes | undefined {
  if (!to) return undefined
  if ('overlay' in to) return { type: 'button', popovertarget: site.overlay(to.overlay) }
  if (!('closes' in to)) return undefined
  const action = site.within && 'hide'
  return { type: 'button', popovertarget: site.within, popovertargetaction: action }
}

export const targetField: Field = {
  group: 'leads',
  label: 'to',
  path: ['data', 'to'],
  control: { type: 'target' },
}
