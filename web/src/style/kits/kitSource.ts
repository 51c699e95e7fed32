import { bandsInOrder } from '@nolvex/core/grid/band'
import type { Band, SiteDocument } from '@nolvex/core/site/site'
import type { StyleDocument } from '@nolvex/core/style/style'

/** Where blocks that are shown come from: the project, or a kit; the worker knows it by its key. */
export interface KitSource {
  key: string
  site: SiteDocument
  style: StyleDocument
  /** changes when its blocks do */
  stamp: number
}

export const bandsOfSource = ({ site }: Pick<KitSource, 'site'>): Band[] =>
  bandsInOrder(Object.values(site.records.bands))

export function leadOf(source: Pick<KitSource, 'site'>): Band {
  const bands = bandsOfSource(source)
  return bands.find(({ id }) => id === source.site.records.settings.site.lead) ?? bands[0]
}
