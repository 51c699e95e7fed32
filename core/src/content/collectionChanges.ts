import { putAmong } from '../document/placing'
import { inOrder } from '../document/tree'
import type { Operation } from '../document/types'
import {
  MOST_ROWS,
  type CollectionDocument,
  type CollectionField,
  type CollectionValue,
  type FieldType,
} from './collection'
import { cutText } from '../text/cutText'

const WORDS_FOR_YES = ['yes', 'true', '1', 'x']
const WORDS_FOR_NO = ['no', 'false', '0', '']

/** A typed value of a field, or a reason why the words are none. Empty words are no value. */
export function readValue(type: FieldType, words: string): { value?: CollectionValue } | { reason: string } {
  const clean = words.trim()
  if (clean === '') return {}
  switch (type) {
    case 'text':
      return { value: cutText(words, 5000) }
    case 'number': {
      const value = Number(clean.replace(/(?<=\d)[ '’](?=\d{3})/g, '').replace(',', '.'))
      return Number.isFinite(value) ? { value } : { reason: `“${clean}” is no number` }
    }
    case 'date':
      return isDate(clean) ? { value: clean } : { reason: `“${clean}” is no date; write it as 2026-05-31` }
    case 'yesNo': {
      const folded = clean.toLowerCase()
      if (WORDS_FOR_YES.includes(folded)) return { value: true }
      return WORDS_FOR_NO.includes(folded) ? { value: false } : { reason: `“${clean}” is neither yes nor no` }
    }
    case 'address':
      return /^(?:https?:\/\/|mailto:|tel:|\/)\S+$/i.test(clean)
        ? { value: cutText(clean, 5000) }
        : { reason: `“${clean}” is no address` }
  }
}

/** A day of the calendar as `2026-05-31` (ISO 8601). */
function isDate(text: string): boolean {
  const [, year, month, day] = /^(\d{4})-(\d\d)-(\d\d)$/.exec(text)?.map(Number) ?? []
  if (!year) return false
  const date = new Date(Date.UTC(year, month - 1, day))
  return date.getUTCMonth() === month - 1 && date.getUTCDate() === day
}

/** The type all values of a column can be read as, the strictest first. */
export function guessType(values: string[]): FieldType {
  const filled = values.filter((value) => value.trim() !== '')
  const types: FieldType[] = ['yesNo', 'number', 'date', 'address']
  if (filled.length === 0) return 'text'
  return types.find((type) => filled.every((value) => !('reason' in readValue(type, value)))) ?? 'text'
}

export const fieldsOf = ({ records }: CollectionDocument): CollectionField[] =>
  inOrder(Object.values(records.fields))

/** A table filled into a collection. */
export interface TableFill {
  operations: Operation[]
  /** what could not be read as its field's type and was left empty, by row from 1 */
  remarks: { row: number; remark: string }[]
}

/**
 * Fills a collection from a table: rows are replaced, fields are matched by name and added where missing. A row that says the
 * same in the first column as one before stays that row, with all that goes by it elsewhere.
 * @throws RangeError above 10,000 rows
 */
export function fillFromTable(
  collection: CollectionDocument,
  heading: string[],
  rows: string[][],
  newId: () => string,
): TableFill {
  if (rows.length > MOST_ROWS)
    throw new RangeError(
      `A collection holds at most ${MOST_ROWS.toLocaleString('en')} rows; this has ${rows.length}.`,
    )
  const there = fieldsOf(collection)
  const made: { id: string; name: string; type: FieldType }[] = []
  const columns = heading.map((name, index) => {
    const known = there.find((field) => field.name.toLowerCase() === name.toLowerCase())
    if (known) return known
    const field = {
      id: newId(),
      name: cutText(name, 100) || `Field ${index + 1}`,
      type: guessType(rows.map((row) => row[index] ?? '')),
    }
    made.push(field)
    return field
  })
  const remarks: TableFill['remarks'] = []
  const sameRow = rowsByFirst(collection, columns[0]?.id)
  const records = rows.map((row, at) => {
    const values: Record<string, CollectionValue> = {}
    columns.forEach(({ id, name, type }, index) => {
      const read = readValue(type, row[index] ?? '')
      if ('reason' in read)
        remarks.push({ row: at + 1, remark: `${name}: ${read.reason}; it was left empty.` })
      else if (read.value !== undefined) values[id] = read.value
    })
    return { id: sameRow(values[columns[0]?.id]) ?? newId(), values }
  })
  return {
    operations: [
      ...Object.keys(collection.records.rows).map((id): Operation => ({
        type: 'remove',
        collection: 'rows',
        id,
      })),
      ...putAmong('fields', there, there.length, made),
      ...putAmong('rows', [], 0, records),
    ],
    remarks,
  }
}

/** Gives the rows there are by what they say in a field, each once. */
function rowsByFirst({ records }: CollectionDocument, field: string | undefined) {
  const rows = new Map<CollectionValue, string[]>()
  if (field !== undefined)
    for (const { id, values } of inOrder(Object.values(records.rows))) {
      const said = values?.[field]
      if (said !== undefined) rows.set(said, [...(rows.get(said) ?? []), id])
    }
  return (said: CollectionValue | undefined): string | undefined =>
    said === undefined ? undefined : rows.get(said)?.shift()
}
