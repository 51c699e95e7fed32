import type { ContentDocument } from '../content/content'
import { homePage } from '../site/address'
import { sectionsShown } from '../site/pageChanges'
import type { Page, Section, SiteDocument } from '../site/site'
import type { StyleDocument } from '../style/style'
import { guessPattern } from './guessPattern'
import { guessSections } from './guessSections'
import { usualChoice, type Chosen, type Pattern } from './pattern'
import { patternById, patterns } from './patterns'

/** What drafts are made from. */
export interface DraftSources {
  site: SiteDocument
  content: ContentDocument
  style: StyleDocument
  /** what the project is called, which its pages sign with */
  name: string
}

/** A section as it will be drawn: one of the map's, or one that is guessed. */
export interface PlannedSection {
  /** id of the map's section */
  section?: string
  name: string
  purpose?: string
  pattern: Pattern
  chosen: Chosen
}

/** The sections a page will be drawn with, from top to bottom, each with its pattern. */
export function planPage({ site }: DraftSources, page: Page): PlannedSection[] {
  const { pages, sections } = site.records
  const shown = sectionsShown({ pages: { [page.id]: page }, sections }).get(page.id) ?? []
  const isHome = homePage(pages)?.id === page.id
  const own = shown.filter((section) => section.page === page.id)
  const planned = (section: Section): PlannedSection =>
    plannedFor(section, { isHome, isFirst: section === own[0] })
  const common = (end: 'top' | 'bottom') =>
    shown.filter((section) => !section.page && (section.common ?? 'top') === end).map(planned)
  const drawn = own.map(planned)
  const between = own.length
    ? [...(begins(drawn) ? [] : [guessed(TITLE)]), ...drawn]
    : guessSections(pages, page).map(guessed)
  const all = [
    ...orElse(common('top'), 'header', 'Header'),
    ...between,
    ...orElse(common('bottom'), 'footer', 'Footer'),
  ]
  const { without = {} } = site.records.settings.site
  return all.map((one) => buildable(one, without))
}

/** What a page whose own sections do not begin one begins with, so that it says what it is. */
export const TITLE = { name: 'Title of the page', pattern: 'page-title' }

/** Whether sections begin a page: the first of them says what it is. */
const begins = ([first]: PlannedSection[]): boolean =>
  first !== undefined && (first.pattern.group === 'begin' || first.pattern.id === 'nothing-found')

/** Whether a page lacks a section that says what it is. */
export const lacksTitle = (sources: DraftSources, page: Page): boolean =>
  planPage(sources, page).some(
    ({ section, pattern }) => section === undefined && pattern.id === TITLE.pattern,
  )

/** What the platform cannot build is drawn by the next pattern of its group that it can, else as words. */
function buildable(planned: PlannedSection, without: Record<string, true>): PlannedSection {
  const { pattern } = planned
  if (!without[pattern.id]) return planned
  const other =
    patterns.find(({ id, group }) => group === pattern.group && !without[id]) ??
    (patternById('words') as Pattern)
  return { ...planned, pattern: other, chosen: usualChoice(other) }
}

/** Pages have a header and a footer though the map names none. */
function orElse(planned: PlannedSection[], pattern: string, name: string): PlannedSection[] {
  return planned.length ? planned : [guessed({ name, pattern })]
}

function guessed({ name, pattern: id }: { name: string; pattern: string }): PlannedSection {
  const pattern = patternById(id) as Pattern
  return { name, pattern, chosen: usualChoice(pattern) }
}

/** A section of the map with the pattern that is chosen for it, else the one its name asks for. */
export function plannedFor(
  { id, name, purpose, pattern: wanted, chosen, page, common }: Section,
  { isHome, isFirst }: { isHome: boolean; isFirst: boolean },
): PlannedSection {
  const place = { common: page ? undefined : (common ?? 'top'), isHome, isFirst }
  const pattern = (wanted && patternById(wanted)) || guessPattern(wanted || name, place)
  return { section: id, name, purpose, pattern, chosen: { ...usualChoice(pattern), ...chosen } }
}
