import { contentNumber, type ContentItem } from '@nolvex/core/content/content'
import { recordsNaming, type NamingRecord } from '@nolvex/core/document/recordsNaming'
import type { Documents } from '@nolvex/core/document/types'
import type { Page, SiteDocument } from '@nolvex/core/site/site'

/** Where a picture or file is used, in words, each place once. */
export function pictureUses(documents: Documents, asset: string): string[] {
  const { pages } = (documents.site as unknown as SiteDocument).records
  return [...new Set(recordsNaming(documents, asset).map((use) => wordsFor(use, pages)))]
}

function wordsFor({ document, collection, record }: NamingRecord, pages: Record<string, Page>): string {
  const titleOf = (page?: Page) => page?.title || 'Untitled'
  if (collection === 'blocks') return titleOf(pages[document])
  if (collection === 'pages') return `under ${titleOf(record as unknown as Page)}`
  if (collection === 'items') {
    const { number, title } = record as unknown as ContentItem
    return `${contentNumber(number)} ${title}`
  }
  const named = String(record.name ?? record.title ?? '')
  if (collection === 'frames') return `the browser frame ${named}`
  return collection === 'references' ? `the reference ${named}` : named || collection
}
