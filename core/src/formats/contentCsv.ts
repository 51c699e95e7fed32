import { contentNumber, type ContentItem } from '../content/content'
import type { SiteRecords } from '../site/site'
import { writeCsv } from './csv'

/** The content inventory as CSV, by number. */
export function writeContentCsv(site: SiteRecords, items: Record<string, ContentItem>): string {
  const rows = Object.values(items)
    .sort((a, b) => a.number - b.number)
    .map((item) => [
      contentNumber(item.number),
      item.title,
      item.kind,
      item.page && site.pages[item.page]?.title,
      item.section && site.sections[item.section]?.name,
      item.source,
      item.owner,
      item.state,
      item.text,
    ])
  return writeCsv(['number', 'title', 'kind', 'page', 'section', 'source', 'owner', 'state', 'text'], rows)
}
