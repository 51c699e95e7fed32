import type { IconData } from '../block/iconData'
import type { Target } from '../block/target'
import { standIn, type CountedStandIn } from './standIns'

/** One of several like things in a section: a card, a step, a question. */
export interface ContentPart {
  title: string
  text: string
  to?: Target
}

/** What a section is to say, as far as the map and the content know it. */
export interface SectionContent {
  /** what it is called on the map */
  name: string
  /** the page's title */
  page: string
  heading: string
  text: string
  /** its parts; patterns that need more make them up */
  parts: ContentPart[]
  /** the one thing a visitor should do */
  action: string
  to?: Target
  siteName: string
  /** menus by kind */
  menus: Partial<Record<'main' | 'footer' | 'utility', string>>
  /** a sign for a part: for what its title speaks of, or in turns */
  icon: (index: number, title?: string) => IconData
}

/** So many parts: those there are, then made up ones that are plainly that. @param what one is called */
export function partsOf({ parts }: SectionContent, count: number, what: CountedStandIn): ContentPart[] {
  return Array.from({ length: count }, (_, index) => {
    return parts[index] ?? { title: `${what} ${index + 1}`, text: standIn(index) }
  })
}
