import type { MigrationStep } from '../document/kind'
import type { Json, Operation, SetOperation, StoredRecord } from '../document/types'

const FIELD = 'picture'

/** Schema 3 of drawings: what a picture shows and how it is described stand in what its kind holds, each a leaf. */
export const pictureData: MigrationStep = {
  document: (document) => {
    const { blocks = {} } = document.records
    const migrated = Object.entries(blocks).map(([id, block]) => [id, withData(block)])
    return { ...document, records: { ...document.records, blocks: Object.fromEntries(migrated) } }
  },
  operation: (operation) => {
    if (operation.type === 'put') return [{ ...operation, record: withData(operation.record) }]
    return operation.type === 'set' && operation.path[0] === FIELD ? setInParts(operation) : [operation]
  },
}

/** A picture's parts: the file with its size, and the words for those who cannot see it. */
function partsOf(picture: Json | undefined): { file?: Json; alt?: Json } {
  if (typeof picture !== 'object' || picture === null || Array.isArray(picture)) return {}
  const { alt, ...file } = picture
  return alt === '' ? { file } : { file, alt }
}

function withData(block: StoredRecord): StoredRecord {
  if (!(FIELD in block)) return block
  const { picture, ...others } = block
  // Blocks of other kinds could hold a picture nothing showed.
  return others.kind === FIELD
    ? ({ ...others, data: partsOf(picture) as Json } as StoredRecord)
    : (others as StoredRecord)
}

/** One `set` for each part where both were written as one. */
function setInParts(operation: SetOperation): Operation[] {
  const [now, before] = [partsOf(operation.value), partsOf(operation.over?.value)]
  return (['file', 'alt'] as const).map((part) => {
    const { type, collection, id, over } = operation
    return {
      type,
      collection,
      id,
      path: ['data', part],
      ...(now[part] === undefined ? {} : { value: now[part] }),
      ...(over && { over: before[part] === undefined ? {} : { value: before[part] } }),
    }
  })
}
