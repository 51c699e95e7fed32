import { kindOf, takesBlocks, type Block } from '../block/block'
import { bandsInOrder } from '../grid/band'
import { gridOfPage } from '../site/pageGrid'
import { USUAL_STATE } from '../site/pageState'
import { siteFactsAt } from '../site/siteFacts'
import type { Band, SiteDocument } from '../site/site'
import { CHILDREN } from '../style/shared'
import type { StyleDocument } from '../style/style'
import type { ColourSet } from '../style/token'
import type { PartState } from '../block/partState'
import { rootFontSize, usualEnvironment } from '../units/environment'
import { blockValue, dressedBlock, orderAtBand, type Dressing } from './blockLayers'
import type { AtBand, Bands } from './cascade'
import { ChildIndex } from './childIndex'
import { InstanceMaker, type Shown } from './instance'
import type { BlockNode, PageNode } from './node'
import { dressesOf, originalBlocks, sameElements, takeIn, type InStates, type KeptPage } from './keptPage'
import { collectionIn, drawingIn, type PageSources } from './pageSources'
import { dressingOf, valuesOf, type Scope } from './scope'
import { seriesRows, type RowChoice } from './seriesRows'
import { contentOf, isMissing, withContent, type ShownRow } from './shownContent'
import { withRows } from './shownRows'
import { StyleParts } from './styleParts'
import { StyleTokens } from './styleTokens'

export type { PageSources } from './pageSources'
export type { InStates } from './keptPage'

/** The bands of a site, from narrow to wide, with the lead. */
export function bandsOf(site: SiteDocument): Bands<Band> {
  return { inOrder: bandsInOrder(Object.values(site.records.bands)), lead: site.records.settings.site.lead }
}

const WHITE = '#ffffff'
/** Rows a series shows before it has any. */
const BLANK_ROWS = 3

/** What a page is shown as: blocks may be for one of them alone. */
export type ShownAs = 'wireframe' | 'mockup'

const AT_REST: InStates = {}

/** What a page is shown in beside at rest and as it usually is. */
export interface Moment {
  inStates?: InStates
  /** one of the page's own states */
  pageState?: string
}

export interface ResolveOptions {
  /** a wireframe where it is not said */
  as?: ShownAs
  /** whether what is hidden at the band stands in the tree all the same */
  withHidden: boolean
  /** whether instances tell how they look in states a visitor brings about */
  withStates?: boolean
  /** the set of colours pages are shown in */
  set?: ColourSet
  /** colours are given by the marks of their tokens */
  namesColours?: boolean
  /** blocks are shown in it, as far as the style guide says how they look there */
  state?: PartState
}

/**
 * Resolves drawings into trees, keeping the instances of blocks that did not change, so that layout can keep what it
 * measured. After a change only what changed and what that stands in is looked at.
 */
export class PageResolver {
  private known: KeptPage | undefined

  constructor(private options: ResolveOptions = { withHidden: false }) {}

  /** The page at a band. @param band its id */
  resolve(sources: PageSources, band: string, { inStates = AT_REST, pageState }: Moment = {}): PageNode {
    const { settings } = sources.site.records
    const known = this.knownOf(sources, band, pageState)
    const touched = takeIn(known, sources, inStates)
    const set = this.options.set ?? 'light'
    return {
      band,
      rootSize: settings.site.rootSize ?? 100,
      ground: groundOf(known.maker, settings.site.pageGround, set),
      hasLines: settings.site.words === 'lines',
      icons: iconLines(sources.style),
      children: this.nodesBelow(null, known.page, known, touched),
    }
  }

  private knownOf(
    { drawing, site, style, around = {} }: PageSources,
    band: string,
    pageState = USUAL_STATE,
  ): KeptPage {
    const { bands, settings, pages, sections, menus, menuEntries, overlays } = site.records
    const context = [
      bands,
      settings,
      pages,
      sections,
      menus,
      menuEntries,
      overlays,
      style,
      band,
      drawing.id,
      pageState,
    ]
    if (this.known && sameElements(this.known.context, context)) return this.known
    const { namesColours } = this.options
    const at = atBand({ site, style }, band)
    const root = rootFontSize({ ...usualEnvironment, rootSize: settings.site.rootSize ?? 100 })
    const maker = new InstanceMaker({
      at,
      parts: at.parts,
      grid: gridOfPage(site.records, drawing.id, band),
      tokens: {
        light: new StyleTokens(style, at, { root, namesColours, set: 'light' }),
        dark: new StyleTokens(style, at, { root, namesColours, set: 'dark' }),
      },
      site: siteFactsAt(site.records, drawing.id),
      withHidden: this.options.withHidden,
      withStates: this.options.withStates ?? false,
      iconSize: style.records.icons?.style?.size,
      state: this.options.state,
    })
    const { blocks } = drawing.records
    const page: Scope = {
      prefix: '',
      document: drawing.id,
      blocks: new ChildIndex(blocks),
      rows: [],
      within: [drawing.id],
      set: this.options.set ?? 'light',
    }
    const { words } = settings.site
    return (this.known = {
      ...{ context, blocks, around, style, words, page, at, maker, pageState, inStates: AT_REST },
      ...{ originals: new Map(), dresses: new Map(), made: new Map() },
    })
  }

  private nodesBelow(
    parent: string | null,
    scope: Scope,
    known: KeptPage,
    touched: Set<string>,
  ): BlockNode[] {
    const isFor = (block: Block) =>
      isShownAs(block, this.options.as ?? 'wireframe') && isShownWhen(block, known.pageState)
    const below = scope.blocks.below(parent)
    const blocks = below.every(isFor) ? below : below.filter(isFor)
    const shown = this.options.withHidden
      ? blocks
      : blocks.filter((block) => !isHidden(block, known.at, dressingOf(block, scope)))
    const nodes = inBandOrder(shown, known.at).map((block) => this.node(block, scope, known, touched))
    // What a copy shows may be hidden at a band by its original.
    return this.options.withHidden || !nodes.some(({ hidden }) => hidden)
      ? nodes
      : nodes.filter(({ hidden }) => !hidden)
  }

  private node(block: Block, scope: Scope, known: KeptPage, touched: Set<string>): BlockNode {
    const key = scope.prefix + block.id
    const made = known.made.get(key)
    const isOwn = scope.document === known.page.document
    if (made && isOwn && made.set === scope.set && !touched.has(block.id)) return made.node
    if (kindOf(block).expands === 'shared') {
      const shown = this.copyNode(block, scope, known, touched)
      if (shown) return shown
    }
    const dressing = dressingOf(block, scope)
    const inside = { ...scope, set: setWithin(block, scope.set, known.at, dressing) }
    const children = this.childrenOf(block, inside, known, touched)
    const record = { document: scope.document, record: block.id }
    const order = this.leadOrder(block, scope)
    const room = scope.copy?.place?.block === block.id ? scope.copy.origin : undefined
    const shown = { key, origin: record, dressing, order, room }
    return this.kept(block, children, shown, inside, known, scope.set)
  }

  /** The instance made before where it was made from the same; else a new one. */
  private kept(
    block: Block,
    children: BlockNode[],
    shown: Shown,
    scope: Scope,
    known: KeptPage,
    around: ColourSet,
  ): BlockNode {
    const { dresses = [], copy } = shown.dressing ?? {}
    const dressed = dresses.length ? dressedBlock(block, { dresses }) : block
    const found = dressed.content && contentOf(dressed, known.around, scope.rows.at(-1))
    const listed = kindOf(block).listsRows
      ? collectionIn(known.around, String(dressed.data?.collection))
      : undefined
    const worn = dresses.map(({ values }) => values)
    const source =
      found && (found.type === 'item' ? found.item : found.type === 'field' ? found.row : found.type)
    const state = known.inStates[shown.key]
    const from = [block, ...worn, copy, source, listed, scope.set, state]
    const made = known.made.get(shown.key)
    if (made && sameElements(made.from, from) && sameElements(made.children, children)) return made.node
    const filled = listed ? withRows(dressed, listed) : dressed
    const saying = found || known.words === 'placeholder' ? withContent(filled, found, known.words) : filled
    const node = known.maker.instance(saying, children, {
      ...shown,
      state,
      set: scope.set,
      isMissing: found ? isMissing(dressed, found) : false,
      item: found?.type === 'item' ? found.item.number : undefined,
    })
    known.made.set(shown.key, { from, set: around, children, node })
    return node
  }

  private childrenOf(block: Block, scope: Scope, known: KeptPage, touched: Set<string>): BlockNode[] {
    const place = scope.copy?.place
    if (place?.block === block.id && place.own.length) return place.own
    if (kindOf(block).expands !== 'rows') return this.nodesBelow(block.id, scope, known, touched)
    const choice = (block.data ?? {}) as RowChoice & { collection?: string }
    const collection = choice.collection && collectionIn(known.around, choice.collection)
    const rows = collection ? seriesRows(collection, choice) : []
    const repeated = (turn: string, own: ShownRow[]) => {
      const inRow = { ...scope, prefix: `${scope.prefix}${block.id}-${turn}-`, rows: [...scope.rows, ...own] }
      return this.nodesBelow(block.id, inRow, known, touched)
    }
    // Without rows what is repeated stands there a few times, to be drawn on.
    if (!collection || rows.length === 0)
      return Array.from({ length: choice.most ?? BLANK_ROWS }, (_, index) =>
        repeated(String(index), []),
      ).flat()
    return rows.flatMap((row) => repeated(row.id, [{ collection: collection.id, row }]))
  }

  /** What a copy shows in its place: the root of what is shared, placed as the copy says. Nothing where it is gone. */
  private copyNode(copy: Block, scope: Scope, known: KeptPage, touched: Set<string>): BlockNode | undefined {
    const id = (copy.data as { shared: string }).shared
    const { style, around } = known
    const drawing = scope.within.includes(id) ? undefined : drawingIn(around, id)
    const shared = style.records.shared[id]
    const root = shared && drawing?.records.blocks[shared.root]
    if (!root) return undefined
    const values = valuesOf(style, id)
    const key = scope.prefix + copy.id
    const place = values.find(({ leaf }) => leaf === CHILDREN)
    const own = place && this.nodesBelow(copy.id, scope, known, touched)
    const dresses = dressesOf(known, copy, key, values)
    const rootSays = dresses.get(root.id)
    const within: Scope = {
      prefix: `${key}-`,
      document: id,
      blocks: originalBlocks(known, id, drawing.records.blocks),
      rows: scope.rows,
      within: [...scope.within, id],
      set: setWithin(root, scope.set, known.at, { dresses: rootSays ? [rootSays] : [], copy }),
      copy: {
        origin: { document: scope.document, record: copy.id },
        dresses,
        place: place && own && { block: place.block, own },
      },
    }
    const children = this.childrenOf(root, within, known, touched)
    const origin = { document: scope.document, record: copy.id }
    const dressing = dressingOf(root, within, copy)
    const name = copy.name ?? shared.name
    const order = this.leadOrder(root, within)
    const shown = { key, origin, dressing, order, as: { copy, name } }
    return this.kept(root, children, shown, { ...scope, set: within.set }, known, scope.set)
  }

  /** Ids of what stands in a block with panes, whatever a band hides or reorders: which of them is open goes by it. */
  private leadOrder(block: Block, { blocks }: Scope): string[] | undefined {
    if (!kindOf(block).hasPanes) return undefined
    return blocks.below(block.id).map(({ id }) => id)
  }
}

/** Resolves a page once; see `PageResolver` for pages that change. */
export function resolvePage(sources: PageSources, band: string, as?: ShownAs, moment?: Moment): PageNode {
  return new PageResolver({ withHidden: false, as }).resolve(sources, band, moment)
}

/** A page at every band, narrow to wide, with the blocks a band hides and the states of all: what HTML is made of. */
export function resolveAllBands(
  sources: PageSources,
  as?: ShownAs,
  moment?: Moment,
  set?: ColourSet,
): PageNode[] {
  return bandsOf(sources.site).inOrder.map(({ id }) =>
    new PageResolver({ withHidden: true, withStates: true, as, set }).resolve(sources, id, moment),
  )
}

/** The ground behind a page: its own, else the style guide's. */
const groundOf = (maker: InstanceMaker, own: string | undefined, set: ColourSet) =>
  own ?? maker.role('ground', set) ?? WHITE

/** Lines of icons as a style guide has them; nothing where it says nothing of them. */
function iconLines({ records }: StyleDocument): PageNode['icons'] {
  const { stroke, corners } = records.icons?.style ?? {}
  return stroke === undefined && corners === undefined
    ? undefined
    : { stroke: stroke ?? 2, isRound: corners !== 'square' }
}

/** The set of colours a block and what stands in it are shown in. */
function setWithin(block: Block, around: ColourSet, at: AtBand, dressing: Dressing): ColourSet {
  if (!takesBlocks(block)) return around
  return (blockValue(block, ['look', 'colourSet'], at, dressing).value as ColourSet | undefined) ?? around
}

/** A band of a site, with how the style guide dresses blocks there. */
export function atBand(
  { site, style }: Pick<PageSources, 'site' | 'style'>,
  band: string,
): AtBand<Band> & { parts: StyleParts } {
  const at = { bands: bandsOf(site), band }
  return { ...at, parts: new StyleParts(style.records.parts, at) }
}

const isShownAs = ({ shows = 'all' }: Block, as: ShownAs) => shows === 'all' || shows === as

const isShownWhen = ({ shownWhen }: Block, pageState: string) =>
  shownWhen === undefined || shownWhen.includes(pageState)

function isHidden(block: Block, at: AtBand, dressing: Dressing): boolean {
  if (block.hidden === undefined && block.at === undefined && dressing.dresses.length === 0) return false
  return blockValue(block, ['hidden'], at, dressing).value === true
}

function inBandOrder(blocks: Block[], atBand: AtBand): Block[] {
  if (!blocks.some(({ at }) => at)) return blocks
  const keyed = blocks.map((block) => ({ block, key: orderAtBand(block, atBand) }))
  return keyed.sort((a, b) => (a.key < b.key ? -1 : a.key > b.key ? 1 : 0)).map(({ block }) => block)
}
