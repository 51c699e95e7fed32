import { contentNumber, type ContentItem } from '@nolvex/core/content/content'
import { recordsNaming, type NamingRecord } from '@nolvex/core/document/recordsNaming'
import type { Documents } from '@nolvex/core/document/types'
import { drawingTitle } from '@nolvex/core/resolve/pageSources'

/** Where a picture or file is used, in words, each place once. */
export function pictureUses(documents: Documents, asset: string): string[] {
  return [...new Set(recordsNaming(documents, asset).map((use) => wordsFor(use, documents)))]
}

function wordsFor({ document, collection, record }: NamingRecord, documents: Documents): string {
  if (collection === 'blocks') return drawingTitle(documents, document) || 'Untitled'
  if (collection === 'pages') return `under ${drawingTitle(documents, record.id) || 'Untitled'}`
  if (collection === 'items') {
    const { number, title } = record as unknown as ContentItem
    return `${contentNumber(number)} ${title}`
  }
  if (collection === 'moods') return 'the mood'
  const named = String(record.name ?? record.title ?? '')
  if (collection === 'frames') return `the browser frame ${named}`
  return collection === 'references' ? `the reference ${named}` : named || collection
}
