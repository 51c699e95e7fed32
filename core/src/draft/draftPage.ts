import type { Block } from '../block/block'
import type { ContentDocument } from '../content/content'
import { childrenOf } from '../document/tree'
import { namesForSameNamed, namesForUnnamed } from '../drawing/blockNames'
import { homePage } from '../site/address'
import { menusInOrder } from '../site/menuChanges'
import { sectionsShown } from '../site/pageChanges'
import type { Page, Section, SiteDocument } from '../site/site'
import type { StyleDocument } from '../style/style'
import { bindContent, itemsOf } from './sectionItems'
import { bandsOf } from '../resolve/resolvePage'
import { signFor } from './draftIcons'
import { guessPattern } from './guessPattern'
import { guessSections, pagesBelowHome } from './guessSections'
import { usualChoice, type Chosen, type Pattern } from './pattern'
import { patternById, patterns } from './patterns'
import { placePieces } from './placePieces'
import { standIn, type ContentPart, type SectionContent } from './sectionContent'

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
  const between = own.length ? own.map(planned) : guessSections(pages, page).map(guessed)
  const all = [
    ...orElse(common('top'), 'header', 'Header'),
    ...between,
    ...orElse(common('bottom'), 'footer', 'Footer'),
  ]
  const { without = {} } = site.records.settings.site
  return all.map((one) => buildable(one, without))
}

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

/**
 * Draws a page from the map for all bands: its sections by their patterns, with the words the content has.
 * @returns its blocks, each section with the map's it is of
 */
export function draftPage(sources: DraftSources, page: Page, newId: () => string): Block[] {
  const drawn = planPage(sources, page).flatMap((planned, index) =>
    draftSection(sources, page, planned, `a${index.toString(36).padStart(3, '0')}`, newId),
  )
  return allNamed(drawn)
}

/** Blocks each called by a name of its own, which becomes its name in the code. */
export function allNamed(drawn: Block[]): Block[] {
  const byId = (blocks: Block[]) => Object.fromEntries(blocks.map((block) => [block.id, block]))
  const called = (blocks: Block[], names: Map<string, string>) =>
    blocks.map((block) => (names.has(block.id) ? { ...block, name: names.get(block.id) } : block))
  const named = called(drawn, namesForUnnamed(byId(drawn)))
  return called(named, namesForSameNamed(byId(named)))
}

/** Draws one section of a page; one that is shared is put there as a copy. @param order of it among the others */
export function draftSection(
  sources: DraftSources,
  page: Page,
  planned: PlannedSection,
  order: string,
  newId: () => string,
): Block[] {
  const { section, name } = planned
  const shared = section && Object.values(sources.style.records.shared).find((one) => one.section === section)
  if (!shared) return drawSection(sources, page, planned, order, newId)
  return [{ id: newId(), order, kind: 'copy', name, section, data: { shared: shared.id, isSection: true } }]
}

/** The blocks of one section of a page, itself first. */
export function drawSection(
  sources: DraftSources,
  page: Page,
  planned: PlannedSection,
  order: string,
  newId: () => string,
): Block[] {
  const piece = planned.pattern.make(contentFor(sources, page, planned), planned.chosen)
  const [top, ...below] = placePieces(piece, bandsOf(sources.site), newId)
  const named: Block = { ...top, name: planned.name, order }
  const own = [planned.section ? { ...named, section: planned.section } : named, ...below]
  return bindContent(own, itemsOf(sources.content, page, planned.section))
}

/** What a section is to say: the words of its content items, else of the map, else words that stand in. */
export function contentFor(
  { site, content, name: siteName }: DraftSources,
  page: Page,
  { section, name, purpose, pattern }: PlannedSection,
): SectionContent {
  const { pages, menus } = site.records
  const items = itemsOf(content, page, section)
  const begins = pattern.group === 'begin' || pattern.id === 'nothing-found'
  const isHome = homePage(pages)?.id === page.id
  const below = isHome
    ? pagesBelowHome(pages)
    : childrenOf(pages, page.id).filter(({ kind }) => kind === undefined)
  const { heading, text, parts: written } = items
  const parts = written.length
    ? written.map(({ title, text: words }) => ({ title, text: words }))
    : listsPages(pattern, name)
      ? below.map(partOf)
      : []
  const [next] = below
  return {
    name,
    page: page.title,
    heading: heading?.text ?? (begins ? (isHome ? siteName : page.title) : name),
    text: text?.text ?? purpose ?? (begins ? (page.purpose ?? standIn(0)) : standIn(1)),
    parts,
    action: page.goal && page.goal.length <= 24 ? page.goal : 'Find out more',
    to: next && { page: next.id },
    siteName,
    menus: Object.fromEntries(
      menusInOrder(menus)
        .map(({ id, kind }) => [kind, id])
        .reverse(),
    ),
    icon: signFor,
  }
}

const LISTS = ['cards', 'latest', 'gallery']
const listsPages = ({ id }: Pattern, name: string) =>
  LISTS.includes(id) || /pages of|what there is/i.test(name)

const partOf = ({ id, title, purpose }: Page, index: number): ContentPart => ({
  title,
  text: purpose ?? standIn(index),
  to: { page: id },
})
