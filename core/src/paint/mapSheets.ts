import { childrenByParent } from '../document/tree'
import { pageAddresses } from '../site/address'
import { connectorPath, type ConnectorKind } from '../site/connector'
import { journeyLegs } from '../site/journeyLegs'
import { journeyReport, type JourneyStop } from '../site/journeyReport'
import { entryLabel, menuLines, menusInOrder } from '../site/menuChanges'
import { sectionsShown } from '../site/pageChanges'
import type { Page, Section, SiteRecords } from '../site/site'
import { waysOf } from '../site/reach'
import { treeLayout } from '../site/treeLayout'
import { pagesInOrder } from '../site/treeOrder'
import type { FontLibrary } from '../text/fontLibrary'
import { GAP_LINE, JOURNEY_LINE, legendMarks, type MapContents } from './mapLegend'
import { PAPERS, type PaperName } from './paper'
import { pathMark, rectMark, type Mark, type Picture, type StrokePaint } from '../vector/mark'
import { SERVICE_HATCH, sheetPicture, wordsMark } from './sheet'

/** How a map is drawn on paper. */
export interface MapSheetOptions {
  title: string
  /** as it is to be read, such as 2026-05-31 */
  date: string
  paper: PaperName
  direction: 'down' | 'across'
  connectors: ConnectorKind
  heavy: boolean
  /** sections on the cards */
  sections: boolean
  /** menus as trees, on a sheet of their own */
  menus: boolean
  /** the journey drawn over the tree */
  journey?: string
}

const MARGIN = 28
const FOOT = 56
const INK = '#17211e'
const SOFT = '#56625d'
const EDGE = '#858173'
/** pt of a card at full scale */
const CARD = { width: 104, head: 26, line: 9 }
const GAP = 14
/** Below this scale the smallest words on a card would be under 5 pt. */
const LEAST_SCALE = 0.72

/** A part of the tree that goes on one sheet. */
interface Part {
  pages: Record<string, Page>
  /** pages drawn without what is below them, which has a sheet of its own */
  folded: Set<string>
  name: string
}

/** The site map as sheets of paper: one when it fits, else an overview and a sheet for each large branch. */
export function mapSheets(site: SiteRecords, library: FontLibrary, options: MapSheetOptions): Picture[] {
  const drawer = new MapDrawer(site, library, options)
  const parts = drawer.parts()
  const sheets = parts.map((part) => drawer.sheet(part, parts))
  if (options.menus && Object.keys(site.menus).length) sheets.push(...drawer.menuSheets())
  return sheets.map((sheet, index) => {
    const foot = drawer.foot(sheet.title, index + 1, sheets.length, parts.at(index))
    return { ...sheet, marks: [...sheet.marks, ...foot] }
  })
}

class MapDrawer {
  private addresses: Map<string, string>
  private sections: Map<string, Section[]>
  private room: { width: number; height: number }
  private paper: { width: number; height: number }
  private stops: JourneyStop[]

  constructor(
    private site: SiteRecords,
    private library: FontLibrary,
    private options: MapSheetOptions,
  ) {
    this.addresses = pageAddresses(site.pages)
    this.sections = sectionsShown(site)
    const { journey } = options
    this.stops = journey && site.journeys[journey] ? journeyReport(site, waysOf(site), journey).stops : []
    this.paper = PAPERS[options.paper]
    this.room = { width: this.paper.width - 2 * MARGIN, height: this.paper.height - 2 * MARGIN - FOOT }
  }

  /** Cuts the tree into parts that fit a sheet each. */
  parts(): Part[] {
    const all = { pages: this.site.pages, folded: new Set<string>(), name: 'Site map' }
    if (Object.keys(all.pages).length === 0 || this.fits(all)) return [all]
    const parts: Part[] = []
    this.cut(all, parts)
    return parts
  }

  /** Folds the tree at the deepest level at which it fits a sheet; what is folded goes on sheets of its own. */
  private cut(part: Part, parts: Part[]) {
    const below = childrenByParent(part.pages)
    const inTree = pagesInOrder(part.pages)
    const foldedAt = (level: number) =>
      new Set(
        inTree.filter(({ page, depth }) => depth === level && below.has(page.id)).map(({ page }) => page.id),
      )
    // From the top down: a deeper fold never takes less room, and shallow ones are laid out quickly.
    const deepest = inTree.reduce((most, { depth }) => Math.max(most, depth), 0) - 1
    let level = 1
    while (level < deepest && this.fits({ ...part, folded: foldedAt(level + 1) })) level++
    const cut = { ...part, folded: foldedAt(level) }
    if (this.fits(cut)) parts.push(cut)
    else parts.push(...this.groups(cut, below))
    for (const page of inTree.map((one) => one.page).filter(({ id }) => cut.folded.has(id))) {
      const own: Part = { pages: branchOf(below, page), folded: new Set(), name: page.title || 'Untitled' }
      if (this.fits(own)) parts.push(own)
      else this.cut(own, parts)
    }
  }

  /** Too many branches side by side even when folded: as many on each sheet as fit. */
  private groups(part: Part, below: Map<string | null, Page[]>): Part[] {
    const tops = below.get(null) ?? []
    const top = tops.length === 1 ? tops[0] : undefined
    const branches = top ? (below.get(top.id) ?? []) : tops
    const groups: Part[] = []
    const partOf = (some: Page[]): Part => ({
      pages: Object.fromEntries((top ? [top, ...some] : some).map((page) => [page.id, page])),
      folded: new Set(some.filter(({ id }) => part.folded.has(id)).map(({ id }) => id)),
      name: part.name,
    })
    let some: Page[] = []
    for (const branch of branches) {
      if (some.length && !this.fits(partOf([...some, branch]))) {
        groups.push(partOf(some))
        some = []
      }
      some.push(branch)
    }
    groups.push(partOf(some))
    return groups.map((group, index) => ({
      ...group,
      name: `${part.name}, ${index + 1} of ${groups.length}`,
    }))
  }

  private fits(part: Part): boolean {
    return this.scaleOf(this.cards(part)) >= LEAST_SCALE
  }

  private scaleOf(cards: ReturnType<MapDrawer['cards']>): number {
    const width = Math.max(1, ...cards.map((card) => card.x + card.width))
    const height = Math.max(1, ...cards.map((card) => card.y + card.height))
    return Math.min(1.6, this.room.width / width, this.room.height / height)
  }

  private cards({ pages, folded }: Part) {
    const across = this.options.direction === 'across'
    const linesOf = (page: Page) =>
      this.options.sections && !across ? (this.sections.get(page.id) ?? []).slice(0, 12) : []
    const heightOf = (page: Page) => CARD.head + linesOf(page).length * CARD.line
    const tallest = Math.max(CARD.head, ...Object.values(pages).map(heightOf))
    const spread = across
      ? { width: CARD.head, gap: 6, level: CARD.width + 28 }
      : { width: CARD.width, gap: GAP, level: tallest + 30 }
    return treeLayout(pages, spread, folded).map(({ page, x, y }) => ({
      page,
      lines: linesOf(page),
      x: across ? y : x,
      y: across ? x : y,
      width: CARD.width,
      height: heightOf(page),
    }))
  }

  sheet(part: Part, parts: Part[]): Picture {
    const cards = this.cards(part)
    const scale = this.scaleOf(cards)
    const byId = new Map(cards.map((card) => [card.page.id, card]))
    const width = Math.max(0, ...cards.map((card) => card.x + card.width)) * scale
    const height = Math.max(0, ...cards.map((card) => card.y + card.height)) * scale
    const left = MARGIN + (this.room.width - width) / 2
    const top = MARGIN + (this.room.height - height) / 3
    const at = (x: number, y: number) => ({ x: left + x * scale, y: top + y * scale })
    const marks: Mark[] = []
    for (const card of cards) {
      const parent = card.page.parent ? byId.get(card.page.parent) : undefined
      if (!parent) continue
      const across = this.options.direction === 'across'
      const from = across
        ? at(parent.x + parent.width, parent.y + parent.height / 2)
        : at(parent.x + parent.width / 2, parent.y + parent.height)
      const to = across ? at(card.x, card.y + card.height / 2) : at(card.x + card.width / 2, card.y)
      const d = connectorPath(this.options.connectors, from, to, this.options.direction)
      const stroke = this.options.heavy ? { colour: INK, width: 1.6 } : { colour: EDGE, width: 0.7 }
      marks.push(pathMark(d, stroke))
    }
    for (const card of cards) {
      const sheet = part.folded.has(card.page.id) ? this.sheetOf(card.page, parts) : undefined
      marks.push(...this.cardMarks(card.page, card.lines, at(card.x, card.y), card, scale, sheet))
    }
    const cornerOf = (page: string) => {
      const card = byId.get(page)
      return card && at(card.x, card.y)
    }
    for (const leg of journeyLegs(this.stops, cornerOf, 10 * scale, 26 * scale))
      marks.push(pathMark(leg.d, leg.isGap ? GAP_LINE : JOURNEY_LINE))
    return sheetPicture(this.paper, part.name, marks)
  }

  /** The sheet a folded branch is drawn on, from 1. */
  private sheetOf(page: Page, parts: Part[]): number | undefined {
    const index = parts.findIndex(({ pages, folded }) => pages[page.id] && !folded.has(page.id))
    return index < 0 ? undefined : index + 1
  }

  private cardMarks(
    page: Page,
    lines: Section[],
    { x, y }: { x: number; y: number },
    { width, height }: { width: number; height: number },
    scale: number,
    sheet: number | undefined,
  ): Mark[] {
    const [w, h, inset] = [width * scale, height * scale, 5 * scale]
    const words = (text: string, dy: number, size: number, weight: 400 | 700, colour: string): Mark =>
      wordsMark(
        this.library,
        { x: x + inset, y: y + dy * scale, text, size: size * scale, weight, colour },
        w - 2 * inset,
      )
    const edge = ruled(INK, page.kind !== undefined)
    const second = sheet ? `continued on sheet ${sheet}` : (this.addresses.get(page.id) ?? '')
    return [
      ...(page.template
        ? [
            rectMark(
              { x: x + 3 * scale, y: y + 3 * scale, width: w, height: h },
              { fill: '#ffffff', stroke: ruled(INK) },
            ),
          ]
        : []),
      rectMark({ x, y, width: w, height: h }, { fill: '#fbfaf6', stroke: edge }),
      words(page.title || 'Untitled', 11, 9, 700, INK),
      words(
        page.template
          ? `${page.template.each}${page.template.count ? ` (${page.template.count})` : ''}`
          : second,
        20,
        7,
        400,
        SOFT,
      ),
      ...lines.flatMap((section, index): Mark[] => {
        const top = CARD.head + index * CARD.line
        const isService = section.source === 'service'
        const row = { y: y + top * scale, height: CARD.line * scale }
        const line = ruled('#d9d5c8')
        const name = isService ? `${section.name} (service)` : section.name
        return [
          rectMark({ ...row, x, width: w }, { stroke: line }),
          ...(isService
            ? [
                rectMark(
                  { ...row, x: x + w - 14 * scale, width: 14 * scale },
                  { fill: SERVICE_HATCH, stroke: line },
                ),
              ]
            : []),
          words(name, top + 6.6, 7, 400, section.page ? INK : SOFT),
        ]
      }),
      rectMark({ x, y, width: w, height: h }, { stroke: edge }),
    ]
  }

  /** Menus side by side, as trees of their own. */
  menuSheets(): Picture[] {
    const column = 190
    const [lineHeight, size] = [15, 9]
    const perColumn = Math.floor(this.room.height / lineHeight) - 2
    const columns = menusInOrder(this.site.menus).flatMap((menu) => {
      const lines = menuLines(this.site.menuEntries, menu.id)
      const pieces = Math.max(1, Math.ceil(lines.length / perColumn))
      return Array.from({ length: pieces }, (_, index) => ({
        name: index ? `${menu.name}, continued` : menu.name,
        lines: lines.slice(index * perColumn, (index + 1) * perColumn),
      }))
    })
    const perSheet = Math.max(1, Math.floor(this.room.width / column))
    const count = Math.ceil(columns.length / perSheet)
    return Array.from({ length: count }, (_, index) => {
      const marks = columns
        .slice(index * perSheet, (index + 1) * perSheet)
        .flatMap(({ name, lines }, at): Mark[] => {
          const x = MARGIN + at * column
          return [
            wordsMark(
              this.library,
              { x, y: MARGIN + 10, text: name, size: 11, weight: 700, colour: INK },
              column - 20,
            ),
            ...lines.flatMap(({ entry, depth }, line): Mark[] => {
              const y = MARGIN + 18 + line * lineHeight
              const left = x + depth * 14
              const width = column - 20 - depth * 14
              const text = entryLabel(entry, this.site.pages)
              return [
                ...(depth
                  ? [pathMark(`M${left - 8} ${y - 2}V${y + 6}H${left}`, { colour: EDGE, width: 0.7 })]
                  : []),
                rectMark(
                  { x: left, y, width, height: lineHeight - 3 },
                  { fill: '#fbfaf6', stroke: ruled(EDGE) },
                ),
                wordsMark(
                  this.library,
                  { x: left + 4, y: y + 9, text, size, weight: 400, colour: INK },
                  width - 8,
                ),
              ]
            }),
          ]
        })
      return sheetPicture(this.paper, 'Menus', marks)
    })
  }

  /** Title block at the foot of a sheet, and a legend of what is on it. */
  foot(name: string, number: number, count: number, part: Part | undefined): Mark[] {
    const top = this.paper.height - MARGIN - FOOT + 16
    const block = { x: this.paper.width - MARGIN - 210, width: 210 }
    const text = (y: number, words: string, size: number, weight: 400 | 700): Mark =>
      wordsMark(
        this.library,
        { x: block.x + 8, y, text: words, size, weight, colour: weight === 700 ? INK : SOFT },
        block.width - 16,
      )
    return [
      pathMark(`M${MARGIN} ${top}H${this.paper.width - MARGIN}`, { colour: INK, width: 0.7 }),
      rectMark({ ...block, y: top, height: 40 }, { stroke: ruled(INK) }),
      text(top + 15, this.options.title, 11, 700),
      text(top + 30, `${name} · ${this.options.date} · sheet ${number} of ${count}`, 7.5, 400),
      ...(part
        ? legendMarks(this.library, this.contentsOf(part), MARGIN, top + 13, block.x - MARGIN - 8)
        : []),
    ]
  }

  private contentsOf(part: Part): MapContents {
    const cards = this.cards(part)
    const on = new Set(cards.map(({ page }) => page.id))
    const legs = this.stops.filter(
      ({ stop, from }) => on.has(stop.page) && from !== undefined && on.has(from),
    )
    return {
      pages: cards.map(({ page }) => page),
      sections: cards.flatMap(({ lines }) => lines),
      ...(legs.length
        ? {
            journey: {
              name: this.site.journeys[legs[0].stop.journey]?.name || 'Untitled',
              hasGap: legs.some(({ way }) => way?.by === 'none'),
            },
          }
        : {}),
    }
  }
}

/** The line round a card; dashed for what stands outside the tree. */
const ruled = (colour: string, dashed = false): StrokePaint => ({
  colour,
  width: 0.6,
  dashes: dashed ? [3, 2] : undefined,
})

/** A page with all below it, hanging from nothing. */
function branchOf(below: Map<string | null, Page[]>, page: Page): Record<string, Page> {
  const top = { ...page }
  delete top.parent
  const branch = [top]
  for (let index = 0; index < branch.length; index++) branch.push(...(below.get(branch[index].id) ?? []))
  return Object.fromEntries(branch.map((one) => [one.id, one]))
}
