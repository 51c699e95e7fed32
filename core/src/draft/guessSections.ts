import { childrenOf } from '../document/tree'
import { homePage } from '../site/address'
import type { Page } from '../site/site'
import { guessPattern } from './guessPattern'

/** A section a page without any is offered. */
export interface GuessedSection {
  name: string
  /** id of the pattern it is drawn by */
  pattern: string
}

/** Kinds of page by words of their titles, with the sections such pages mostly have after their title. */
const KINDS: { words: RegExp; sections: GuessedSection[] }[] = [
  { words: /not found|404|error/i, sections: [{ name: 'Nothing found', pattern: 'nothing-found' }] },
  {
    words: /contact|reach|write to|find us|directions|visit/i,
    sections: [
      { name: 'Write to us', pattern: 'contact' },
      { name: 'Where we are', pattern: 'place' },
    ],
  },
  {
    words: /price|fare|rate|cost|fee|plan|ticket|membership/i,
    sections: [
      { name: 'What it costs', pattern: 'prices' },
      { name: 'Questions', pattern: 'questions' },
      { name: 'Next step', pattern: 'call-to-action' },
    ],
  },
  {
    words: /faq|question|help|support/i,
    sections: [
      { name: 'Questions', pattern: 'questions' },
      { name: 'Ask us', pattern: 'contact' },
    ],
  },
  {
    words: /about|who we|history|story|philosophy/i,
    sections: [
      { name: 'Our story', pattern: 'words-and-picture' },
      { name: 'Who we are', pattern: 'people' },
      { name: 'In figures', pattern: 'figures' },
    ],
  },
  {
    words: /team|staff|people|crew|doctor|teacher/i,
    sections: [{ name: 'Who we are', pattern: 'people' }],
  },
  {
    words: /news|blog|journal|notice|event|stories/i,
    sections: [
      { name: 'What is new', pattern: 'latest' },
      { name: 'Be told', pattern: 'sign-up' },
    ],
  },
  {
    words: /time ?table|hours|schedule|opening|calendar|programme/i,
    sections: [
      { name: 'Times', pattern: 'timetable' },
      { name: 'Good to know', pattern: 'questions' },
    ],
  },
  {
    words: /gallery|picture|photo|portfolio|work|project/i,
    sections: [{ name: 'Pictures', pattern: 'gallery' }],
  },
  {
    words: /imprint|legal|privacy|terms|condition|cookie|accessib/i,
    sections: [{ name: 'The text', pattern: 'words' }],
  },
  {
    words: /book|order|buy|apply|sign ?up|register|refund|request|appointment|donate|join/i,
    sections: [
      { name: 'How it works', pattern: 'steps' },
      { name: 'The form', pattern: 'contact' },
    ],
  },
]

/** Pages of the tree below the first one; in a plain list, those beside it. */
export function pagesBelowHome(pages: Record<string, Page>): Page[] {
  const home = homePage(pages)
  const inTree = (parent: string | null) => childrenOf(pages, parent).filter(({ kind }) => kind === undefined)
  const below = home ? inTree(home.id) : []
  return below.length ? below : inTree(null).filter((page) => page !== home)
}

/** The sections a page without any may have, guessed from its title, its place in the tree and what is below it. */
export function guessSections(pages: Record<string, Page>, page: Page): GuessedSection[] {
  if (homePage(pages)?.id === page.id) return homeSections(pagesBelowHome(pages).length > 1)
  const below = childrenOf(pages, page.id).filter(({ kind }) => kind === undefined)
  const children = below.length > 1 ? [{ name: `Pages of ${page.title}`, pattern: 'cards' }] : []
  const found = KINDS.find(({ words }) => words.test(page.title))
  if (found?.sections[0].pattern === 'nothing-found') return found.sections
  const title = { name: page.title, pattern: 'page-title' }
  if (found) return [title, ...found.sections, ...children]
  if (children.length) return [title, ...children, { name: 'Next step', pattern: 'call-to-action' }]
  const own = guessPattern(page.title, { isFirst: false, isHome: false })
  const main =
    own.id === 'words'
      ? [
          { name: 'What it is', pattern: 'words-and-picture' },
          { name: 'In short', pattern: 'features' },
        ]
      : [{ name: page.title, pattern: own.id }]
  return [title, ...main, { name: 'Next step', pattern: 'call-to-action' }]
}

const homeSections = (hasChildren: boolean): GuessedSection[] => [
  { name: 'Welcome', pattern: 'hero-beside' },
  hasChildren ? { name: 'What there is', pattern: 'cards' } : { name: 'What we do', pattern: 'features' },
  { name: 'Who we are', pattern: 'words-and-picture' },
  { name: 'What others say', pattern: 'quotes' },
  { name: 'Next step', pattern: 'call-to-action' },
]
