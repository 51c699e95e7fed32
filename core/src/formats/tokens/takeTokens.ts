import { putAmong } from '../../document/placing'
import { inOrder } from '../../document/tree'
import type { Json, Operation } from '../../document/types'
import type { StyleDocument } from '../../style/style'
import type { Token } from '../../style/token'
import type { ImportedToken } from './importedTokens'

/** What taking tokens into a guide comes to. */
export interface TakenTokens {
  operations: Operation[]
  added: number
  changed: number
}

/**
 * Takes tokens of a file into a guide: one of the same name and type gets the value of the file, others are added.
 * @param newId ids for those that are new
 */
export function takeTokens(
  { records }: Pick<StyleDocument, 'records'>,
  imported: ImportedToken[],
  newId: () => string,
): TakenTokens {
  const known = new Map(Object.values(records.tokens).map((token) => [keyOf(token), token]))
  const idByKey = new Map([...known].map(([key, { id }]) => [key, id]))
  // A name may stand twice in a file; the first is taken.
  for (const one of imported) if (!idByKey.has(keyOf(one))) idByKey.set(keyOf(one), newId())
  const ids = imported.map((one) => idByKey.get(keyOf(one)) as string)
  const colour = (value: string | { of: number }): Json =>
    typeof value === 'string' ? value : { token: ids[value.of] }
  const written = imported.map((one): Record<string, Json | undefined> => {
    if (one.type !== 'colour') return { ...one } as unknown as Record<string, Json>
    const { value, dark, ...rest } = one
    return { ...rest, value: colour(value), dark: dark && colour(dark) }
  })
  const sets = written.flatMap((fields, index): Operation[] => {
    const before = known.get(keyOf(imported[index])) as unknown as Record<string, Json> | undefined
    if (!before) return []
    return Object.entries(fields).flatMap(([field, value]): Operation[] =>
      value === undefined || JSON.stringify(before[field]) === JSON.stringify(value)
        ? []
        : [{ type: 'set', collection: 'tokens', id: ids[index], path: [field], value }],
    )
  })
  const isNew = (one: ImportedToken, index: number) =>
    !known.has(keyOf(one)) && imported.findIndex((other) => keyOf(other) === keyOf(one)) === index
  const made = imported.flatMap((one, index) =>
    isNew(one, index) ? [{ ...withoutAbsent(written[index]), id: ids[index] }] : [],
  )
  const siblings = inOrder(Object.values(records.tokens))
  const puts = made.length ? putAmong('tokens', siblings, siblings.length, made) : []
  const changed = new Set(sets.map((operation) => ('id' in operation ? operation.id : ''))).size
  return { operations: [...puts, ...sets], added: made.length, changed }
}

const keyOf = ({ type, name }: Pick<Token | ImportedToken, 'type' | 'name'>) =>
  `${type} ${name.toLowerCase()}`

const withoutAbsent = (record: Record<string, Json | undefined>) =>
  Object.fromEntries(Object.entries(record).filter(([, value]) => value !== undefined)) as Record<
    string,
    Json
  >
