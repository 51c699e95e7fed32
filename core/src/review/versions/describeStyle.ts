import type { RecordDifference } from '../../document/compare'
import type { Documents, Json, StoredRecord } from '../../document/types'
import { PART_STATES, type PartState } from '../../style/part'
import { LENGTH_USES } from '../../style/token'
import { cssLength, type WrittenLength } from '../../units/length'
import type { DescribedChange } from './describeChanges'

type Style = Record<string, Record<string, StoredRecord>>

/** What differs between two states of a style guide, token by token, level by level, part by part. */
export function describeStyle(
  differences: RecordDifference[],
  before: Documents,
  after: Documents,
): DescribedChange[] {
  const [was, is] = [before, after].map(({ style }) => (style?.records ?? {}) as unknown as Style)
  return differences.flatMap((difference) => describeRecord(difference, was, is))
}

function describeRecord({ collection, id, change, leaves }: RecordDifference, was: Style, is: Style) {
  const about = (says: string): DescribedChange => ({ stage: 'style', about: collection, says })
  const record = is[collection]?.[id] ?? was[collection]?.[id]
  // What is only tried decides nothing.
  if (!record || collection === 'trials') return []
  const name = calledIn(collection, record)
  if (change !== 'altered') return [about(`${name} ${change}`)]
  const told = leaves.filter(({ path }) => path[0] !== 'order')
  if (told.length > FEW) return [about(`${name}: ${told.length} values changed`)]
  return told.map(({ path, before, after }) =>
    about(`${name}: ${wordsOf(path)} was ${spelled(before, was)}, is ${spelled(after, is)}`),
  )
}

/** More values of one record than these are only counted. */
const FEW = 4

const NOUNS: Record<string, string> = {
  levels: 'level',
  families: 'face',
  marks: 'file of the brand',
  moods: 'picture of the mood',
  icons: 'icons',
  shared: 'shared block',
  sharedValues: 'named value',
  patterns: 'section pattern',
}

function calledIn(collection: string, record: StoredRecord): string {
  if (collection === 'parts') return partName(record)
  const noun = collection === 'tokens' ? tokenNoun(record) : NOUNS[collection]
  const name = record.name ?? record.label
  return typeof name === 'string' ? `${name} (${noun})` : noun[0].toUpperCase() + noun.slice(1)
}

function tokenNoun({ type, use = 'space' }: StoredRecord): string {
  return type === 'length' ? LENGTH_USES[use as keyof typeof LENGTH_USES] : String(type)
}

function partName({ kind, variant, piece, state }: StoredRecord): string {
  const words = [variant, kind, piece && `its ${String(piece)}`, state && PART_STATES[state as PartState]]
  return `Part ${words.filter(Boolean).join(', ')}`
}

const wordsOf = (path: string[]) => path.filter((key) => key !== 'look' && key !== 'arrange').join(' ')

/** A value in words: a colour, a length, what a token is called. */
function spelled(value: Json | undefined, { tokens = {} }: Style): string {
  if (value === undefined || value === null) return 'not said'
  if (typeof value !== 'object') return String(value)
  if (Array.isArray(value)) return `${value.length} of them`
  if ('token' in value) return String(tokens[String(value.token)]?.name ?? 'a token that is gone')
  if ('hex' in value) return String(value.hex)
  if ('unit' in value) return cssLength(value as unknown as WrittenLength)
  return 'another'
}
