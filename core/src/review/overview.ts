import type { Documents } from '../document/types'
import type { DrawingDocument } from '../drawing/drawing'
import { aroundPages, type PageSources } from '../resolve/pageSources'
import { homePage } from '../site/address'
import type { SiteDocument } from '../site/site'
import type { StyleDocument } from '../style/style'

/** What a list of projects shows of one: how far it is, and what its home page is painted from. */
export interface ProjectOverview {
  /** names of the stages it goes through; all of them where nothing is said */
  profile?: string[]
  pages: number
  bands: number
  /** pages that can be drawn, and how many are, or were checked off as done at a stage */
  drawable: number
  done: Record<string, number>
  /** with the lead band, and the px it is drawn at */
  home?: { sources: PageSources; band: string; width: number }
}

const isDrawn = (documents: Documents, page: string) =>
  Object.keys((documents[page] as unknown as DrawingDocument | undefined)?.records.blocks ?? {}).length > 0

/** Reads a project's overview from its documents. */
export function projectOverview(documents: Documents): ProjectOverview {
  const site = documents.site as unknown as SiteDocument
  const { pages, bands, settings } = site.records
  const drawable = Object.values(pages).filter(({ kind }) => kind !== 'external')
  const done: Record<string, number> = {}
  for (const { id, checked = {} } of drawable) {
    const stages = new Set(Object.keys(checked).filter((stage) => checked[stage]))
    if (isDrawn(documents, id)) stages.add('wireframe')
    for (const stage of stages) done[stage] = (done[stage] ?? 0) + 1
  }
  const home = homePage(pages)
  const { profile } = settings.site
  return {
    ...(profile ? { profile } : {}),
    pages: Object.keys(pages).length,
    bands: Object.keys(bands).length,
    drawable: drawable.length,
    done,
    ...(home && isDrawn(documents, home.id)
      ? {
          home: {
            sources: {
              drawing: documents[home.id] as unknown as DrawingDocument,
              site: alone(site, home.id),
              style: documents.style as unknown as StyleDocument,
              around: aroundPages(documents),
            },
            band: settings.site.lead,
            width: bands[settings.site.lead].drawnAt,
          },
        }
      : {}),
  }
}

/** A site with nothing in it that a page's picture does not need. */
function alone(site: SiteDocument, page: string): SiteDocument {
  const { records } = site
  const without = Object.fromEntries(Object.keys(records).map((collection) => [collection, {}]))
  return {
    ...site,
    records: {
      ...(without as unknown as SiteDocument['records']),
      settings: records.settings,
      bands: records.bands,
      pages: { [page]: records.pages[page] },
    },
  }
}
