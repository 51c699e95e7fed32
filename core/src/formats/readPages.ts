import { readAddressList } from './addressList'
import { readCsv } from './csv'
import {
  checkText,
  flattened,
  MOST_IMPORTED,
  sectionNames,
  type ImportedPage,
  type ImportedPages,
} from './importedPages'
import { readIndentedText } from './indentedText'
import { readOpml } from './opml'
import { guessMapping, pagesOfTable, type PageMapping } from './pagesCsv'
import { readSitemapFiles } from './sitemapXml'

/** Formats pages are brought in from. A new one is a reader, a line here and one in each function below. */
export const PAGE_FORMATS = {
  indented: 'Indented list',
  addresses: 'List of addresses',
  csv: 'CSV table',
  opml: 'OPML outline',
  sitemap: 'sitemap.xml',
} as const
export type PageFormat = keyof typeof PAGE_FORMATS

/** The format a text seems to be in. @param name of the file, when there is one */
export function guessFormat(text: string, name = ''): PageFormat {
  const start = text.slice(0, 3000)
  if (/<(?:\w+:)?opml[\s>]/i.test(start) || /\.opml$/i.test(name)) return 'opml'
  if (/<(?:\w+:)?(?:urlset|sitemapindex)[\s>]/i.test(start) || /\.xml$/i.test(name)) return 'sitemap'
  if (/\.(?:csv|tsv)$/i.test(name)) return 'csv'
  const lines = start.split(/\r?\n/).filter((line) => line.trim() !== '')
  if (lines.length && lines.every((line) => /^\s*(?:https?:\/\/|\/)\S*\s*$/.test(line))) return 'addresses'
  return 'indented'
}

/**
 * Reads pages in a format.
 * @param texts the files, one except for sitemaps; @param mapping what the columns of a table mean
 * @throws ImportError
 */
export function readPages(format: PageFormat, texts: string[], mapping?: PageMapping): ImportedPages {
  return flattened(read(format, texts, mapping))
}

/** “Fares: prices, passes” is a page called Fares with two sections. */
function withSections(entry: ImportedPage): ImportedPage {
  const at = entry.title.search(/:\s/)
  const sections = at > 0 ? sectionNames(entry.title.slice(at + 1)) : undefined
  return sections ? { ...entry, title: entry.title.slice(0, at).trim(), sections } : entry
}

function read(format: PageFormat, texts: string[], mapping?: PageMapping): ImportedPages {
  const [text = ''] = texts
  switch (format) {
    case 'indented': {
      checkText(text)
      const { entries, remarks } = readIndentedText(text)
      return { pages: entries.map(withSections), remarks }
    }
    case 'addresses':
      checkText(text)
      return readAddressList(text)
    case 'csv': {
      const table = readCsv(text, MOST_IMPORTED)
      return pagesOfTable(table, mapping ?? guessMapping(table.heading))
    }
    case 'opml':
      return readOpml(text)
    case 'sitemap':
      return readSitemapFiles(texts)
  }
}
