import { contentNumber, type ContentItem } from '../content/content'
import { inOrder } from '../document/tree'
import { pageAddresses } from '../site/address'
import { sectionsOf } from '../site/pageChanges'
import type { SiteRecords } from '../site/site'
import { pagesInOrder } from '../site/treeOrder'

/** Markdown's own signs in text made plain. */
const plain = (text: string) => text.replace(/\s+/g, ' ').replace(/([\\`*_[\]<>#|])/g, '\\$1')

/** The map as a check list in Markdown: pages as they stand in the tree, with what is still to do on each. */
export function writeCheckList(name: string, site: SiteRecords, items: ContentItem[]): string {
  const addresses = pageAddresses(site.pages)
  const lines = [`# ${plain(name)}`, '']
  for (const { page, depth } of pagesInOrder(site.pages)) {
    const indent = '  '.repeat(depth)
    const isDone = page.state === 'agreed'
    lines.push(
      `${indent}- [${isDone ? 'x' : ' '}] **${plain(page.title || 'Untitled')}** ${plain(addresses.get(page.id) ?? '')}`.trimEnd(),
    )
    for (const section of sectionsOf(site.sections, page.id))
      lines.push(`${indent}  - ${plain(section.name)}`)
    const demands = inOrder(Object.values(site.requirements).filter((one) => one.page === page.id))
    for (const { number, text, state } of demands)
      lines.push(`${indent}  - [${state === 'met' ? 'x' : ' '}] R-${number} ${plain(text)}`)
    for (const item of items.filter((one) => one.page === page.id))
      lines.push(
        `${indent}  - [${item.state === 'final' ? 'x' : ' '}] ${contentNumber(item.number)} ${plain(item.title)}`,
      )
  }
  return `${lines.join('\n')}\n`
}
