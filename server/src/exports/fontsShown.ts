import type { BlockNode, PageNode } from '@nolvex/core/resolve/node'
import { LAST_RESORT, PAGE_FAMILY } from '@nolvex/core/text/fontCatalogue'
import type { FontFile } from '@nolvex/core/text/fontLibrary'

/** The fonts pages at all their bands are set in, and those that step in for signs others lack. */
export function fontsShown<Font extends Pick<FontFile, 'family'>>(pages: PageNode[], fonts: Font[]): Font[] {
  const families = new Set<string>([PAGE_FAMILY, LAST_RESORT])
  const walk = (nodes: BlockNode[]) => {
    for (const { look, children } of nodes) {
      families.add(look.level.family)
      walk(children)
    }
  }
  for (const page of pages) walk(page.children)
  return fonts.filter(({ family }) => families.has(family))
}
