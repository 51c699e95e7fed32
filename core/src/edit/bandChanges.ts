import type { ChangePart, Json, Operation, StoredRecord } from '../document/types'
import type { DrawingDocument } from '../drawing/drawing'
import { bandsInOrder } from '../grid/band'
import { bandsOf } from '../resolve/resolvePage'
import type { Band, SiteDocument } from '../site/site'
import type { StyleDocument } from '../style/style'
import { leadBy, rewriteBandValues, withoutBand } from './bandValues'

/** What is drawn for bands: the site that has them, the style, and all drawings. */
export interface BandedProject {
  site: SiteDocument
  style: StyleDocument
  drawings: DrawingDocument[]
}

/** A band that cannot be as wished, with what to do. */
export class ImpossibleBand extends Error {}

export const setBand = (id: string, field: keyof Band, value: Json): Operation => {
  return { type: 'set', collection: 'bands', id, path: [field], value }
}
export const ofSite = (operations: Operation[]): ChangePart => ({
  document: 'site',
  kind: 'site',
  operations,
})

/** Bands from narrow to wide with the place of the lead among them. */
function around({ records }: SiteDocument, id: string) {
  const bands = bandsInOrder(Object.values(records.bands))
  const index = bands.findIndex((band) => band.id === id)
  const lead = bands.findIndex((band) => band.id === records.settings.site.lead)
  return { bands, index, lead, band: bands[index] }
}

/**
 * Moves a band's breakpoint. A width it or its neighbour is drawn at follows where it would be left outside.
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
  const before = bands[index - 1]
  return [
    ofSite([
      setBand(id, 'from', from),
      ...(band.drawnAt < from ? [setBand(id, 'drawnAt', Math.max(200, from))] : []),
      ...(before.drawnAt >= from ? [setBand(before.id, 'drawnAt', Math.max(200, from - 1))] : []),
    ]),
  ]
}

/**
 * Splits a band at a width. The part farther from the lead is the new band, of the lead itself the part it is not drawn
 * at: it has no values of its own and takes those of the other part, so that nothing on any page changes.
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
  const isUpperNew = index > lead || (index === lead && band.drawnAt < at)
  if (isUpperNew) {
    const record = { ...band, ...made, from: at, drawnAt: drawnIn(at, Math.min(end, at + 640)) }
    const stays = band.drawnAt >= at ? [setBand(id, 'drawnAt', drawnIn(band.from, at))] : []
    return [ofSite([...stays, putBand(record), ...sameDepartures(site, id, made.id)])]
  }
  const record = { ...band, ...made, drawnAt: drawnIn(Math.max(band.from, 320), at) }
  const stays = band.drawnAt < at ? [setBand(id, 'drawnAt', drawnIn(at, Math.min(end, at + 640)))] : []
  return [ofSite([setBand(id, 'from', at), ...stays, putBand(record), ...sameDepartures(site, id, made.id)])]
}

export const putBand = (band: Band): Operation => {
  return { type: 'put', collection: 'bands', id: band.id, record: band as unknown as StoredRecord }
}

/** A page with a grid of its own at a band has it at another too. */
function sameDepartures({ records }: SiteDocument, band: string, other: string): Operation[] {
  return Object.values(records.pages).flatMap(({ id, grids }): Operation[] => {
    const grid = grids?.[band]
    return grid
      ? [{ type: 'set', collection: 'pages', id, path: ['grids', other], value: grid as unknown as Json }]
      : []
  })
}

/**
 * Takes a band away. Its widths go to the neighbour nearer the lead; its values to the next band outward, where none
 * stand, so that what was drawn there keeps its look.
 * @throws ImpossibleBand for the lead
 */
export function removeBand(project: BandedProject, id: string): ChangePart[] {
  const { bands, index, lead, band } = around(project.site, id)
  if (index === lead) throw new ImpossibleBand(`${band.name} is the lead band. Choose another lead first.`)
  return mergeBands(project, id, bands[index < lead ? index + 1 : index - 1].id)
}

/**
 * Makes two neighbouring bands one: `into` takes the other's widths and keeps its own values; the other's go to the
 * next band outward, where none stand.
 * @throws ImpossibleBand when they are no neighbours, or the lead would go
 */
export function mergeBands({ site, style, drawings }: BandedProject, id: string, into: string): ChangePart[] {
  const { bands, index, lead, band } = around(site, id)
  const target = bands.findIndex((one) => one.id === into)
  if (Math.abs(target - index) !== 1)
    throw new ImpossibleBand(`${band.name} can only be joined with a band beside it.`)
  if (index === lead)
    throw new ImpossibleBand(`${band.name} is the lead band. Make ${bands[target].name} the lead first.`)
  const outward = bands[index < lead ? index - 1 : index + 1]
  const widths = target > index ? [setBand(into, 'from', band.from)] : []
  const pages = Object.values(site.records.pages).filter(({ grids }) => grids?.[id])
  const grids = pages.map((page): Operation => {
    return { type: 'set', collection: 'pages', id: page.id, path: ['grids', id] }
  })
  const gone: Operation = { type: 'remove', collection: 'bands', id }
  return [
    ...rewriteBandValues(drawings, style, withoutBand(id, outward?.id)),
    ofSite([...grids, gone, ...widths]),
  ]
}

/** Makes another band the lead; no page changes at any width. */
export function changeLead({ site, style, drawings }: BandedProject, id: string): ChangePart[] {
  const bands = bandsOf(site)
  if (bands.lead === id) return []
  return [
    ...rewriteBandValues(drawings, style, leadBy(bands, id)),
    ofSite([{ type: 'set', collection: 'settings', id: 'site', path: ['lead'], value: id }]),
  ]
}
