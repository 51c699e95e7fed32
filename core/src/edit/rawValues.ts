import { nearDuplicates, HARD_TO_TELL } from '../colour/nearDuplicates'
import { cssColourName } from '../colour/writeColour'
import { leafPaths, leafTable } from '../document/leafTable'
import { valueAt } from '../document/path'
import { putAmong } from '../document/placing'
import { inOrder } from '../document/tree'
import type { ChangePart, Documents, Json, StoredRecord } from '../document/types'
import { documentKinds } from '../resolve/documentKinds'
import type { StyleDocument } from '../style/style'
import { tokenColour, type LengthToken, type Token } from '../style/token'
import { cssLength, type WrittenLength } from '../units/length'
import { rewriteValues, type NamedUses } from './replaceNamed'

/** What a value that names no token is: a colour, or a length by what it measures. */
export type RawUse = 'colour' | NonNullable<LengthToken['use']>

/** A value that drawings and parts use without a token, and where. */
export interface RawValue {
  use: RawUse
  /** a colour's hex, or a length as CSS writes it: what tells it from others of its use */
  key: string
  value: string | WrittenLength
  count: number
  uses: NamedUses[]
  /** a token of the guide that is the same, or so near that nobody tells them apart */
  token?: { id: string; name: string; isSame: boolean }
}

/** The collections whose values a guide may name. */
const HELD: Record<string, string[]> = { drawing: ['blocks'], style: ['parts'] }

/** Every colour, gap, corner and width of a line that is written without a token; those most used first. */
export function rawValues(documents: Documents): RawValue[] {
  const found = new Map<string, RawValue>()
  for (const { id: document, kind, records } of Object.values(documents))
    for (const collection of HELD[kind] ?? []) {
      const schema = documentKinds[kind].collections[collection].schema
      for (const record of Object.values(records[collection] ?? {}))
        for (const path of leafPaths(leafTable(schema), record))
          eachRaw(valueAt(record, path), path, (use, value) =>
            note(found, use, value, { document, collection, record }),
          )
    }
  const tokens = (documents.style as unknown as StyleDocument).records.tokens
  const all = [...found.values()].map((one) => ({ ...one, token: tokenLike(tokens, one) }))
  return all.sort((a, b) => b.count - a.count || (a.key < b.key ? -1 : 1))
}

interface Place {
  document: string
  collection: string
  record: StoredRecord
}

function note(found: Map<string, RawValue>, use: RawUse, value: string | WrittenLength, place: Place) {
  const key = typeof value === 'string' ? value : cssLength(value)
  const name = `${use} ${key}`
  let raw = found.get(name)
  if (!raw) found.set(name, (raw = { use, key, value, count: 0, uses: [] }))
  raw.count++
  let uses = raw.uses.find(({ document }) => document === place.document)
  if (!uses) raw.uses.push((uses = { document: place.document, records: [] }))
  if (!uses.records.some(({ id }) => id === place.record.id))
    uses.records.push({ collection: place.collection, id: place.record.id })
}

type Visit = (use: RawUse, value: string | WrittenLength) => void

/** Calls back for each raw value in a leaf: a bare colour, or a length where the guide has a scale for it. */
function eachRaw(value: Json | undefined, path: string[], visit: Visit) {
  if (typeof value !== 'object' || value === null) return
  if (isRawColour(value)) return visit('colour', value.hex.toLowerCase())
  const use = lengthUse(path)
  if (isLength(value)) {
    if (use && value.value !== 0) visit(use, { value: value.value, unit: value.unit })
    return
  }
  for (const [key, below] of Object.entries(value)) eachRaw(below, [...path, key], visit)
}

/** A colour with a role is no bare one: the guide decides what it is. */
const isRawColour = (value: object): value is { hex: string } =>
  'hex' in value && typeof value.hex === 'string' && !('role' in value)

const isLength = (value: object): value is WrittenLength =>
  'unit' in value && 'value' in value && typeof value.value === 'number'

/** What a length at a path measures, where the guide names such lengths. */
function lengthUse(path: string[]): LengthToken['use'] {
  const at = path[0] === 'at' ? path.slice(2) : path
  const [group, leaf] = at
  if (group === 'arrange' && (leaf === 'gap' || leaf === 'rowGap' || leaf === 'padding')) return 'space'
  if (group === 'look' && leaf === 'radius') return 'radius'
  if (group === 'look' && (leaf === 'border' || leaf === 'stroke') && at.includes('width')) return 'line'
  return undefined
}

const NEAR_PX = 1

function tokenLike(tokens: Record<string, Token>, raw: RawValue): RawValue['token'] {
  for (const token of inOrder(Object.values(tokens))) {
    const { id, name } = token
    if (raw.use === 'colour' && token.type === 'colour') {
      const hex = tokenColour(tokens, id)
      if (hex?.toLowerCase() === raw.key) return { id, name, isSame: true }
    }
    if (token.type === 'length' && (token.use ?? 'space') === raw.use && !('token' in token.value))
      if (cssLength(token.value) === raw.key) return { id, name, isSame: true }
  }
  return nearToken(tokens, raw)
}

function nearToken(tokens: Record<string, Token>, raw: RawValue): RawValue['token'] {
  for (const token of inOrder(Object.values(tokens))) {
    const { id, name } = token
    if (raw.use === 'colour' && token.type === 'colour') {
      const hex = tokenColour(tokens, id)
      if (hex && nearDuplicates([raw.key, hex], HARD_TO_TELL).length) return { id, name, isSame: false }
    }
    const { value } = token
    const isScale = token.type === 'length' && (token.use ?? 'space') === raw.use
    if (!isScale || typeof value !== 'object' || !('unit' in value) || typeof raw.value !== 'object') continue
    const isNear = value.unit === raw.value.unit && value.unit === 'px'
    if (isNear && Math.abs(value.value - raw.value.value) <= NEAR_PX) return { id, name, isSame: false }
  }
  return undefined
}

/** A raw value that is to be a token: one there is, or a new one by its name. */
export interface TakenOver {
  raw: Pick<RawValue, 'use' | 'key' | 'value' | 'uses'>
  into: { token: string } | { name: string }
}

/**
 * One change by which raw values become tokens everywhere they are used. Those that are to have the same new name are one
 * token, with the value of the first.
 * @param newId ids of new tokens
 */
export function takeOver(documents: Documents, taken: TakenOver[], newId: () => string): ChangePart[] {
  const style = documents.style as unknown as StyleDocument
  const made = new Map<string, { id: string; [field: string]: Json | undefined }>()
  const idOf = ({ raw, into }: TakenOver): string => {
    if ('token' in into) return into.token
    const key = `${raw.use === 'colour' ? 'colour' : 'length'} ${into.name}`
    const known = made.get(key)
    if (known) return known.id
    const id = newId()
    const value = raw.value as Json
    made.set(
      key,
      raw.use === 'colour'
        ? { id, name: into.name, type: 'colour', value }
        : { id, name: into.name, type: 'length', value: { ...(value as object) } as Json, use: raw.use },
    )
    return id
  }
  const ids = new Map(taken.map((one) => [`${one.raw.use} ${one.raw.key}`, idOf(one)]))
  const uses = joinedUses(taken.flatMap(({ raw }) => raw.uses))
  const rewrites = rewriteValues(documents, uses, (value, path) => {
    let token: string | undefined
    eachOwn(value, path, (use, raw) => {
      token = ids.get(`${use} ${typeof raw === 'string' ? raw : cssLength(raw)}`)
    })
    return token === undefined ? undefined : { token }
  })
  const siblings = inOrder(Object.values(style.records.tokens))
  const puts = made.size ? putAmong('tokens', siblings, siblings.length, [...made.values()]) : []
  const part: ChangePart = { document: style.id, kind: 'style', operations: puts }
  return [...(puts.length ? [part] : []), ...rewrites]
}

/** Calls back where a value itself is raw, not for what stands in it. */
function eachOwn(value: Json, path: string[], visit: Visit) {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return
  if (isRawColour(value)) return visit('colour', value.hex.toLowerCase())
  // Widths of lines stand in a leaf of their own among other things.
  const use = lengthUse(path) ?? lengthUse([...path, 'width'])
  if (isLength(value) && use) visit(use, { value: value.value, unit: value.unit })
}

function joinedUses(all: NamedUses[]): NamedUses[] {
  const byDocument = new Map<string, Map<string, NamedUses['records'][number]>>()
  for (const { document, records } of all) {
    const known = byDocument.get(document) ?? new Map<string, NamedUses['records'][number]>()
    for (const record of records) known.set(record.id, record)
    byDocument.set(document, known)
  }
  return [...byDocument].map(([document, records]) => ({ document, records: [...records.values()] }))
}

/** A name for a new token of a raw value: what CSS calls the colour, or what the length measures. */
export function suggestedName({ use, key }: Pick<RawValue, 'use' | 'key'>): string {
  if (use === 'colour') return cssColourName(key) ?? `colour ${key.slice(1)}`
  const words = { space: 'space', radius: 'corner', line: 'line', other: 'length' }[use]
  return `${words}-${key.replace(/[^a-z0-9.]+/gi, '')}`
}
