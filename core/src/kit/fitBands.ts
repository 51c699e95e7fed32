import { applyChange } from '../document/apply'
import type { ChangePart } from '../document/types'
import { changeLead, removeBand, type BandedProject } from '../edit/bandChanges'
import { documentKinds } from '../resolve/documentKinds'
import { bandsOf } from '../resolve/resolvePage'
import type { Band, SiteDocument } from '../site/site'
import { kitDocuments, withDocuments, type Kit } from './kit'

/** How far apart two widths are, as eyes see it: 300 and 400 are as far as 900 and 1200. */
const apart = (a: Band, b: Band) => Math.abs(Math.log(a.drawnAt / b.drawnAt))

const nearest = (band: Band, among: Band[]): Band | undefined =>
  among.reduce<Band | undefined>(
    (best, one) => (!best || apart(one, band) < apart(best, band) ? one : best),
    undefined,
  )

/**
 * The band of a project that each band of a kit becomes: the lead the one nearest to the project's lead, the others on
 * each side of it the nearest there, each once. Bands of the kit that none is near to are left out.
 */
export function matchBands(kit: SiteDocument, own: SiteDocument): Map<string, string> {
  const theirs = bandsOf(kit).inOrder
  const ours = bandsOf(own)
  const lead = ours.inOrder.find(({ id }) => id === ours.lead) ?? ours.inOrder[0]
  const kitLead = nearest(lead, theirs) ?? theirs[0]
  const matched = new Map([[kitLead.id, lead.id]])
  for (const isNarrower of [true, false]) {
    const side = (band: Band, from: Band) => band !== from && band.from < from.from === isNarrower
    const candidates = theirs.filter((band) => side(band, kitLead))
    for (const band of ours.inOrder.filter((one) => side(one, lead))) {
      const free = candidates.filter(({ id }) => !matched.has(id))
      const best = nearest(band, free)
      const back =
        best &&
        nearest(
          best,
          ours.inOrder.filter((one) => side(one, lead)),
        )
      if (best && back === band) matched.set(best.id, band.id)
    }
  }
  return matched
}

/**
 * A kit drawn for the bands of a project: its lead is the project's, and bands the project has nothing like are gone, their
 * values handed outward.
 * @returns the kit, and the id of the project's band for each of its own
 */
export function fitBands(kit: Kit, own: SiteDocument): { kit: Kit; bands: Map<string, string> } {
  const bands = matchBands(kit.site, own)
  const [[lead]] = bands
  let fitted = changed(kit, changeLead(banded(kit), lead))
  for (const { id } of bandsOf(kit.site).inOrder)
    if (!bands.has(id)) fitted = changed(fitted, removeBand(banded(fitted), id))
  return { kit: fitted, bands }
}

const banded = ({ site, style, drawings }: Kit): BandedProject => ({
  site,
  style,
  drawings: Object.values(drawings),
})

const changed = (kit: Kit, parts: ChangePart[]): Kit =>
  parts.length ? withDocuments(kit, applyChange(documentKinds, kitDocuments(kit), parts).documents) : kit
