import type { CollectionDocument } from '../content/collection'
import { readValue } from '../content/collectionChanges'
import type { ChangePart, Json, Operation } from '../document/types'
import type { FoundContent } from '../resolve/shownContent'
import { cutText } from '../text/cutText'

const LONGEST_ITEM = 20_000

/**
 * Writes words where a block's content comes from: a content item, or a field of a row, as a value of the field's type.
 * @returns the change, or why the words are none of that type
 */
export function writeContent(
  found: FoundContent,
  words: string,
  collectionOf: (id: string) => CollectionDocument | undefined,
): ChangePart[] | { reason: string } {
  if (found.type === 'gone')
    return { reason: 'What these words came from was deleted. Choose another source first.' }
  if (found.type === 'item') {
    const { id, state } = found.item
    const operations = [setIn('items', id, ['text'], cutText(words, LONGEST_ITEM) || undefined)]
    if (state === 'missing' && words.trim()) operations.push(setIn('items', id, ['state'], 'draft'))
    return [{ document: 'content', kind: 'content', operations }]
  }
  const field = collectionOf(found.collection)?.records.fields[found.field]
  if (!field) return { reason: 'The field these words came from was deleted. Choose another source first.' }
  const read = readValue(field.type, words)
  if ('reason' in read) return { reason: `${field.name}: ${read.reason}.` }
  const operations = [setIn('rows', found.row.id, ['values', field.id], read.value)]
  return [{ document: found.collection, kind: 'collection', operations }]
}

const setIn = (collection: string, id: string, path: string[], value: Json | undefined): Operation => {
  return { type: 'set', collection, id, path, ...(value === undefined ? {} : { value }) }
}
