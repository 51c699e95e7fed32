import { childrenByParent, childrenOf } from '../document/tree'
import type { Page } from './site'
import { cutText } from '../text/cutText'

const LONGEST = 80

/** A title as the last part of an address: letters and digits joined by hyphens, accents taken off. */
export function pathFromTitle(title: string): string {
  const plain = title
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[’']/g, '')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
  return cutText(plain, LONGEST).replace(/^-|-$/g, '')
}

/** The page the site begins with: the first page at the top of the tree that is in it. */
export function homePage(pages: Record<string, Page>): Page | undefined {
  return childrenOf(pages, null).find(({ kind }) => kind === undefined)
}

/**
 * Addresses of all pages from the root of the site, by page id: `/` for home, whose own children begin at the root;
 * unique among siblings, a number being added where two would be the same. External pages have the one they give.
 */
export function pageAddresses(pages: Record<string, Page>): Map<string, string> {
  const home = homePage(pages)
  const children = childrenByParent(pages)
  const below = (parent: string | null): Page[] => {
    const own = (children.get(parent) ?? []).filter((page) => page !== home)
    return parent === null && home ? [...own, ...(children.get(home.id) ?? [])] : own
  }
  const addresses = new Map<string, string>(home ? [[home.id, '/']] : [])
  const open: { parent: string | null; prefix: string }[] = [{ parent: null, prefix: '' }]
  for (let one = open.pop(); one; one = open.pop()) {
    const { parent, prefix } = one
    const taken = new Map<string, number>()
    for (const page of below(parent)) {
      if (page.kind === 'external') {
        addresses.set(page.id, page.address ?? '')
        continue
      }
      const path = unique(page.path ?? (pathFromTitle(page.title) || 'page'), taken)
      addresses.set(page.id, `${prefix}/${path}`)
      open.push({ parent: page.id, prefix: `${prefix}/${path}` })
    }
  }
  return addresses
}

/** A path nobody has taken: the number after it goes on from the last one given. */
function unique(path: string, taken: Map<string, number>): string {
  let free = path
  for (let count = taken.get(path) ?? 1; taken.has(free);) free = `${path}-${++count}`
  if (free !== path) taken.set(path, Number(free.slice(path.length + 1)))
  taken.set(free, 1)
  return free
}
