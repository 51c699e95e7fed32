import type { Documents } from '../../document/types'
import { drawingIn } from '../../resolve/pageSources'
import type { Page, SiteDocument } from '../../site/site'
import { pagesInOrder } from '../../site/treeOrder'

/** A page of a site, or an overlay as if it were one: it is looked over like a page, as wide as it is shown. */
export function reviewedPage({ records }: Pick<SiteDocument, 'records'>, id: string): Page | undefined {
  const overlay = records.overlays[id]
  return records.pages[id] ?? (overlay && { id, order: overlay.order, title: overlay.name })
}

/** What of a project is looked over: pages that are drawn, in the map's order, then overlays. */
export function reviewedPages(documents: Documents): Page[] {
  const site = documents.site as unknown as SiteDocument
  const { pages, overlays } = site.records
  const ids = [...pagesInOrder(pages).map(({ page }) => page.id), ...Object.keys(overlays)]
  const isDrawn = (id: string) => Object.keys(drawingIn(documents, id)?.records.blocks ?? {}).length > 0
  return ids.filter(isDrawn).flatMap((id) => reviewedPage(site, id) ?? [])
}
