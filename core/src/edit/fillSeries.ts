import { leafShownBy, type Block } from '../block/block'
import { USUAL_ROWS } from '../block/kinds/series'
import { collectionKind, MOST_ROWS, type CollectionDocument, type CollectionRow } from '../content/collection'
import { fieldsOf, fillFromTable } from '../content/collectionChanges'
import { putAmong } from '../document/placing'
import { inOrder } from '../document/tree'
import type { ChangePart, Json, Operation } from '../document/types'
import { cutText } from '../text/cutText'

/** A series that is filled: its block, the drawing it stands in, and the collection it shows, where it has one. */
export interface FilledSeries {
  drawing: string
  series: Block
  collection?: CollectionDocument
}

/** The change that fills a series, and what whoever dropped the file should know. */
export interface SeriesFill {
  parts: ChangePart[]
  says: string
}

const counted = (count: number, what: string) => (count === 1 ? `1 ${what}` : `${count} ${what}s`)
const set = (collection: string, id: string, path: string[], value: Json | undefined): Operation => {
  return { type: 'set', collection, id, path, ...(value === undefined ? {} : { value }) }
}
const onDrawing = (drawing: string, operations: Operation[]): ChangePart => {
  return { document: drawing, kind: 'drawing', operations }
}
const onCollection = (document: string, operations: Operation[]): ChangePart => {
  return { document, kind: 'collection', operations }
}

/** An empty collection, with the operations that make it and let the series show it. */
function collectionFor({ drawing, series, collection }: FilledSeries, name: string, newId: () => string) {
  if (collection) return { collection, parts: [] as ChangePart[] }
  const id = newId()
  const settings = { id: 'collection' as const, name: cutText(name, 100) }
  const put: Operation = { type: 'put', collection: 'settings', id: settings.id, record: settings }
  const made: CollectionDocument = {
    kind: 'collection',
    id,
    schema: collectionKind.schema,
    records: { fields: {}, rows: {}, settings: { collection: settings } },
  }
  const shows = onDrawing(drawing, [set('blocks', series.id, ['data', 'collection'], id)])
  return { collection: made, parts: [onCollection(id, [put]), shows] }
}

/**
 * Fills the collection a series shows from a table; a series without one gets one.
 * @param name of the file, for a new collection
 * @throws RangeError above 10,000 rows
 */
export function fillFromRows(
  filled: FilledSeries,
  { heading, rows }: { heading: string[]; rows: string[][] },
  name: string,
  newId: () => string,
): SeriesFill {
  const { collection, parts } = collectionFor(filled, name, newId)
  const { operations, remarks } = fillFromTable(collection, heading, rows, newId)
  const [first] = remarks
  const remark = first
    ? ` Row ${first.row}: ${first.remark}${remarks.length > 1 ? ` And ${remarks.length - 1} more.` : ''}`
    : ''
  return {
    parts: [...parts, ...(operations.length ? [onCollection(collection.id, operations)] : [])],
    says: `${counted(rows.length, 'row')} filled in.${shownOf(filled.series, rows.length)}${remark}`,
  }
}

function shownOf({ data = {} }: Block, rows: number): string {
  const most = Number(data.most ?? USUAL_ROWS)
  return rows > most ? ` The series shows ${most} of them; “at most” says how many.` : ''
}

/**
 * Fills one text of a series line by line, a row each: into the field it shows, or into a new one. Rows that are lacking are
 * added; rows beyond the lines keep what they say.
 * @param text the block that is filled
 * @throws RangeError above 10,000 rows
 */
export function fillFromLines(
  filled: FilledSeries,
  text: Block,
  lines: string[],
  name: string,
  newId: () => string,
): SeriesFill {
  const { collection, parts } = collectionFor(filled, name, newId)
  const rows = inOrder(Object.values(collection.records.rows))
  if (lines.length > MOST_ROWS)
    throw new RangeError(
      `A collection holds at most ${MOST_ROWS.toLocaleString('en')} rows; these are ${lines.length} lines.`,
    )
  const fields = fieldsOf(collection)
  const shown = text.content && 'field' in text.content ? text.content.field : undefined
  const known = fields.find(({ id }) => id === shown)
  const field = known ?? { id: newId(), name: cutText(name, 100) || 'Text', type: 'text' as const }
  const values = lines.map((line) => cutText(line, 5000))
  const written = rows.slice(0, values.length).map((row, index) => {
    return set('rows', row.id, ['values', field.id], values[index] || undefined)
  })
  const added = values.slice(rows.length).map((value) => ({ id: newId(), values: { [field.id]: value } }))
  const operations = [
    ...(known ? [] : putAmong('fields', fields, fields.length, [{ ...field }])),
    ...written,
    ...putAmong('rows', rows, rows.length, added),
  ]
  const binds = known
    ? []
    : [onDrawing(filled.drawing, [set('blocks', text.id, ['content'], { field: field.id })])]
  const left = rows.length - values.length
  const more = added.length
    ? ` ${counted(added.length, 'row')} added.`
    : left > 0
      ? ` ${counted(left, 'row')} beyond them left as ${left === 1 ? 'it was' : 'they were'}.`
      : ''
  return {
    parts: [...parts, onCollection(collection.id, operations), ...binds],
    says: `${counted(values.length, 'line')} filled in.${more}`,
  }
}

/** Shows a picture each in the rows of a series, in the first block of it that shows pictures. */
export function fillFromPictures(
  { drawing }: Pick<FilledSeries, 'drawing'>,
  picture: Block,
  rows: CollectionRow[],
  files: Json[],
): SeriesFill {
  const path = leafShownBy(picture, 'picture') ?? []
  const filled = Math.min(rows.length, files.length)
  const operations = files.slice(0, filled).map((file, index) => {
    return set('blocks', picture.id, ['rows', rows[index].id, ...path], file)
  })
  const beyond = files.length - filled
  const lacking = rows.length - filled
  const more = beyond
    ? ` ${counted(beyond, 'picture')} had no row to go to.`
    : lacking
      ? ` ${counted(lacking, 'row')} left without.`
      : ''
  return {
    parts: operations.length ? [onDrawing(drawing, operations)] : [],
    says: `${counted(filled, 'row')} got a picture.${more}`,
  }
}
