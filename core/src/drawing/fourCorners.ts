import { CORNERS } from '../block/sides'
import type { MigrationStep } from '../document/kind'
import type { Json, Operation, SetOperation, StoredRecord } from '../document/types'

const FIELD = 'radius'

type Branch = Record<string, Json>
const isBranch = (value: Json | undefined): value is Branch =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Schema 2 of drawings: a block's radius, which was one length, is one for each corner. */
export const fourCorners: MigrationStep = {
  document: (document) => {
    const { blocks = {} } = document.records
    const migrated = Object.entries(blocks).map(([id, block]) => [id, blockWithCorners(block)])
    return { ...document, records: { ...document.records, blocks: Object.fromEntries(migrated) } }
  },
  operation: (operation) => {
    if (operation.type === 'put') return [{ ...operation, record: blockWithCorners(operation.record) }]
    return operation.type === 'set' ? setWithCorners(operation) : [operation]
  },
}

function blockWithCorners(block: StoredRecord): StoredRecord {
  const own = withCorners(block as Branch) as StoredRecord
  if (!isBranch(own.at)) return own
  const bands = Object.entries(own.at).map(([band, values]) => [
    band,
    isBranch(values) ? withCorners(withoutCorners(values)) : values,
  ])
  return { ...own, at: Object.fromEntries(bands) as Json }
}

/** A block, or what a band changes of it. */
function withCorners(values: Branch): Branch {
  const { look } = values
  if (!isBranch(look) || look[FIELD] === undefined) return values
  return { ...values, look: { ...look, [FIELD]: inAllCorners(look[FIELD]) } }
}

/** The mark that a band is as the kind has it stands for each corner. */
function withoutCorners(values: Branch): Branch {
  const { without } = values
  if (!isBranch(without) || !without[`look.${FIELD}`]) return values
  const others = Object.entries(without).filter(([leaf]) => leaf !== `look.${FIELD}`)
  const each = CORNERS.map((corner) => [`look.${FIELD}.${corner}`, true])
  return { ...values, without: Object.fromEntries([...others, ...each]) as Json }
}

const inAllCorners = (length: Json): Json => Object.fromEntries(CORNERS.map((corner) => [corner, length]))

/** One `set` for each corner where the radius, or its mark at a band, was written as one. */
function setWithCorners(operation: SetOperation): Operation[] {
  const { path } = operation
  if (path.at(-2) === 'look' && path.at(-1) === FIELD)
    return CORNERS.map((corner) => ({ ...operation, path: [...path, corner] }))
  if (path.at(-2) === 'without' && path.at(-1) === `look.${FIELD}`)
    return CORNERS.map((corner) => ({
      ...operation,
      path: [...path.slice(0, -1), `look.${FIELD}.${corner}`],
    }))
  return [operation]
}
