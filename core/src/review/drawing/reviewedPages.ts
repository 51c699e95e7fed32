import type { Documents } from '../../document/types'
import { drawingIn } from '../../resolve/pageSources'
import type { Page, SiteDocument } from '../../site/site'
import { pagesInOrder } from '../../site/treeOrder'

/** A page of a site, or an overlay as if it were one: it is looked over like a page, as wide as it is shown. */
export function reviewedPage({ records }: Pick<SiteDocument, 'records'>, id: string): Page | undefined {
  const overlay = records.overlays[id]
  return records.pages[id] ?? (overlay && { id, order: overlay.order, title: overlay.name })
}

/** What findings may be about: pages in the map's order, then what is shown over them. */
export function pagesForReview(site: Pick<SiteDocument, 'records'>): Page[] {
  const { pages, overlays } = site.records
  const ids = [...pagesInOrder(pages).map(({ page }) => page.id), ...Object.keys(overlays)]
  return ids.flatMap((id) => reviewedPage(site, id) ?? [])
}

/** What of a project is looked over: what of these is drawn. */
export function reviewedPages(documents: Documents): Page[] {
  const isDrawn = ({ id }: Page) => Object.keys(drawingIn(documents, id)?.records.blocks ?? {}).length > 0
  return pagesForReview(documents.site as unknown as SiteDocument).filter(isDrawn)
}
