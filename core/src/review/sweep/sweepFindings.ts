import { ImpossibleBand, moveBreakpoint } from '../../edit/bandChanges'
import type { Page, SiteDocument } from '../../site/site'
import type { Finding, Fix, Severity } from '../finding'
import { isSeenAt, type TroubleRange } from './sweepPage'
import { GRAVE, TROUBLES, type Trouble } from './trouble'

/** What was found by laying a page out at every width. */
export const sweepRule = {
  id: 'atSomeWidths',
  label: 'Wrong at some widths',
  why: 'Between the widths a page is drawn at it has to hold, too: visitors have all of them.',
}

/** Trouble of a block at some widths, as it is told to windows and files. */
export interface SweptTrouble {
  trouble: Trouble
  /** the block of the page it stands on, or the copy that shows it */
  block: string
  name: string
  band: string
  from: number
  to: number
  worst: { width: number; by: number }
  mends?: { band: string; from: number }
}

/** @param page id of the page */
export const sweptTrouble = (page: string, { node, ...range }: TroubleRange): SweptTrouble => ({
  ...range,
  block: node.origin.document === page ? node.origin.record : node.key.split(/[-/]/)[0],
  name: node.name,
})

/** px of widths that are no more than rounding */
const SPECK = 2

/** Findings of widths that no band is drawn at: what is wrong at those is seen while drawing, and told by its own rule. */
export function sweepFindings(page: Page, site: SiteDocument, swept: SweptTrouble[]): Finding[] {
  const { bands } = site.records
  return swept.flatMap((one): Finding[] => {
    const { trouble, block, name, band, from, to, worst, mends } = one
    if (isSeenAt(one, bands[band].drawnAt) || to - from < SPECK) return []
    const severity: Severity = GRAVE.has(trouble) ? 'serious' : 'fair'
    const by =
      trouble === 'oneWord' || trouble === 'cut' ? '' : `, by ${Math.ceil(worst.by)} px at ${worst.width}`
    return [
      {
        ...{ rule: sweepRule.id, severity, bands: [band], widths: [from, to] },
        place: { collection: 'blocks', id: block, page: page.id, band, width: worst.width },
        says: `${name} ${TROUBLES[trouble]} from ${from} to ${to} px on “${page.title || 'Untitled'}”${by}.`,
        ...(mends ? fixOf(site, mends) : {}),
      },
    ]
  })
}

function fixOf(site: SiteDocument, mends: NonNullable<SweptTrouble['mends']>): { fix?: Fix } {
  try {
    const parts = moveBreakpoint(site, mends.band, mends.from)
    const { name } = site.records.bands[mends.band]
    return { fix: { label: `Let ${name} begin at ${mends.from} px`, parts } }
  } catch (error) {
    if (error instanceof ImpossibleBand) return {}
    throw error
  }
}
