import equal from 'fast-deep-equal'
import type { Block } from '../block/block'
import { varyingSchema, type Varying } from '../block/varying'
import { leafPaths, leafTable, overlay } from '../document/leafTable'
import { valueAt, withValue } from '../document/path'
import type { StoredRecord } from '../document/types'
import { cutText } from '../text/cutText'
import { towardsLead } from '../grid/band'
import type { Bands } from '../resolve/cascade'
import type { Band } from '../site/site'
import type { BandSize, Columns, Piece, Twelfths } from './piece'

/** Bands with fewer columns than these are medium and narrow. */
const [WIDE_FROM, MEDIUM_FROM] = [10, 6]

/** How wide a band is, by the columns it has. */
export function sizeOf({ grid: { columns } }: Pick<Band, 'grid'>): BandSize {
  return columns >= WIDE_FROM ? 'wide' : columns >= MEDIUM_FROM ? 'medium' : 'narrow'
}

const LONGEST_NAME = 200

/** What stands at a band, from what is said for wider ones on. */
const WIDER: Record<BandSize, BandSize[]> = {
  wide: ['wide'],
  medium: ['wide', 'medium'],
  narrow: ['wide', 'medium', 'narrow'],
}

/**
 * The blocks of a pattern, drawn for all bands of a site: the lead's values stand on them, the others' where they differ.
 * @returns parents first; the first has the order given
 */
export function placePieces(piece: Piece, bands: Bands<Band>, newId: () => string): Block[] {
  const place = (one: Piece, order: string, parent: string | undefined): Block[] => {
    const { holds = [], columns, medium, narrow, ...own } = one
    const { arrange, place: standing, look, manner, ...rest } = own
    const wide: Varying = { arrange, place: standing, look, manner }
    const said = { wide, medium, narrow }
    const valuesAt = (band: Band): Varying => {
      const values = WIDER[sizeOf(band)].reduce<Varying>(
        (under, size) => (said[size] ? overlay(table, under, said[size]) : under),
        {},
      )
      return columns ? overlay(table, values, { place: { column: columnsAt(columns, band) } }) : values
    }
    const id = newId()
    const name = rest.name && cutText(rest.name, LONGEST_NAME)
    const block = { ...rest, name, id, order, ...(parent ? { parent } : {}), ...byBand(valuesAt, bands) }
    return [withoutNothing(block), ...holds.flatMap((child, index) => place(child, orderOf(index), id))]
  }
  return place(piece, 'a0', undefined)
}

/** Copied as it is stored: what is undefined is not there. */
const withoutNothing = (block: object): Block => JSON.parse(JSON.stringify(block)) as Block

const table = leafTable(varyingSchema)

/** Keys in order for up to some thousands of siblings. */
const orderOf = (index: number) => `a${index.toString(36).padStart(3, '0')}`

/** Columns of a band for twelfths of them. */
function columnsAt(columns: Columns, band: Band) {
  const size = sizeOf(band)
  const said = WIDER[size].reduce<Twelfths>((wider, one) => columns[one] ?? wider, columns.wide)
  const count = band.grid.columns
  const inColumns = (twelfths: number) => Math.round((twelfths * count) / 12)
  if (said === 'all') return { span: 'all' as const }
  const [from, span] = Array.isArray(said) ? said : [undefined, said]
  const wide = Math.min(count, Math.max(1, inColumns(span)))
  if (wide === count && (from === undefined || from === 1)) return { span: 'all' as const }
  const start = from === undefined ? undefined : Math.min(count - wide + 1, inColumns(from - 1) + 1)
  return start === undefined ? { span: wide } : { start, span: wide }
}

/** Values of all bands as a block holds them: the lead's, and for others what differs on the way there. */
function byBand(valuesAt: (band: Band) => Varying, { inOrder, lead }: Bands<Band>) {
  const own = new Map(inOrder.map((band) => [band.id, valuesAt(band)]))
  const leading = own.get(lead) ?? {}
  const at: Record<string, StoredRecord> = {}
  for (const { id } of inOrder) {
    if (id === lead) continue
    const [, nearer] = towardsLead(inOrder, id, lead)
    const difference = differing(own.get(id) ?? {}, own.get(nearer.id) ?? {})
    if (Object.keys(difference).length) at[id] = difference
  }
  return { ...leading, ...(Object.keys(at).length ? { at } : {}) }
}

/** What a band says otherwise than its neighbour nearer the lead; what only that says is taken back. */
function differing(values: Varying, nearer: Varying): StoredRecord {
  const [here, there] = [values, nearer] as unknown as StoredRecord[]
  const paths = new Map(
    [...leafPaths(table, here), ...leafPaths(table, there)].map((path) => [path.join('.'), path]),
  )
  let difference = {} as StoredRecord
  for (const [name, path] of paths) {
    const value = valueAt(here, path)
    if (equal(value, valueAt(there, path))) continue
    difference =
      value === undefined
        ? withValue(difference, ['without', name], true)
        : withValue(difference, path, value)
  }
  return difference
}
