import { valueAt } from '../document/path'
import type { ChangePart, Json, Operation, StoredRecord } from '../document/types'
import type { DrawingDocument } from '../drawing/drawing'
import { bandsInOrder } from '../grid/band'
import type { Band, SiteDocument } from '../site/site'
import type { StyleDocument } from '../style/style'

/** A band that cannot be as wished, with what to do. */
export class ImpossibleBand extends Error {}

const setBand = (id: string, field: keyof Band, value: Json): Operation => {
  return { type: 'set', collection: 'bands', id, path: [field], value }
}
const ofSite = (operations: Operation[]): ChangePart => ({ document: 'site', kind: 'site', operations })

/** Bands from narrow to wide with the place of the lead among them. */
function around({ records }: SiteDocument, id: string) {
  const bands = bandsInOrder(Object.values(records.bands))
  const index = bands.findIndex((band) => band.id === id)
  const lead = bands.findIndex((band) => band.id === records.settings.site.lead)
  return { bands, index, lead, band: bands[index] }
}

/**
 * Moves a band's breakpoint.
 * @throws ImpossibleBand when it would not stand between its neighbours', or would leave a band no width
 */
export function moveBreakpoint(site: SiteDocument, id: string, from: number): ChangePart[] {
  const { bands, index, band } = around(site, id)
  if (index === 0) throw new ImpossibleBand('The narrowest band begins at 0.')
  const least = bands[index - 1].from + 1
  const most = bands[index + 1] ? bands[index + 1].from - 1 : 10_000
  if (!Number.isInteger(from) || from < least || from > most)
    throw new ImpossibleBand(
      `${band.name} begins between ${least} and ${most} px: its neighbours stand there.`,
    )
  return [ofSite([setBand(id, 'from', from)])]
}

/**
 * Splits a band at a width. The part farther from the lead is the new band: it has no values of its own and takes those
 * of the part nearer the lead, so that nothing on any page changes.
 * @throws ImpossibleBand when the width is not inside the band
 */
export function splitBand(
  site: SiteDocument,
  id: string,
  at: number,
  made: { id: string; name: string },
): ChangePart[] {
  const { bands, index, lead, band } = around(site, id)
  const end = bands[index + 1]?.from ?? 10_000
  if (!Number.isInteger(at) || at <= band.from || at >= end)
    throw new ImpossibleBand(`${band.name} reaches from ${band.from} to ${end} px: split it inside.`)
  const drawnIn = (from: number, to: number) =>
    Math.max(200, Math.min(to - 1, Math.max(from, Math.round((from + to) / 2))))
  if (index > lead) {
    const record = { ...band, ...made, from: at, drawnAt: drawnIn(at, Math.min(end, at + 640)) }
    const stays = band.drawnAt >= at ? [setBand(id, 'drawnAt', drawnIn(band.from, at))] : []
    return [ofSite([...stays, { type: 'put', collection: 'bands', id: made.id, record }])]
  }
  const record = { ...band, ...made, drawnAt: drawnIn(Math.max(band.from, 320), at) }
  const stays = band.drawnAt < at ? [setBand(id, 'drawnAt', drawnIn(at, Math.min(end, at + 640)))] : []
  return [
    ofSite([setBand(id, 'from', at), ...stays, { type: 'put', collection: 'bands', id: made.id, record }]),
  ]
}

/**
 * Takes a band away. Its widths go to the neighbour nearer the lead; its values to the next band outward, where none
 * stand, so that what was drawn there keeps its look.
 * @throws ImpossibleBand for the lead
 */
export function removeBand(
  site: SiteDocument,
  style: StyleDocument,
  drawings: DrawingDocument[],
  id: string,
): ChangePart[] {
  const { bands, index, lead, band } = around(site, id)
  if (index === lead) throw new ImpossibleBand(`${band.name} is the lead band. Choose another lead first.`)
  const outward = bands[index < lead ? index - 1 : index + 1]
  const nearer = bands[index < lead ? index + 1 : index - 1]
  const widths = index < lead ? [setBand(nearer.id, 'from', band.from)] : []
  const cleared = (document: string, kind: string, collection: string, records: Varying[]): ChangePart[] => {
    const operations = records.flatMap((record) => withoutBand(collection, record, id, outward?.id))
    return operations.length ? [{ document, kind, operations }] : []
  }
  const parts = drawings.flatMap((drawing) =>
    cleared(drawing.id, 'drawing', 'blocks', Object.values(drawing.records.blocks)),
  )
  const levels = cleared(style.id, 'style', 'levels', Object.values(style.records.levels))
  return [...parts, ...levels, ofSite([{ type: 'remove', collection: 'bands', id }, ...widths])]
}

/** A record with values by band. */
interface Varying {
  id: string
  at?: Record<string, unknown>
}

/** Clears a record's values at a band, handing them to another where it has none. */
function withoutBand(
  collection: string,
  record: Varying,
  band: string,
  outward: string | undefined,
): Operation[] {
  const values = record.at?.[band]
  if (!values) return []
  const { id } = record
  const stored = record as unknown as StoredRecord
  return leafPaths(values as Json).flatMap((path): Operation[] => {
    const clear: Operation = { type: 'set', collection, id, path: ['at', band, ...path] }
    if (!outward || valueAt(stored, ['at', outward, ...path]) !== undefined) return [clear]
    const value = valueAt(stored, ['at', band, ...path]) as Json
    return [{ type: 'set', collection, id, path: ['at', outward, ...path], value }, clear]
  })
}

/** Keys that only leaves written whole have; what is below them is no path of its own. */
const WHOLE = [['value', 'unit'], ['token'], ['hex'], ['share'], ['line'], ['start', 'length']]
const isWhole = (value: Record<string, Json>) => WHOLE.some((keys) => keys.every((key) => key in value))

function leafPaths(value: Json, path: string[] = []): string[][] {
  const isBranch = typeof value === 'object' && value !== null && !Array.isArray(value)
  if (!isBranch || isWhole(value)) return [path]
  return Object.entries(value).flatMap(([key, below]) => leafPaths(below, [...path, key]))
}
