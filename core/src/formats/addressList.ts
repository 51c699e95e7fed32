import { cutTitle, type ImportedPages, type ImportRemark } from './importedPages'

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

/** The tree of pages a list of addresses speaks of, home first. */
export function pagesOfAddresses(addresses: { address: string; line: number }[]): ImportedPages {
  const remarks: ImportRemark[] = []
  const root: Node = { path: '', line: addresses[0]?.line ?? 1, isListed: false, below: new Map() }
  const hosts = new Set<string>()
  for (const { address, line } of addresses) {
    const parts = partsOf(address, hosts)
    if (!parts) remarks.push({ line, remark: `“${address.slice(0, 80)}” is no address; it was left out.` })
    else place(root, parts, line, remarks)
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
    return decodeURIComponent(part)
      .replace(/[/?#\s]+/g, '-')
      .slice(0, 200)
  } catch {
    return part.slice(0, 200)
  }
}

function place(root: Node, parts: string[], line: number, remarks: ImportRemark[]) {
  let here = root
  for (const path of parts) {
    let next = here.below.get(path)
    if (!next) here.below.set(path, (next = { path, line, isListed: false, below: new Map() }))
    here = next
  }
  if (here.isListed) remarks.push({ line, remark: `/${parts.join('/')} stands in the list twice.` })
  here.isListed = true
}

/** A title from the last part of an address: `bikes-and-pets.html` reads “Bikes and pets”. */
export function titleOfPath(path: string): string {
  const words = path
    .replace(/\.(?:html?|php|aspx?)$/i, '')
    .replace(/[-_+]+/g, ' ')
    .trim()
  return words === '' ? path : words[0].toUpperCase() + words.slice(1)
}
