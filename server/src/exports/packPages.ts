import { inOrder } from '@nolvex/core/document/tree'
import type { Documents } from '@nolvex/core/document/types'
import type { Moment } from '@nolvex/core/resolve/resolvePage'
import { pageAddresses, pathFromTitle } from '@nolvex/core/site/address'
import type { Page, SiteDocument } from '@nolvex/core/site/site'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import type { PackExport } from './jobModel'

/** A picture of a project with its bytes. */
export interface PackAsset {
  id: string
  type: string
  bytes: Uint8Array
}

/** Everything a pack is rendered from. */
export interface PackInput extends PackExport {
  title: string
  documents: Documents
  assets: PackAsset[]
}

/** A file of a pack: its path in the folder, and what is in it. */
export interface PackFile {
  path: string
  bytes: Uint8Array
}

/** The pages that are wanted and drawn, in the map's order. */
export function pagesDrawn({ documents, pages }: Pick<PackInput, 'documents' | 'pages'>): Page[] {
  const isDrawn = (id: string) => Object.keys(documents[id]?.records.blocks ?? {}).length > 0
  return pagesInOrder(siteIn(documents).records.pages)
    .map(({ page }) => page)
    .filter(({ id }) => isDrawn(id) && (pages.length === 0 || pages.includes(id)))
}

/** A page as it usually is, or in one of its own states. */
export interface ShownPage {
  id: string
  page: Page
  title: string
  address: string
  moment: Moment
}

/** The pages that are wanted, each followed by what it is in its own states, which stand below its address. */
export function pagesShown(input: Pick<PackInput, 'documents' | 'pages'>): ShownPage[] {
  const { records } = siteIn(input.documents)
  const addresses = pageAddresses(records.pages)
  return pagesDrawn(input).flatMap((page): ShownPage[] => {
    const title = page.title || 'Untitled'
    const address = addresses.get(page.id) ?? '/'
    const states = inOrder(Object.values(records.pageStates).filter((state) => state.page === page.id))
    return [
      { id: page.id, page, title, address, moment: {} },
      ...states.map(({ id, name }) => ({
        ...{ id, page, title: `${title}: ${name}`, moment: { pageState: id } },
        address: `${address.replace(/\/$/, '')}/state-${pathFromTitle(name) || 'own'}`,
      })),
    ]
  })
}

export const siteIn = (documents: Documents) => documents.site as unknown as SiteDocument
