import { applyChange } from '../document/apply'
import { putAmong } from '../document/placing'
import type { ChangePart, Documents, Operation, StoredRecord } from '../document/types'
import { documentKinds } from '../resolve/documentKinds'
import { commonSections, sectionsOf } from '../site/pageChanges'
import type { Page, SiteDocument } from '../site/site'
import { draftPage, type DraftSources } from './draftPage'
import { guessSections, pagesBelowHome } from './guessSections'

const SITE = 'site'

/**
 * Draws pages from the map, as one change. Pages without sections get those guessed for them, a map without a common header
 * and footer gets both, and one without menus gets two, so that every section of a drawing is one of the map.
 * @param pages that have no drawing yet
 * @returns after each page how many are drawn; at the end the parts of the change
 */
export function* draftPages(
  sources: DraftSources,
  pages: Page[],
  newId: () => string,
): Generator<number, ChangePart[]> {
  const planning = [...planSections(sources.site, pages, newId), ...planMenus(sources.site, newId)]
  const site = withOperations(sources.site, planning)
  const drawings: ChangePart[] = []
  for (const page of pages) {
    const operations = draftPage({ ...sources, site }, page, newId).map((block): Operation => {
      return { type: 'put', collection: 'blocks', id: block.id, record: block as unknown as StoredRecord }
    })
    drawings.push({ document: page.id, kind: 'drawing', operations })
    yield drawings.length
  }
  const plan = planning.length ? [{ document: SITE, kind: SITE, operations: planning }] : []
  return [...plan, ...drawings]
}

/** Titles of pages that belong at the foot, and of those no menu names. */
const FOOT = /imprint|legal|privacy|terms|condition|cookie|accessib|sitemap/i
const NOWHERE = /not found|404|error|thank/i
const MOST_IN_MENU = 8

/** A main and a footer menu from the pages below the first one, where the map has no menu at all. */
export function planMenus({ records }: SiteDocument, newId: () => string): Operation[] {
  const { pages, menus } = records
  const offered = pagesBelowHome(pages).filter(({ title }) => !NOWHERE.test(title))
  if (Object.keys(menus).length || offered.length === 0) return []
  const main = offered.filter(({ title }) => !FOOT.test(title)).slice(0, MOST_IN_MENU)
  const foot = offered.filter((page) => !main.includes(page))
  const lists = [
    { name: 'Main', kind: 'main', list: main },
    { name: 'Footer', kind: 'footer', list: foot.length ? foot : main },
  ].map((one) => ({ ...one, id: newId() }))
  const made = lists.map(({ id, name, kind }) => ({ id, name, kind }))
  const entries = lists.flatMap(({ id: menu, list }) =>
    putAmong(
      'menuEntries',
      [],
      0,
      list.map((page) => ({ id: newId(), menu, page: page.id })),
    ),
  )
  return [...putAmong('menus', [], 0, made), ...entries]
}

/** Sections the map lacks for its pages to be drawn. */
export function planSections({ records }: SiteDocument, pages: Page[], newId: () => string): Operation[] {
  const { sections } = records
  const common = (['top', 'bottom'] as const).flatMap((end) => {
    if (commonSections(sections, end).length) return []
    const [name, pattern] = end === 'top' ? ['Header', 'header'] : ['Footer', 'footer']
    return putAmong('sections', [], 0, [{ id: newId(), name, pattern, common: end }])
  })
  const own = pages.flatMap((page) => {
    if (sectionsOf(sections, page.id).length) return []
    const made = guessSections(records.pages, page).map(({ name, pattern }) => {
      return { id: newId(), page: page.id, name: name.slice(0, 200), pattern }
    })
    return putAmong('sections', [], 0, made)
  })
  return [...common, ...own]
}

function withOperations(site: SiteDocument, operations: Operation[]): SiteDocument {
  const documents = { [SITE]: site } as unknown as Documents
  const applied = applyChange(documentKinds, documents, [{ document: SITE, kind: SITE, operations }])
  return applied.documents[SITE] as unknown as SiteDocument
}
