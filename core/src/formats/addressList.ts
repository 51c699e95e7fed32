import {
  checkCount,
  cutTitle,
  DEEPEST_IMPORTED,
  type ImportedPages,
  type ImportRemark,
} from './importedPages'
import { cutText } from '../text/cutText'
import { mendText } from '../document/wellFormed'

/**
 * Reads a list of addresses, one a line: whole ones or paths from the root. Pages stand below one another as their
 * paths do; a page nobody listed but others stand below is added. Nothing is fetched.
 */
export function readAddressList(text: string): ImportedPages {
  const lines = text
    .replace(/^\uFEFF/, '')
    .split(/\r\n|\r|\n/)
    .map((address, index) => ({ address: address.trim(), line: index + 1 }))
    .filter(({ address }) => address !== '')
  return pagesOfAddresses(lines)
}

interface Node {
  path: string
  line: number
  isListed: boolean
  below: Map<string, Node>
}

/**
 * The tree of pages a list of addresses speaks of, home first.
 * @param most pages there is room for
 * @throws ImportError for more
 */
export function pagesOfAddresses(
  addresses: { address: string; line: number }[],
  most?: number,
): ImportedPages {
  const remarks: ImportRemark[] = []
  const root: Node = { path: '', line: addresses[0]?.line ?? 1, isListed: false, below: new Map() }
  const hosts = new Set<string>()
  let count = 1
  for (const { address, line } of addresses) {
    const parts = partsOf(address, hosts)
    if (!parts) remarks.push({ line, remark: `“${cutText(address, 80)}” is no address; it was left out.` })
    else if (parts.length > DEEPEST_IMPORTED)
      remarks.push({
        line,
        remark: `“${cutText(address, 80)}” has more than ${DEEPEST_IMPORTED} parts; it was left out.`,
      })
    else count += place(root, parts, line, remarks)
    checkCount(count, most)
  }
  if (hosts.size > 1)
    remarks.push({
      line: 1,
      remark: `The addresses are of ${hosts.size} sites; they were put together as one.`,
    })
  const pages: ImportedPages['pages'] = []
  const walk = (node: Node, depth: number) => {
    const title = depth === 0 ? 'Home' : cutTitle(titleOfPath(node.path), node.line, remarks)
    pages.push({ title, depth, ...(depth ? { path: node.path } : {}), line: node.line })
    for (const child of node.below.values()) walk(child, depth + 1)
  }
  if (root.isListed || root.below.size) walk(root, 0)
  return { pages, remarks }
}

function partsOf(address: string, hosts: Set<string>): string[] | undefined {
  const whole = /^[a-z][a-z\d+.-]*:/i.test(address)
  if (!whole && !address.startsWith('/') && /\s/.test(address)) return undefined
  try {
    const url = new URL(address, 'https://site.invalid/')
    if (url.protocol !== 'https:' && url.protocol !== 'http:') return undefined
    hosts.add(url.host)
    return url.pathname.split('/').filter(Boolean).map(decoded)
  } catch {
    return undefined
  }
}

function decoded(part: string): string {
  try {
    return cutText(mendText(decodeURIComponent(part)).replace(/[/?#\s]+/g, '-'), 200)
  } catch {
    return cutText(part, 200)
  }
}

/** Enters an address into the tree. @returns how many pages that added */
function place(root: Node, parts: string[], line: number, remarks: ImportRemark[]): number {
  let here = root
  let added = 0
  for (const path of parts) {
    let next = here.below.get(path)
    if (!next) {
      here.below.set(path, (next = { path, line, isListed: false, below: new Map() }))
      added++
    }
    here = next
  }
  if (here.isListed) remarks.push({ line, remark: `/${parts.join('/')} stands in the list twice.` })
  here.isListed = true
  return added
}

/** A title from the last part of an address: `bikes-and-pets.html` reads “Bikes and pets”. */
export function titleOfPath(path: string): string {
  const words = path
    .replace(/\.(?:html?|php|aspx?)$/i, '')
    .replace(/[-_+]+/g, ' ')
    .trim()
  return words === '' ? path : words[0].toUpperCase() + words.slice(1)
}
