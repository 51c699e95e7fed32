import { collectionKind, type CollectionDocument } from '@nolvex/core/content/collection'
import { fieldsOf, fillFromTable } from '@nolvex/core/content/collectionChanges'
import type { Records } from '@nolvex/core/document/types'
import { inOrder } from '@nolvex/core/document/tree'
import { isles, notices, sailings } from '@nolvex/server/contentService/ferryLists'

/** The demo's collections, filled as the content service would fill them. */
export const SAILINGS = 'collectionsail00'
export const ISLES = 'collectionisles0'
export const NOTICES = 'collectionnotes0'

export type SailingField = keyof (typeof sailings)[number]
export type IsleField = keyof (typeof isles)[number]
export type NoticeField = keyof (typeof notices)[number]

function filled(id: string, name: string, service: string, rows: object[]): CollectionDocument {
  const collection = {
    kind: 'collection',
    id,
    schema: collectionKind.schema,
    records: { fields: {}, rows: {}, settings: { collection: { id: 'collection', name, service } } },
  } as CollectionDocument
  let made = 0
  const newId = () => `${service.slice(0, 4)}${String(made++).padStart(12, '0')}`
  const heading = Object.keys(rows[0])
  const table = rows.map((row) => Object.values(row).map(String))
  for (const operation of fillFromTable(collection, heading, table, newId).operations)
    if (operation.type === 'put')
      (collection.records as unknown as Records)[operation.collection][operation.id] = operation.record
  return collection
}

export const collections = [
  filled(ISLES, 'Isles', 'isles', isles),
  filled(SAILINGS, 'Sailings', 'sailings', sailings),
  filled(NOTICES, 'Notices', 'notices', notices),
]
const [islesFilled, sailingsFilled, noticesFilled] = collections

const fieldNamed = (collection: CollectionDocument, name: string): string => {
  const found = fieldsOf(collection).find((field) => field.name === name)
  if (!found) throw new Error(`There is no field ${name}.`)
  return found.id
}
export const sailingField = (name: SailingField) => fieldNamed(sailingsFilled, name)
export const noticeField = (name: NoticeField) => fieldNamed(noticesFilled, name)
export const isleField = (name: IsleField) => fieldNamed(islesFilled, name)

/** The row of an isle by its name. */
export const isleRow = (name: string): string => {
  const rows = inOrder(Object.values(islesFilled.records.rows))
  const found = rows.find(({ values }) => values?.[isleField('name')] === name)
  if (!found) throw new Error(`There is no isle ${name}.`)
  return found.id
}
