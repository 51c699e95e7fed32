import { childrenOf } from '../document/tree'
import type { Page } from './site'

const LONGEST = 80

/** A title as the last part of an address: letters and digits joined by hyphens, accents taken off. */
export function pathFromTitle(title: string): string {
  const plain = title
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[’']/g, '')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
  return plain.slice(0, LONGEST).replace(/^-+|-+$/g, '')
}

/** The page the site begins with: the first page at the top of the tree. */
export function homePage(pages: Record<string, Page>): Page | undefined {
  return childrenOf(pages, null)[0]
}

/**
 * Addresses of all pages from the root of the site, by page id: `/` for home, whose own children begin at the root;
 * unique among siblings, a number being added where two would be the same.
 */
export function pageAddresses(pages: Record<string, Page>): Map<string, string> {
  const home = homePage(pages)
  const lists = new Map<string | null, Page[]>()
  for (const page of Object.values(pages)) {
    const above = page.parent && page.parent !== home?.id ? page.parent : null
    if (page !== home) lists.set(above, [...(lists.get(above) ?? []), page])
  }
  const addresses = new Map<string, string>(home ? [[home.id, '/']] : [])
  const walk = (parent: string | null, prefix: string) => {
    const taken = new Set<string>()
    const siblings = (lists.get(parent) ?? []).sort((a, b) =>
      a.order < b.order ? -1 : a.order > b.order ? 1 : 0,
    )
    for (const page of siblings) {
      const path = unique(page.path ?? (pathFromTitle(page.title) || 'page'), taken)
      addresses.set(page.id, `${prefix}/${path}`)
      walk(page.id, `${prefix}/${path}`)
    }
  }
  walk(null, '')
  return addresses
}

function unique(path: string, taken: Set<string>): string {
  let free = path
  for (let count = 2; taken.has(free); count++) free = `${path}-${count}`
  taken.add(free)
  return free
}
