import { contentNumber, type ContentItem } from '../../content/content'
import { entryLabel } from '../../site/menuChanges'
import type { SiteRecords } from '../../site/site'

/** What would lose its page, in words, were pages deleted. */
export interface PageReferences {
  menus: string[]
  journeys: string[]
  links: number
  content: string[]
}

/** What refers to any of these pages from menus, journeys, links of other pages and content. */
export function referencesTo(
  site: SiteRecords,
  items: Record<string, ContentItem>,
  pages: ReadonlySet<string>,
): PageReferences {
  const menus = Object.values(site.menuEntries)
    .filter(({ page }) => page && pages.has(page))
    .map((entry) => `${site.menus[entry.menu]?.name ?? 'Menu'}: ${entryLabel(entry, site.pages)}`)
  const walked = new Set(
    Object.values(site.stops)
      .filter(({ page }) => pages.has(page))
      .map(({ journey }) => journey),
  )
  const links = Object.values(site.links).filter(({ from, to }) => pages.has(to) && !pages.has(from))
  const content = Object.values(items)
    .filter(({ page }) => page && pages.has(page))
    .map(({ number, title }) => `${contentNumber(number)} ${title}`.trim())
  return {
    menus,
    journeys: [...walked].map((id) => site.journeys[id]?.name || 'Untitled journey'),
    links: links.length,
    content,
  }
}

export const hasReferences = ({ menus, journeys, links, content }: PageReferences): boolean =>
  menus.length + journeys.length + links + content.length > 0
