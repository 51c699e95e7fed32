import { applyChange } from '../document/apply'
import { putAmong } from '../document/placing'
import type { ChangePart, Documents, Operation } from '../document/types'
import { putBlock } from '../drawing/drawing'
import { putShared } from '../style/style'
import { documentKinds } from '../resolve/documentKinds'
import { commonSections, sectionsOf } from '../site/pageChanges'
import type { Page, SiteDocument } from '../site/site'
import { allNamed, draftPage, drawSection } from './draftPage'
import { lacksTitle, planPage, TITLE, type DraftSources } from './planPage'
import { guessSections, pagesBelowHome } from './guessSections'

/**
 * Draws pages from the map, as one change; common sections become shared blocks. Pages without sections get those guessed for them, a map without a common header
 * and footer gets both, and one without menus gets two, so that every section of a drawing is one of the map.
 * @param pages that have no drawing yet
 * @returns after each page how many are drawn; at the end the parts of the change
 */
export function* draftPages(
  sources: DraftSources,
  pages: Page[],
  newId: () => string,
): Generator<number, ChangePart[]> {
  const planning = [...planSections(sources, pages, newId), ...planMenus(sources.site, newId)]
  const planned = { ...sources, site: after(sources.site, planning) }
  const common = shareCommon(planned, pages, newId)
  const style = after(sources.style, common.style)
  const drawings: ChangePart[] = []
  for (const page of pages) {
    const operations = draftPage({ ...planned, style }, page, newId).map(putBlock)
    drawings.push({ document: page.id, kind: 'drawing', operations })
    yield drawings.length
  }
  const partOf = (kind: string, operations: Operation[]) =>
    operations.length ? [{ document: kind, kind, operations }] : []
  return [...partOf('site', planning), ...partOf('style', common.style), ...common.originals, ...drawings]
}

/** Shared blocks for the sections that stand on every page, so that a change to one is a change to all. */
function shareCommon(sources: DraftSources, pages: Page[], newId: () => string) {
  const { style } = sources
  const known = new Set(Object.values(style.records.shared).map(({ section }) => section))
  const originals: ChangePart[] = []
  const puts: Operation[] = []
  for (const page of pages)
    for (const planned of planPage(sources, page)) {
      const { section, name } = planned
      if (!section || sources.site.records.sections[section]?.page || known.has(section)) continue
      known.add(section)
      const id = newId()
      const [{ section: common, ...root }, ...below] = drawSection(sources, page, planned, 'a0', newId)
      const original = allNamed([root, ...below])
      originals.push({ document: id, kind: 'drawing', operations: original.map(putBlock) })
      puts.push(...putShared(after(style, puts), { id, name, root: root.id, section }))
    }
  return { originals, style: puts }
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
export function planSections(sources: DraftSources, pages: Page[], newId: () => string): Operation[] {
  const { records } = sources.site
  const { sections } = records
  const common = (['top', 'bottom'] as const).flatMap((end) => {
    if (commonSections(sections, end).length) return []
    const [name, pattern] = end === 'top' ? ['Header', 'header'] : ['Footer', 'footer']
    return putAmong('sections', [], 0, [{ id: newId(), name, pattern, common: end }])
  })
  const own = pages.flatMap((page) => {
    const planned = sectionsOf(sections, page.id)
    if (planned.length) {
      const title = { id: newId(), page: page.id, ...TITLE }
      return lacksTitle(sources, page) ? putAmong('sections', planned, 0, [title]) : []
    }
    const made = guessSections(records.pages, page).map(({ name, pattern }) => {
      return { id: newId(), page: page.id, name: name.slice(0, 200), pattern }
    })
    return putAmong('sections', [], 0, made)
  })
  return [...common, ...own]
}

/** A document after operations on it. */
function after<T extends { id: string; kind: string }>(document: T, operations: Operation[]): T {
  const { id, kind } = document
  const documents = { [id]: document } as unknown as Documents
  return applyChange(documentKinds, documents, [{ document: id, kind, operations }]).documents[
    id
  ] as unknown as T
}
