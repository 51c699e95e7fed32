import { emptyDocument } from '../document/kind'
import { siteKind, type Band, type SiteDocument, type SiteRecords } from './site'

const bands: Band[] = [
  {
    id: 'bandnarrow000000',
    name: 'Narrow',
    from: 0,
    drawnAt: 390,
    grid: { columns: 4, gutter: 16, margin: 16 },
  },
  {
    id: 'bandmedium000000',
    name: 'Medium',
    from: 680,
    drawnAt: 834,
    grid: { columns: 8, gutter: 24, margin: 32 },
  },
  {
    id: 'bandwide00000000',
    name: 'Wide',
    from: 1120,
    drawnAt: 1440,
    grid: { columns: 12, gutter: 24, margin: 64, contentWidth: 1312 },
  },
]

/** The ids of the bands a project begins with. */
export const usualBands = { narrow: bands[0].id, medium: bands[1].id, wide: bands[2].id }

/** The site a project begins with: three bands, no page yet, drawn for the wide band first. */
export const usualSite: SiteDocument = {
  kind: 'site',
  id: 'site',
  schema: siteKind.schema,
  records: {
    ...(emptyDocument(siteKind, 'site').records as unknown as SiteRecords),
    bands: Object.fromEntries(bands.map((band) => [band.id, band])),
    settings: { site: { id: 'site', lead: usualBands.wide } },
  },
}
