import type { IconData } from '../block/iconData'
import type { Target } from '../block/target'

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
  /** a sign for a part, in turns */
  icon: (index: number) => IconData
}

const SENTENCES = [
  'Words that say in one or two sentences what a visitor finds here and why it matters to them.',
  'A short text, so that somebody who reads nothing else knows what comes next.',
  'What makes this different, said plainly and in the reader’s own words.',
  'Where it happens, when, and what one has to bring along.',
  'The answer to what people ask most often about this.',
  'What to do if something goes wrong, and whom to ask.',
]

/** Words that stand until the copy is there. */
export const standIn = (index = 0): string => SENTENCES[index % SENTENCES.length]

/** Whether words only stand until the copy is there. */
export const isStandIn = (text: string): boolean => STAND_INS.has(text.trim())
const STAND_INS = new Set([...SENTENCES, 'What they do', 'Who runs this site, and where they are.'])

/** So many parts: those there are, then made up ones that are plainly that. @param what one is called */
export function partsOf({ parts }: SectionContent, count: number, what: string): ContentPart[] {
  return Array.from({ length: count }, (_, index) => {
    return parts[index] ?? { title: `${what} ${index + 1}`, text: standIn(index) }
  })
}
