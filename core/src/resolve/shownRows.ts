import type { Block } from '../block/block'
import type { CollectionDocument } from '../content/collection'
import { fieldsOf } from '../content/collectionChanges'
import { seriesRows, writtenValue, type RowChoice } from './seriesRows'

const MOST_COLUMNS = 40

/** A block that lists the rows of a collection, with them as its cells: the fields' names head the columns. */
export function withRows(block: Block, collection: CollectionDocument): Block {
  const choice = (block.data ?? {}) as RowChoice & { fields?: string[] }
  const all = fieldsOf(collection)
  const chosen = choice.fields?.flatMap((id) => all.find((field) => field.id === id) ?? []) ?? []
  const fields = (chosen.length ? chosen : all).slice(0, MOST_COLUMNS)
  const rows = seriesRows(collection, choice).map(({ values }) =>
    fields.map(({ id }) => writtenValue(values?.[id])),
  )
  return { ...block, data: { ...block.data, cells: [fields.map(({ name }) => name), ...rows] } }
}
