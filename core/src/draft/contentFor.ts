import { childrenOf } from '../document/tree'
import { homePage } from '../site/address'
import { menusInOrder } from '../site/menuChanges'
import type { Page } from '../site/site'
import { signFor } from './draftIcons'
import { pagesBelowHome } from './guessSections'
import type { Pattern } from './pattern'
import type { DraftSources, PlannedSection } from './planPage'
import type { ContentPart, SectionContent } from './sectionContent'
import { standIn } from './standIns'
import { itemsOf } from './sectionItems'

/** What a section is to say: the words of its content items, else of the map, else words that stand in. */
export function contentFor(
  { site, content, name: siteName }: DraftSources,
  page: Page,
  { section, name, purpose, pattern }: PlannedSection,
): SectionContent {
  const { pages, menus } = site.records
  const items = itemsOf(content, page, section)
  const isBeginning = pattern.group === 'begin' || pattern.id === 'nothing-found'
  const isHome = homePage(pages)?.id === page.id
  const named = pageCalled(pages, page, name)
  const listed = named ?? page
  const below =
    isHome && !named
      ? pagesBelowHome(pages)
      : childrenOf(pages, listed.id).filter(({ kind }) => kind === undefined)
  const { heading, text, parts: written } = items
  const parts = written.length
    ? written.map(({ title, text: words }) => ({ title, text: words }))
    : listsPages(pattern, name)
      ? below.map(partOf)
      : []
  const next = named ?? below.at(0)
  const title = headingFor(name, pattern)
  return {
    name,
    page: page.title,
    heading: heading?.text ?? (isBeginning ? (isHome ? siteName : page.title) : title),
    text: text?.text ?? purpose ?? (isBeginning ? (page.purpose ?? standIn(0)) : standIn(1)),
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

/** Another page a section is called after: “Courses” on the first page shows the courses. */
function pageCalled(pages: Record<string, Page>, page: Page, name: string): Page | undefined {
  const wanted = name.trim().toLowerCase()
  return Object.values(pages).find(
    ({ id, title, shortName, kind }) =>
      id !== page.id &&
      kind === undefined &&
      [title, shortName].some((called) => called?.trim().toLowerCase() === wanted),
  )
}

/** Names that say what a section is made of and nothing a visitor would read. */
const PLAIN_NAMES =
  /^(?:the )?(?:form|map|table|price table|picture|pictures|image|cards|list|gallery|accordion|tabs|video|list of .+)$/i

/** What heads a section: its name as a title, or, where that only says what it is made of, what its pattern is for. */
function headingFor(name: string, { usualHeading }: Pattern): string {
  const clean = name.trim()
  if (PLAIN_NAMES.test(clean)) return usualHeading ?? capitalised(clean.replace(/^list of /i, ''))
  return capitalised(clean)
}
const capitalised = (words: string) => words.charAt(0).toUpperCase() + words.slice(1)

const LISTS = ['cards', 'gallery']
const listsPages = ({ id }: Pattern, name: string) =>
  LISTS.includes(id) || /pages of|what there is/i.test(name)

const partOf = ({ id, title, purpose }: Page, index: number): ContentPart => ({
  title,
  text: purpose ?? standIn(index),
  to: { page: id },
})
