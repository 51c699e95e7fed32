import type { Block } from '../block/block'
import { namesForSameNamed, namesForUnnamed } from '../drawing/blockNames'
import { bandsOf } from '../resolve/resolvePage'
import type { Page } from '../site/site'
import { contentFor } from './contentFor'
import type { Chosen } from './pattern'
import { placePieces } from './placePieces'
import { planPage, type DraftSources, type PlannedSection } from './planPage'
import type { SectionContent } from './sectionContent'
import { bindContent, itemsOf } from './sectionItems'

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
  const content = contentFor(sources, page, planned)
  const piece = planned.pattern.make(content, { ...planned.chosen, ...countOf(sources, planned, content) })
  const [top, ...below] = placePieces(piece, bandsOf(sources.site), newId)
  const named: Block = { ...top, name: planned.name, order }
  const own = [planned.section ? { ...named, section: planned.section } : named, ...below]
  return bindContent(own, itemsOf(sources.content, page, planned.section))
}

/** As many as there are to show, where nobody chose how many. */
function countOf(
  { site }: DraftSources,
  { section, pattern }: PlannedSection,
  { parts }: SectionContent,
): Chosen {
  const isChosen = section !== undefined && site.records.sections[section]?.chosen?.count !== undefined
  const parameter = pattern.parameters.find((one) => one.name === 'count')
  if (isChosen || parameter?.type !== 'count' || parts.length === 0) return {}
  return { count: Math.min(parameter.most, Math.max(parameter.least, parts.length)) }
}
