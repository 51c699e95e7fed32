import { varyingSchema, type Block } from '../block/block'
import { blockKinds, tagOf } from '../block/kinds'
import type { BlockKind } from '../block/kind'
import { CORNERS, SIDES, type Arrange, type Colour, type Edge, type Look, type Place } from '../block/leaves'
import { leafTable, overlay } from '../document/leafTable'
import { childrenByParent } from '../document/tree'
import { valueAt, withValue } from '../document/path'
import type { StoredRecord } from '../document/types'
import { bandsInOrder, towardsLead } from '../grid/band'
import { widestContent, type BandGrid } from '../grid/bandGrid'
import type { DrawingDocument } from '../drawing/drawing'
import { gridOfPage } from '../site/pageGrid'
import type { Band, SiteDocument } from '../site/site'
import type { Level, StyleDocument } from '../style/style'
import { isShippedFamily, PAGE_FAMILY } from '../text/fontCatalogue'
import { collapseSpaces } from '../text/collapse'
import type { Length } from '../block/lengthSchema'
import { px, type WrittenLength } from '../units/length'
import type { BlockNode, Border, Inset, NodeRun, PageNode, Size, TextStyle } from './node'
import { orderAtBand } from './siblings'
import type { Bands } from './value'

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

const NOTHING = px(0)
const VARYING = leafTable(varyingSchema)
const INK = '#17211e'
const WHITE = '#ffffff'

const NO_LEVEL: TextStyle = {
  family: PAGE_FAMILY,
  weight: 400,
  italic: false,
  size: px(16),
  lineHeight: { value: 24, unit: 'px' },
}

interface Varying {
  arrange: Arrange
  place: Place
  look: Look
  hidden: boolean
}

/**
 * Resolves drawings into trees, keeping the nodes of blocks that did not change, so that layout can keep what it
 * measured: a node is the same object for as long as its record, its children's nodes and its band are.
 */
export class PageResolver {
  private kept = new Map<string, { block: Block; children: BlockNode[]; node: BlockNode }>()
  private textStyles = new Map<Level, TextStyle>()
  private context: { site: SiteDocument; style: StyleDocument; band: string } | undefined

  constructor(private options: { withHidden: boolean } = { withHidden: false }) {}

  /** The page at a band. @param band its id */
  resolve({ drawing, site, style }: PageSources, band: string): PageNode {
    if (this.context?.site !== site || this.context.style !== style || this.context.band !== band) {
      this.kept.clear()
      this.textStyles.clear()
      this.context = { site, style, band }
    }
    const bands = bandsOf(site)
    const resolving = new Resolving(
      bands,
      band,
      style,
      gridOfPage(site.records, drawing.id, band),
      childrenByParent(drawing.records.blocks),
      this.kept,
      this.textStyles,
      this.options.withHidden,
    )
    return {
      band,
      rootSize: site.records.settings.site.rootSize ?? 100,
      ground: site.records.settings.site.pageGround ?? WHITE,
      children: resolving.nodesBelow(null),
    }
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

type UsualValues = Pick<BlockNode, 'arrange' | 'place' | 'look'>

class Resolving {
  private levelsByRole: Map<string, Level>
  private usualValues = new Map<BlockKind, UsualValues>()

  constructor(
    private bands: Bands<Band>,
    private bandId: string,
    private style: StyleDocument,
    private grid: BandGrid,
    private children: Map<string | null, Block[]>,
    private kept: Map<string, { block: Block; children: BlockNode[]; node: BlockNode }>,
    private textStyles: Map<Level, TextStyle>,
    private withHidden: boolean,
  ) {
    const levels = Object.values(style.records.levels)
    this.levelsByRole = new Map(levels.map((level) => [level.role ?? level.id, level]))
  }

  nodesBelow(parent: string | null): BlockNode[] {
    const blocks = this.children.get(parent) ?? []
    const shown = this.withHidden ? [...blocks] : blocks.filter((block) => !this.isHidden(block))
    return this.inBandOrder(shown).map((block) => this.node(block))
  }

  private isHidden(block: Block): boolean {
    return block.hidden === undefined && block.at === undefined ? false : this.varying(block).hidden
  }

  private inBandOrder(blocks: Block[]): Block[] {
    if (!blocks.some(({ at }) => at)) return blocks
    const keyed = blocks.map((block) => ({ block, key: orderAtBand(block, this.bands, this.bandId) }))
    return keyed.sort((a, b) => (a.key < b.key ? -1 : a.key > b.key ? 1 : 0)).map(({ block }) => block)
  }

  private node(block: Block): BlockNode {
    const children = this.nodesBelow(block.id)
    const kept = this.kept.get(block.id)
    if (kept && kept.block === block && sameElements(kept.children, children)) return kept.node
    const node = this.resolve(block, children)
    this.kept.set(block.id, { block, children, node })
    return node
  }

  /** The block's values at this band over its kind's defaults. */
  private varying(block: Block): Varying {
    const kind = blockKinds[block.kind]
    let values: Varying = { arrange: kind.arrange, place: kind.place, look: kind.look, hidden: false }
    values = overlay(VARYING, values, pick(block))
    if (!block.at) return values
    for (const { id } of towardsLead(this.bands.inOrder, this.bandId, this.bands.lead).reverse()) {
      const own = block.at[id]
      for (const leaf of Object.keys(own?.without ?? {})) values = asInKind(values, kind, leaf.split('.'))
      values = overlay(VARYING, values, pick(own))
    }
    return values
  }

  private resolve(block: Block, children: BlockNode[]): BlockNode {
    const kind = blockKinds[block.kind]
    const usual = this.usual(kind)
    const { arrange, place, look, hidden } = this.varying(block)
    return {
      id: block.id,
      kind: block.kind,
      tag: tagOf(block),
      name: block.name ?? kind.label,
      hidden,
      arrange: arrange === kind.arrange ? usual.arrange : this.arrangement(kind, arrange),
      place: place === kind.place ? usual.place : this.placing(place),
      look: look === kind.look ? usual.look : this.looking(look),
      text:
        kind.holds === 'text' ? { style: this.textStyle(block, kind, look), runs: runsOf(block) } : undefined,
      picture: kind.holds === 'picture' ? (block.picture ?? { width: 640, height: 400, alt: '' }) : undefined,
      attributes: kind.attributes ?? {},
      children,
    }
  }

  /** What blocks that set nothing of their own have in common: one object for all, which layout recognises. */
  private usual(kind: BlockKind): UsualValues {
    let values = this.usualValues.get(kind)
    if (values) return values
    const { arrange, place, look } = kind
    values = {
      arrange: this.arrangement(kind, arrange),
      place: this.placing(place),
      look: this.looking(look),
    }
    this.usualValues.set(kind, values)
    return values
  }

  private looking(look: Look): BlockNode['look'] {
    return {
      fill: this.colour(look.fill),
      border: SIDES.map((side) => this.border(look.border?.[side])) as BlockNode['look']['border'],
      radius: look.radius && this.corners(look.radius),
      opacity: look.opacity ?? 1,
      colour: this.colour(look.colour) ?? INK,
      textAlign: look.textAlign ?? 'start',
      pictureFit: look.pictureFit ?? 'cover',
    }
  }

  private corners(radius: NonNullable<Look['radius']>): BlockNode['look']['radius'] {
    return CORNERS.map((corner) => {
      const length = radius[corner]
      return length ? this.length(length) : NOTHING
    }) as BlockNode['look']['radius']
  }

  private arrangement(kind: BlockKind, arrange: Arrange): BlockNode['arrange'] {
    const { grid } = this
    const onColumns = arrange.type === 'grid' && (arrange.tracks ?? 'columns') === 'columns'
    const gap = arrange.gap ? this.length(arrange.gap) : NOTHING
    const padding = SIDES.map((side) => {
      const length = arrange.padding?.[side]
      return length ? this.length(length) : NOTHING
    }) as BlockNode['arrange']['padding']
    const takesMargins = kind.kind === 'section' && !arrange.padding?.left && !arrange.padding?.right
    const half = grid.gutters === 'shared' && onColumns ? grid.gutter / 2 : 0
    return {
      type: arrange.type ?? 'column',
      columnGap: onColumns ? px(grid.gutter) : gap,
      rowGap: arrange.rowGap ? this.length(arrange.rowGap) : gap,
      padding,
      inset: takesMargins ? insetOf(grid, half) : undefined,
      justify: arrange.justify ?? 'start',
      align: arrange.align ?? 'start',
      wrap: arrange.wrap ?? false,
      tracks: onColumns ? ones(grid.columns) : sharesOf(arrange.tracks),
      trackWidth: onColumns ? grid.columnWidth : undefined,
    }
  }

  private placing(place: Place): BlockNode['place'] {
    const { offset, anchor, column, row } = place
    const start = column?.start ?? (column?.span === 'all' && row?.start ? 1 : undefined)
    const length = (value: Length | undefined) => (value ? this.length(value) : NOTHING)
    const limit = (value: Length | 'none' | undefined) =>
      value === undefined || value === 'none' ? undefined : this.length(value)
    return {
      width: this.size(place.width ?? 'fill'),
      height: this.size(place.height ?? 'fit'),
      minWidth: limit(place.minWidth),
      maxWidth: limit(place.maxWidth),
      minHeight: limit(place.minHeight),
      maxHeight: limit(place.maxHeight),
      column: { start, span: column?.span === 'all' ? Infinity : (column?.span ?? 1) },
      row: { start: start === undefined ? undefined : row?.start, span: row?.span ?? 1 },
      x: anchor?.x ?? 'start',
      y: anchor?.y ?? 'start',
      left: length(offset?.left),
      right: length(offset?.right),
      top: length(offset?.top),
      bottom: length(offset?.bottom),
      offsetX: length(offset?.x),
      offsetY: length(offset?.y),
      across: offset?.across ?? { start: 0, length: 100 },
      down: offset?.down ?? { start: 0, length: 100 },
      overflow: place.overflow ?? 'visible',
    }
  }

  private size(size: NonNullable<Place['width']>): Size {
    if (size === 'fit') return { type: 'fit' }
    if (size === 'fill') return { type: 'fill', share: 1 }
    if ('share' in size) return { type: 'fill', share: size.share }
    return { type: 'fixed', length: this.length(size) }
  }

  /** A written length; a token that is gone measures nothing (review finds it). */
  private length(length: Length): WrittenLength {
    if (!('token' in length)) return length
    const token = this.style.records.tokens[length.token]
    return token?.type === 'length' && !('token' in token.value) ? token.value : NOTHING
  }

  private colour(colour: Colour | undefined): string | undefined {
    if (colour === undefined || colour === 'none') return undefined
    if ('hex' in colour) return colour.hex
    const token = this.style.records.tokens[colour.token]
    return token?.type === 'colour' ? token.value : undefined
  }

  private border(edge: Edge | 'none' | undefined): Border | undefined {
    if (edge === undefined || edge === 'none') return undefined
    return { width: this.length(edge.width), line: edge.line, colour: this.colour(edge.colour) ?? INK }
  }

  private textStyle(block: Block, kind: BlockKind, look: Look): TextStyle {
    const level =
      (look.level && this.style.records.levels[look.level]) ||
      this.levelsByRole.get(kind.levelRole ?? tagOf(block)) ||
      this.levelsByRole.get('p')
    if (!level) return NO_LEVEL
    let style = this.textStyles.get(level)
    if (!style) this.textStyles.set(level, (style = this.styleOf(level)))
    return style
  }

  private styleOf(level: Level): TextStyle {
    const atBand = towardsLead(this.bands.inOrder, this.bandId, this.bands.lead).map(
      ({ id }) => level.at?.[id],
    )
    const size = atBand.find((values) => values?.size)?.size ?? level.size
    const lineHeight = atBand.find((values) => values?.lineHeight)?.lineHeight ?? level.lineHeight
    const { weight, italic = false } = level
    // Documents may be older than the rule that families ship with the application.
    const family = isShippedFamily(level.family) ? level.family : PAGE_FAMILY
    return { family, weight, italic, size: this.length(size), lineHeight }
  }
}

function pick(values: Partial<Varying> | undefined): Partial<Varying> {
  if (!values) return {}
  const { arrange, place, look, hidden } = values
  return { arrange, place, look, hidden }
}

const ones = (count: number): number[] => Array.from({ length: count }, () => 1)

function sharesOf(tracks: Arrange['tracks']): number[] {
  return Array.isArray(tracks) ? tracks : ones(typeof tracks === 'number' ? tracks : 1)
}

function sameElements(a: unknown[], b: unknown[]): boolean {
  return a.length === b.length && a.every((element, index) => element === b[index])
}

function runsOf(block: Block): NodeRun[] {
  const runs = (block.text ?? []).map(({ insert, attributes }): NodeRun => {
    return {
      text: insert,
      link: attributes?.link,
      bold: attributes?.bold ?? false,
      italic: attributes?.italic ?? false,
      small: attributes?.small ?? false,
    }
  })
  return collapseSpaces(runs).reduce<NodeRun[]>(joinAlike, [])
}

/** Neighbours that look alike are one stretch, as they are in HTML. */
function joinAlike(runs: NodeRun[], run: NodeRun): NodeRun[] {
  const last = runs.at(-1)
  const isAlike = last && last.bold === run.bold && last.italic === run.italic && last.small === run.small
  if (!isAlike || last.link !== run.link) return [...runs, run]
  return [...runs.slice(0, -1), { ...last, text: last.text + run.text }]
}

/** The sides of a section: half a gutter more where gutters stand at both sides of a column. */
function insetOf(grid: BandGrid, half: number): Inset {
  const { margin, marginRight = margin } = grid
  const content = widestContent(grid)
  return {
    left: margin + half,
    right: marginRight + half,
    contentWidth: content === undefined ? undefined : content - 2 * half,
  }
}

/** Values with one leaf as the kind has it. */
function asInKind(values: Varying, kind: BlockKind, path: string[]): Varying {
  const usual = valueAt(kind as unknown as StoredRecord, path)
  return withValue(values as unknown as StoredRecord, path, usual) as unknown as Varying
}
