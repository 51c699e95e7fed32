import { assetsOf } from '../block/block'
import { backdropAssets } from '../block/looks/backdrop'
import type { CollectionDocument } from '../content/collection'
import type { ContentDocument } from '../content/content'
import type { Documents, StoredDocument } from '../document/types'
import { emptyDrawing, type DrawingDocument } from '../drawing/drawing'
import type { SiteDocument } from '../site/site'
import type { StyleDocument } from '../style/style'

/** What a page is resolved from. */
export interface PageSources {
  drawing: DrawingDocument
  site: SiteDocument
  style: StyleDocument
  /** the rest of the project its blocks may show: content, collections and drawings of shared blocks, by id */
  around?: Documents
}

/** What of a project, beside its own drawing, a page may show: little enough to be sent to a worker. */
export function aroundPages(documents: Documents): Documents {
  const { shared = {} } = (documents.style?.records ?? {}) as Partial<StyleDocument['records']>
  const isShown = ({ kind, id }: StoredDocument) =>
    kind === 'content' || kind === 'collection' || (kind === 'drawing' && id in shared)
  return Object.fromEntries(Object.entries(documents).filter(([, document]) => isShown(document)))
}

/** Everything one page of a project is resolved from. @param page its id */
export function pageSources(documents: Documents, page: string): PageSources {
  const { site, style } = documents as unknown as Pick<PageSources, 'site' | 'style'>
  const drawing = drawingIn(documents, page) ?? emptyDrawing(page)
  return { drawing, site, style, around: aroundPages(documents) }
}

/** The drawings of a project's pages: not those of shared blocks, patterns, overlays and alternatives. */
export function pageDrawings(documents: Documents): DrawingDocument[] {
  const { shared = {}, patterns = {} } = (documents.style?.records ?? {}) as Partial<StyleDocument['records']>
  const { overlays = {}, alternatives = {} } = siteRecords(documents)
  const others = { ...shared, ...patterns, ...overlays, ...alternatives }
  return Object.values(documents).filter(
    ({ kind, id }) => kind === 'drawing' && !(id in others),
  ) as unknown as DrawingDocument[]
}

const siteRecords = (documents: Documents) =>
  (documents.site?.records ?? {}) as unknown as Partial<SiteDocument['records']>

/** What a drawing is called: as its page, or as the shared block or the pattern it is. */
export function drawingTitle(documents: Documents, id: string): string | undefined {
  const { pages = {}, overlays = {}, alternatives = {} } = siteRecords(documents)
  const { shared = {}, patterns = {} } = (documents.style?.records ?? {}) as Partial<StyleDocument['records']>
  const named = shared[id] ?? patterns[id] ?? overlays[id] ?? alternatives[id]
  return pages[id]?.title ?? named?.name
}

/** The pictures that pages may show: those of their blocks, of shared blocks, of content items and of the guide's parts. */
export function picturesShown(
  drawings: DrawingDocument[],
  style: StyleDocument,
  around: Documents = {},
): string[] {
  const shared = Object.keys(around).flatMap((id) => drawingIn(around, id) ?? [])
  const blocks = [...drawings, ...shared].flatMap(({ records }) => Object.values(records.blocks ?? {}))
  const items = Object.values(contentIn(around)?.records.items ?? {})
  const parts = Object.values(style.records.parts).flatMap(backdropAssets)
  return [...new Set([...blocks.flatMap(assetsOf), ...items.flatMap(({ asset }) => asset ?? []), ...parts])]
}

export const drawingIn = (around: Documents | undefined, id: string) =>
  around?.[id]?.kind === 'drawing' ? (around[id] as unknown as DrawingDocument) : undefined

export const collectionIn = (around: Documents | undefined, id: string) =>
  around?.[id]?.kind === 'collection' ? (around[id] as unknown as CollectionDocument) : undefined

export const contentIn = (around: Documents | undefined) =>
  around?.content as unknown as ContentDocument | undefined
