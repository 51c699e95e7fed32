import { applyChange } from '../document/apply'
import type { ChangePart, Documents, Operation } from '../document/types'
import type { DrawingDocument } from '../drawing/drawing'
import type { BandGrid } from '../grid/bandGrid'
import { documentKinds } from '../resolve/documentKinds'
import { bandsOf } from '../resolve/resolvePage'
import type { Band, SiteDocument } from '../site/site'
import type { StyleDocument } from '../style/style'
import { ImpossibleBand, ofSite, putBand, removeBand, setBand, type BandedProject } from './bandChanges'

/** A band somebody wishes for. */
export interface WantedBand {
  name: string
  from: number
  drawnAt: number
}

/**
 * Gives a project a whole set of bands. Each takes the place of a band that is drawn within its widths, the lead first;
 * bands without a place are taken away, their values handed outward; bands that are new have no values of their own.
 * @throws ImpossibleBand when breakpoints are not in order or a width is drawn outside its band
 */
export function adoptBands(project: BandedProject, wanted: WantedBand[], newId: () => string): ChangePart[] {
  check(wanted)
  const places = placesOf(project.site, wanted)
  const parts: ChangePart[] = []
  let now = project
  for (const { id } of bandsOf(project.site).inOrder) {
    if ([...places.values()].some((band) => band.id === id)) continue
    const removal = removeBand(now, id)
    parts.push(...removal)
    now = afterChange(now, removal)
  }
  const operations = wanted.flatMap((want): Operation[] => {
    const band = places.get(want)
    if (!band) return [putBand({ id: newId(), ...want, grid: usualGrid(want.drawnAt) })]
    return (['name', 'from', 'drawnAt'] as const)
      .filter((field) => band[field] !== want[field])
      .map((field) => setBand(band.id, field, want[field]))
  })
  return [...parts, ofSite(operations)].filter((part) => part.operations.length > 0)
}

function check(wanted: WantedBand[]) {
  if (wanted[0]?.from !== 0) throw new ImpossibleBand('The first band of a set begins at 0.')
  wanted.forEach(({ name, from, drawnAt }, index) => {
    const end = wanted[index + 1]?.from ?? 10_001
    if (end <= from)
      throw new ImpossibleBand(
        `${name} begins at ${from} and the next at ${end}: each begins after the one before.`,
      )
    if (drawnAt < Math.max(200, from) || drawnAt >= end)
      throw new ImpossibleBand(
        `${name} reaches from ${from} to ${end - 1} px and cannot be drawn at ${drawnAt}.`,
      )
  })
}

/** The band that takes each wanted place, if there is one; bands stay on their side of the lead. */
function placesOf(site: SiteDocument, wanted: WantedBand[]): Map<WantedBand, Band> {
  const { inOrder, lead } = bandsOf(site)
  const holds = (drawnAt: number) => wanted.findLast(({ from }) => drawnAt >= from) as WantedBand
  const leadBand = inOrder.find(({ id }) => id === lead) as Band
  const leadPlace = holds(leadBand.drawnAt)
  const places = new Map<WantedBand, Band>([[leadPlace, leadBand]])
  for (const band of inOrder) {
    const place = holds(band.drawnAt)
    const isOnItsSide = Math.sign(place.from - leadPlace.from) === Math.sign(band.from - leadBand.from)
    if (!places.has(place) && isOnItsSide) places.set(place, band)
  }
  return places
}

function afterChange({ site, style, drawings }: BandedProject, parts: ChangePart[]): BandedProject {
  const before = Object.fromEntries([site, style, ...drawings].map((document) => [document.id, document]))
  const { documents } = applyChange(documentKinds, before as unknown as Documents, parts)
  return {
    site: documents[site.id] as unknown as SiteDocument,
    style: documents[style.id] as unknown as StyleDocument,
    drawings: drawings.map(({ id }) => documents[id] as unknown as DrawingDocument),
  }
}

/** A grid to begin with at a width, px. */
export function usualGrid(width: number): BandGrid {
  if (width < 600) return { columns: 4, gutter: 16, margin: 16 }
  return width < 1024 ? { columns: 8, gutter: 24, margin: 32 } : { columns: 12, gutter: 24, margin: 64 }
}
