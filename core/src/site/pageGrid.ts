import type { BandGrid } from '../grid/bandGrid'
import type { SiteRecords } from './site'

/** The grid of a page at a band: its own where it departs from the project's, else the band's. */
export function gridOfPage(site: Pick<SiteRecords, 'pages' | 'bands'>, page: string, band: string): BandGrid {
  return site.pages[page]?.grids?.[band] ?? site.bands[band].grid
}

/** The pages that depart from the project's grid, with the bands at which they do. */
export function departures(site: Pick<SiteRecords, 'pages' | 'bands'>): { page: string; bands: string[] }[] {
  return Object.values(site.pages)
    .map(({ id, grids = {} }) => ({ page: id, bands: Object.keys(grids).filter((band) => site.bands[band]) }))
    .filter(({ bands }) => bands.length > 0)
}
