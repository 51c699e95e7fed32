import { pageAddresses } from '../site/address'
import { sectionsOf } from '../site/pageChanges'
import type { SiteRecords } from '../site/site'
import { pagesInOrder } from '../site/treeOrder'
import { writeCsv } from './csv'

/** The pages as CSV, in the order of the tree; id and parent columns let it be read back. */
export function writePagesCsv(site: SiteRecords): string {
  const addresses = pageAddresses(site.pages)
  const rows = pagesInOrder(site.pages).map(({ page, depth }) => [
    page.id,
    page.parent,
    page.title,
    page.path,
    depth,
    addresses.get(page.id),
    page.state,
    page.purpose,
    page.goal,
    sectionsOf(site.sections, page.id)
      .map(({ name }) => name)
      .join(', '),
  ])
  const heading = [
    'id',
    'parent',
    'title',
    'path',
    'depth',
    'full address',
    'state',
    'purpose',
    'goal',
    'sections',
  ]
  return writeCsv(heading, rows)
}
