import { leafShownBy, type Block } from '../block/block'
import { placeholderWords } from '../block/shownContent'
import type { CollectionRow } from '../content/collection'
import type { ContentItem } from '../content/content'
import { plainText, type RichText } from '../document/richText'
import type { Documents } from '../document/types'
import { collectionIn, contentIn } from './pageSources'
import { writtenValue } from './seriesRows'

/** A row that blocks are repeated for. */
export interface ShownRow {
  collection: string
  row: CollectionRow
}

/** Where a block's content comes from, as it was found. */
export type FoundContent =
  | { type: 'item'; item: ContentItem }
  | { type: 'field'; collection: string; row: CollectionRow; field: string }
  /** what it came from was deleted, or there is no row here */
  | { type: 'gone' }

/** What a block's words or picture come from; nothing where they are its own. */
export function contentOf(
  { content }: Pick<Block, 'content'>,
  around: Documents | undefined,
  row: ShownRow | undefined,
): FoundContent | undefined {
  if (!content) return undefined
  if ('item' in content) {
    const item = contentIn(around)?.records.items[content.item]
    return item ? { type: 'item', item } : { type: 'gone' }
  }
  const { field } = content
  const collection = 'collection' in content ? content.collection : row?.collection
  const found = collection === undefined ? undefined : collectionIn(around, collection)
  const own = 'row' in content ? found?.records.rows[content.row] : row?.row
  if (!found?.records.fields[field] || !own) return { type: 'gone' }
  return { type: 'field', collection: found.id, row: own, field }
}

/** The words that stand where content comes from elsewhere; nothing where there are none yet. */
export function contentWords(found: FoundContent): string | undefined {
  if (found.type === 'item') return found.item.text || undefined
  return found.type === 'field' ? writtenValue(found.row.values?.[found.field]) || undefined : undefined
}

export type WordsShown = 'copy' | 'placeholder' | 'lines' | undefined

/** Characters of words to come, where nobody said how many. */
const USUAL_WANTED = 60

/**
 * A block as it shows itself with the content it names and the words the project wants to see: copy, or placeholders of
 * the same length.
 */
export function withContent(block: Block, found: FoundContent | undefined, words: WordsShown): Block {
  const saying = leafShownBy(block, 'richText') ? withWords(block, found, words) : block
  const cells = words === 'placeholder' ? (block.data?.cells as string[][] | undefined) : undefined
  if (cells) return { ...block, data: { ...block.data, cells: cells.map((row) => row.map(placeholderFor)) } }
  const path = leafShownBy(block, 'picture')
  const file = found?.type === 'item' ? fileOf(found.item) : undefined
  return path && file ? { ...saying, data: { ...saying.data, [path[1]]: file } } : saying
}

const placeholderFor = (words: string) => (words.trim() ? placeholderWords(words.length) : words)

function withWords(block: Block, found: FoundContent | undefined, words: WordsShown): Block {
  const own: RichText | undefined = found ? sourced(contentWords(found)) : block.text
  const isMissing = found !== undefined && own === undefined
  if (!isMissing && words !== 'placeholder') return found ? { ...block, text: own } : block
  const said = own ? plainText(own).trim().length : 0
  const wanted = block.wanted ?? (said || USUAL_WANTED)
  if (!isMissing && said === 0) return block
  return { ...block, text: [{ insert: placeholderWords(wanted) }] }
}

const sourced = (words: string | undefined): RichText | undefined =>
  words === undefined ? undefined : [{ insert: words }]

/** A content item's picture as blocks show pictures; those of unknown size are taken to be as wide as most. */
const fileOf = ({ asset, size }: ContentItem) => asset && { asset, ...(size ?? { width: 1200, height: 800 }) }

/** Whether what a block is to show is not there. */
export function isMissing(block: Block, found: FoundContent | undefined): boolean {
  if (!found) return false
  if (found.type === 'gone') return true
  if (leafShownBy(block, 'picture')) return found.type !== 'item' || found.item.asset === undefined
  return contentWords(found) === undefined
}
