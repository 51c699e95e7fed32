import { pageAddresses } from '../site/address'
import type { Page } from '../site/site'
import { childrenByParent } from '../document/tree'
import { escapeMarkup } from '../text/escapeMarkup'

/** Addresses a sitemap may hold (sitemaps.org protocol, “Sitemap file limits”). */
export const MOST_ADDRESSES = 50_000

/**
 * All pages as a sitemap.xml, in the order of the tree.
 * @param address where the site stands, with or without a slash at the end
 * @throws RangeError above 50,000 pages
 * @see sitemaps.org protocol 0.9: escaped and percent-encoded UTF-8 addresses in `urlset/url/loc`
 */
export function sitemapXml(pages: Record<string, Page>, address: string): string {
  const addresses = pageAddresses(pages)
  if (addresses.size > MOST_ADDRESSES)
    throw new RangeError(`A sitemap holds at most ${MOST_ADDRESSES} addresses.`)
  const root = address.replace(/\/+$/, '')
  const children = childrenByParent(pages)
  const inTreeOrder = (parent: string | null): Page[] =>
    (children.get(parent) ?? []).flatMap((page) => [page, ...inTreeOrder(page.id)])
  const urls = inTreeOrder(null).map(({ id }) => {
    const path = (addresses.get(id) ?? '/').split('/').map(encodeURIComponent).join('/')
    return `  <url><loc>${escapeMarkup(root + path)}</loc></url>`
  })
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    '<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">',
    ...urls,
    '</urlset>\n',
  ].join('\n')
}
