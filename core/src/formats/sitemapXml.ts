import { homePage, pageAddresses } from '../site/address'
import type { Page } from '../site/site'
import { childrenByParent, treeInOrder } from '../document/tree'
import { lines, written, xmlElement, xmlFile } from '../text/elementWriter'
import { pagesOfAddresses } from './addressList'
import { ImportError, type ImportedPages } from './importedPages'
import { readXml } from './xmlElements'

/** Addresses a sitemap may hold (sitemaps.org protocol, “Sitemap file limits”). */
export const MOST_ADDRESSES = 50_000
/** Bytes a sitemap may have uncompressed (same place). */
export const MOST_BYTES = 52_428_800

/** A file of a sitemap and what is in it. */
export interface SitemapFile {
  name: string
  xml: string
}

/**
 * All pages in the tree as sitemap.xml; above 50,000 addresses as several, with an index that names them.
 * @param address where the site stands, with or without a slash at the end
 * @see sitemaps.org protocol 0.9: escaped and percent-encoded UTF-8 addresses in `urlset/url/loc`; `sitemapindex`
 */
export function sitemapFiles(pages: Record<string, Page>, address: string): SitemapFile[] {
  const root = address.replace(/(?<!\/)\/+$/, '')
  const urls = pathsInTreeOrder(pages).map((path) => root + encodePath(path))
  const parts: string[][] = [[]]
  let bytes = 0
  for (const url of urls) {
    const last = parts[parts.length - 1]
    const size = written(entryOf('url', url)).length + 1
    bytes += size
    if (last.length < MOST_ADDRESSES && bytes < MOST_BYTES - 1000) last.push(url)
    else {
      parts.push([url])
      bytes = size
    }
  }
  if (parts.length === 1) return [{ name: 'sitemap.xml', xml: list('urlset', 'url', parts[0]) }]
  const files = parts.map((part, index) => ({
    name: `sitemap-${index + 1}.xml`,
    xml: list('urlset', 'url', part),
  }))
  const index = files.map(({ name }) => `${root}/${name}`)
  return [{ name: 'sitemap.xml', xml: list('sitemapindex', 'sitemap', index) }, ...files]
}

const entryOf = (name: string, address: string) => xmlElement(name, {}, xmlElement('loc', {}, address))

function list(outer: string, inner: string, addresses: string[]): string {
  const entries = lines(addresses.map((address) => entryOf(inner, address)))
  return xmlFile(xmlElement(outer, { xmlns: 'http://www.sitemaps.org/schemas/sitemap/0.9' }, [entries, '\n']))
}

/** Paths of the pages that are in the tree, parents first. */
function pathsInTreeOrder(pages: Record<string, Page>): string[] {
  const addresses = pageAddresses(pages)
  const home = homePage(pages)
  const isInTree = ({ kind }: Page) => kind === undefined
  const listed = treeInOrder(childrenByParent(pages), isInTree)
    .map(({ record }) => record)
    .filter(isInTree)
  return [...(home ? [home] : []), ...listed.filter((page) => page !== home)].map(
    ({ id }) => addresses.get(id) ?? '/',
  )
}

const encodePath = (path: string) => path.split('/').map(encodeURIComponent).join('/')

interface ReadSitemap {
  /** name of the outermost element */
  root: string
  addresses: { address: string; line: number }[]
}

const localName = (name: string) => name.replace(/^.*:/, '')

function readFile(xml: string): ReadSitemap {
  const read: ReadSitemap = { root: '', addresses: [] }
  let line = 1
  readXml(xml, {
    open(name, _attributes, at) {
      read.root ||= localName(name)
      line = at
    },
    close(name, text) {
      if (localName(name) !== 'loc' || !text) return
      read.addresses.push({ address: text, line })
      if (read.addresses.length > MOST_ADDRESSES)
        throw new ImportError(
          `A sitemap holds at most ${MOST_ADDRESSES.toLocaleString('en')} addresses; this has more.`,
        )
    },
  })
  if (read.root !== 'urlset' && read.root !== 'sitemapindex')
    throw new ImportError('This XML is no sitemap: it has no urlset element.')
  return read
}

/**
 * Reads the files of a sitemap into the pages their addresses speak of; nothing is fetched.
 * @param most pages there is room for
 * @throws ImportError for broken XML, for XML that is no sitemap, and for an index without the files it names
 */
export function readSitemapFiles(files: string[], most?: number): ImportedPages {
  const read = files.map(readFile)
  const sitemaps = read.filter(({ root }) => root === 'urlset')
  if (sitemaps.length)
    return pagesOfAddresses(
      sitemaps.flatMap(({ addresses }) => addresses),
      most,
    )
  const named = read.flatMap(({ addresses }) => addresses.map(({ address }) => address.split('/').at(-1)))
  throw new ImportError(
    `This is an index of ${named.length} sitemaps (${named.slice(0, 5).join(', ')}). Choose those files together with it; nothing is fetched.`,
  )
}
