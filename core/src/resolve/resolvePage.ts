import { kindOf, type Block } from '../block/block'
import { changedRecords } from '../document/recordChanges'
import type { DrawingDocument } from '../drawing/drawing'
import { bandsInOrder } from '../grid/band'
import { gridOfPage } from '../site/pageGrid'
import { siteFactsAt } from '../site/siteFacts'
import type { Band, SiteDocument } from '../site/site'
import type { StyleDocument } from '../style/style'
import { blockValue, orderAtBand } from './blockLayers'
import type { AtBand, Bands } from './cascade'
import { ChildIndex } from './childIndex'
import { InstanceMaker } from './instance'
import type { BlockNode, PageNode } from './node'
import { StyleTokens } from './styleTokens'

/** What a page is resolved from. */
export interface PageSources {
  drawing: DrawingDocument
  site: SiteDocument
  style: StyleDocument
}

/** The bands of a site, from narrow to wide, with the lead. */
export function bandsOf(site: SiteDocument): Bands<Band> {
  return { inOrder: bandsInOrder(Object.values(site.records.bands)), lead: site.records.settings.site.lead }
}

const WHITE = '#ffffff'

/** An instance with what it was made from; it holds while these are the same objects. */
interface Made {
  block: Block
  children: BlockNode[]
  node: BlockNode
}

/** What a resolver knows of a page between two changes. */
interface Known {
  /** whatever makes every instance another: the site's bands, settings and pages, the style, the band, the page */
  context: unknown[]
  blocks: Record<string, Block>
  index: ChildIndex
  at: AtBand
  maker: InstanceMaker
  made: Map<string, Made>
}

/**
 * Resolves drawings into trees, keeping the instances of blocks that did not change, so that layout can keep what it
 * measured. After a change only what changed and what that stands in is looked at.
 */
export class PageResolver {
  private known: Known | undefined

  constructor(private options: { withHidden: boolean } = { withHidden: false }) {}

  /** The page at a band. @param band its id */
  resolve(sources: PageSources, band: string): PageNode {
    const { settings } = sources.site.records
    const known = this.knownOf(sources, band)
    const touched = this.takeIn(known, sources.drawing.records.blocks)
    return {
      band,
      rootSize: settings.site.rootSize ?? 100,
      ground: settings.site.pageGround ?? WHITE,
      children: this.nodesBelow(null, known, touched),
    }
  }

  private knownOf({ drawing, site, style }: PageSources, band: string): Known {
    const { bands, settings, pages, sections, menus, menuEntries } = site.records
    const context = [bands, settings, pages, sections, menus, menuEntries, style, band, drawing.id]
    if (this.known && sameElements(this.known.context, context)) return this.known
    const at: AtBand = { bands: bandsOf(site), band }
    const maker = new InstanceMaker({
      document: drawing.id,
      at,
      grid: gridOfPage(site.records, drawing.id, band),
      tokens: new StyleTokens(style, at),
      site: siteFactsAt(site.records, drawing.id),
      withHidden: this.options.withHidden,
    })
    const { blocks } = drawing.records
    return (this.known = { context, blocks, index: new ChildIndex(blocks), at, maker, made: new Map() })
  }

  /** Takes in what changed. @returns ids of the blocks that changed and of all that they stand or stood in */
  private takeIn(known: Known, blocks: Record<string, Block>): Set<string> {
    const before = known.blocks
    const touched = new Set<string>()
    if (blocks === before) return touched
    for (const id of changedRecords(before, blocks)) {
      known.index.update(before[id], blocks[id])
      touched.add(id)
      for (const state of [before, blocks])
        for (let up = state[id]?.parent; up && !touched.has(up); up = state[up]?.parent) touched.add(up)
      if (!blocks[id]) known.made.delete(id)
    }
    known.blocks = blocks
    return touched
  }

  private nodesBelow(parent: string | null, known: Known, touched: Set<string>): BlockNode[] {
    const blocks = known.index.below(parent)
    const shown = this.options.withHidden ? blocks : blocks.filter((block) => !isHidden(block, known.at))
    return inBandOrder(shown, known.at).map((block) => this.node(block, known, touched))
  }

  /** Ids of what stands in a block with panes, whatever a band hides or reorders: which of them is open goes by it. */
  private leadOrder(block: Block, { index }: Known): string[] | undefined {
    if (!kindOf(block).hasPanes) return undefined
    return index.below(block.id).map(({ id }) => id)
  }

  private node(block: Block, known: Known, touched: Set<string>): BlockNode {
    const made = known.made.get(block.id)
    if (made && !touched.has(block.id)) return made.node
    const children = this.nodesBelow(block.id, known, touched)
    if (made?.block === block && sameElements(made.children, children)) return made.node
    const node = known.maker.instance(block, children, this.leadOrder(block, known))
    known.made.set(block.id, { block, children, node })
    return node
  }
}

/** Resolves a page once; see `PageResolver` for pages that change. */
export function resolvePage(sources: PageSources, band: string): PageNode {
  return new PageResolver().resolve(sources, band)
}

/** A page at every band, narrow to wide, with the blocks a band hides. */
export function resolveAllBands(sources: PageSources): PageNode[] {
  return bandsOf(sources.site).inOrder.map(({ id }) =>
    new PageResolver({ withHidden: true }).resolve(sources, id),
  )
}

const isHidden = (block: Block, at: AtBand): boolean =>
  block.hidden === undefined && block.at === undefined
    ? false
    : blockValue(block, ['hidden'], at).value === true

function inBandOrder(blocks: Block[], atBand: AtBand): Block[] {
  if (!blocks.some(({ at }) => at)) return blocks
  const keyed = blocks.map((block) => ({ block, key: orderAtBand(block, atBand) }))
  return keyed.sort((a, b) => (a.key < b.key ? -1 : a.key > b.key ? 1 : 0)).map(({ block }) => block)
}

function sameElements(a: unknown[], b: unknown[]): boolean {
  return a.length === b.length && a.every((element, index) => element === b[index])
}
