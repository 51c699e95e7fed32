import type { Arrange } from '@nolvex/core/block/arrange'
import type { Block } from '@nolvex/core/block/block'
import type { BlockKindName } from '@nolvex/core/block/kinds'
import type { WrittenLook } from '@nolvex/core/block/looks'
import type { Place } from '@nolvex/core/block/place'
import type { BandGrid } from '@nolvex/core/grid/bandGrid'
import type { Band, SiteDocument } from '@nolvex/core/site/site'
import type { DrawingDocument } from '@nolvex/core/drawing/drawing'
import type { PageSources } from '@nolvex/core/resolve/resolvePage'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import type { SharedValue } from '@nolvex/core/style/shared'
import { px, type Unit, type WrittenLength } from '@nolvex/core/units/length'
import { guide } from './guide'
import type { Random } from './random'
import { COMPOSED, HOLDERS, LEAVES, randomData, randomPlan } from './randomKinds'
import { randomRows, randomShared, randomValues, ROW_FIELD, SHARED } from './randomRepeats'

/** What becomes of what runs out, of one block after another: it changes no box. */
const OVERFLOWS = [undefined, undefined, 'hidden', undefined, 'scroll'] as const

const WORDS =
  'ferry isle crossing timetable wind harbour day-return bikes well-known AV To pier, (slack) water “quay” fares: £12.50 09:40 non-refundable refund/exchange T. a I notice sailing Tansay Orrel Hask’s 35 min? yes! e-mail unforeseeable circumstances re-enter'.split(
    ' ',
  )

/** Words that may be parted. */
const PARTED = ['in\u00adter\u00adis\u00adland', 'har\u00adbour\u00admas\u00adter', 're\u00adturn']

const LENGTH_UNITS: Unit[] = ['px', 'px', 'px', 'em', 'rem', 'pt', 'ch', 'ex', 'vw', 'mm']

const DRAWN = 'adrawing00000000'

/** A random page, laid down as documents, to be laid out by the core and by the browser. */
export function randomPage(random: Random): PageSources {
  const original = new PageMaker(random, 'c', [])
  const { shared, values, original: drawn } = randomShared(original.original(), original.root, random)
  const blocks = new PageMaker(random, 'b', values).blocks()
  const drawing: DrawingDocument = { kind: 'drawing', id: DRAWN, schema: 1, records: { blocks } }
  const records = { ...guide.records, shared: { [SHARED]: shared }, sharedValues: byId(values) }
  const around = { ...drawn, ...randomRows(random, () => original.words(12)) }
  return { drawing, site: randomSite(random), style: { ...guide, records }, around }
}

const byId = <T extends { id: string }>(list: T[]) => Object.fromEntries(list.map((one) => [one.id, one]))

/** The usual bands, some with unequal margins, fixed columns, or gutters at both sides of a column. */
function randomSite(random: Random): SiteDocument {
  const bands = Object.values(usualSite.records.bands).map((band): Band => {
    const grid: BandGrid = { ...band.grid }
    const turn = random.int(1, 6)
    if (turn === 1) grid.marginRight = random.int(0, 90)
    if (turn === 2) grid.columnWidth = random.int(20, 90) + random.int(0, 3) / 4
    if (turn === 3) grid.gutters = 'shared'
    if (turn === 4)
      Object.assign(grid, { marginRight: random.int(0, 200), contentWidth: random.int(300, 1400) })
    return { ...band, grid }
  })
  const plan = randomPlan(DRAWN)
  const records = {
    ...usualSite.records,
    ...plan,
    bands: Object.fromEntries(bands.map((band) => [band.id, band])),
  }
  return { ...usualSite, records }
}

class PageMaker {
  private made: Record<string, Block> = {}
  private count = 0

  /** @param letter ids begin with @param values what copies of the shared block may say otherwise; none: no copies */
  constructor(
    private random: Random,
    private letter: string,
    private values: SharedValue[],
  ) {}

  /** A box in a section, to be shared. */
  original(): Record<string, Block> {
    this.add('section', undefined, 3, ['box'])
    return this.made
  }

  get root(): string {
    return Object.values(this.made).find(({ kind }) => kind === 'box')?.id ?? ''
  }

  blocks(): Record<string, Block> {
    for (let section = 0; section < this.random.int(1, 2); section++) this.add('section', undefined, 0)
    return this.made
  }

  /** @param holds kinds of what stands in it; by chance where none are said */
  private add(kind: BlockKindName, parent: Block | undefined, depth: number, holds?: BlockKindName[]) {
    const number = String(this.count++)
    const id = `${this.letter}${number.padStart(15, '0')}`
    const { random } = this
    const block: Block = {
      id,
      parent: parent?.id,
      order: `a${number.padStart(6, '0')}`,
      kind,
      arrange: this.arrange(kind),
      place: this.place(kind, parent),
      look: this.look(kind),
    }
    if (LEAVES.some((one) => one === kind))
      block.text = this.text(kind === 'text' || kind === 'list' ? 30 : 3)
    if (kind === 'text' && random.chance(0.15)) block.content = { field: ROW_FIELD }
    Object.assign(
      block,
      randomData(kind, random, (most) => this.words(most)),
    )
    if (kind === 'nav' || kind === 'table') block.manner = this.manner(kind)
    if (kind === 'copy') Object.assign(block, this.copy())
    else if (random.chance(0.3)) {
      const band = random.pick([usualBands.narrow, usualBands.medium])
      block.at = {
        [band]: { arrange: this.arrange(kind), place: this.place(kind, parent), look: this.look(kind) },
      }
      if (random.chance(0.2)) block.at[band].hidden = true
      if (kind === 'nav' || kind === 'table') block.at[band].manner = this.manner(kind)
      if (random.chance(0.2)) block.at[band].order = `Z${random.int(0, 99)}`
    }
    this.made[id] = JSON.parse(JSON.stringify(block)) as Block
    if (kind !== 'section' && !HOLDERS.some((one) => one === kind)) return
    if (holds) return holds.forEach((one) => this.add(one, block, depth + 1))
    const most = depth >= 4 ? 2 : 4
    for (let child = random.int(kind === 'section' ? 1 : 0, most); child > 0; child--) {
      const deeper = depth < 4 && random.chance(0.5)
      const shallow = random.chance(0.25) ? this.composed : LEAVES
      this.add(deeper ? random.pick(HOLDERS) : random.pick(shallow), block, depth + 1)
    }
  }

  /** Nothing is a copy inside what is shared: it would show itself. */
  private get composed(): readonly BlockKindName[] {
    return this.values.length ? COMPOSED : COMPOSED.filter((kind) => kind !== 'copy')
  }

  private copy(): Partial<Block> {
    const data = { shared: SHARED }
    return {
      arrange: undefined,
      look: undefined,
      data,
      ...randomValues(this.values, this.random, () => this.words(8)),
    }
  }

  private manner(kind: 'nav' | 'table'): Block['manner'] {
    return kind === 'nav' ? this.random.pick(['open', 'button']) : this.random.pick(['rows', 'pairs'])
  }

  words(most: number): string {
    return Array.from({ length: this.random.int(1, most) }, () => this.random.pick(WORDS)).join(' ')
  }

  private length(most: number, negative = false): WrittenLength {
    const unit = this.random.pick(LENGTH_UNITS)
    const scale: Partial<Record<Unit, number>> = { em: 16, rem: 16, pt: 1.33, ch: 9, ex: 8, vw: 10, mm: 3.8 }
    const value = (this.random.next() * most) / (scale[unit] ?? 1)
    const rounded =
      unit === 'px' && this.random.chance(0.7) ? Math.round(value) : Math.round(value * 100) / 100
    return { value: negative && this.random.chance(0.3) ? -rounded : rounded, unit }
  }

  private arrange(kind: BlockKindName): Arrange {
    const { random } = this
    const padding = random.maybe(0.5, () => ({
      top: random.maybe(0.7, () => this.length(30)),
      bottom: random.maybe(0.7, () => this.length(30)),
      left: kind === 'section' ? undefined : random.maybe(0.7, () => this.length(30)),
      right: kind === 'section' ? undefined : random.maybe(0.7, () => this.length(30)),
    }))
    if (kind === 'nav')
      return { padding, type: random.pick(['row', 'column'] as const), gap: this.length(30), wrap: true }
    if (kind === 'carousel' || kind === 'series')
      return { padding, type: 'grid', tracks: random.int(1, 3), gap: this.length(30), align: 'stretch' }
    if (kind !== 'section' && kind !== 'box' && kind !== 'form') return { padding }
    const type = random.pick(['row', 'row', 'column', 'column', 'grid', 'grid', 'placed'] as const)
    const equal = () => random.int(1, 5)
    const unequal = () => [random.int(1, 3), random.int(1, 3), random.pick([1, 1.5, 2.25])]
    return {
      type,
      gap: random.maybe(0.7, () => this.length(30)),
      rowGap: random.maybe(0.3, () => this.length(30)),
      padding: type === 'placed' ? undefined : padding,
      justify: random.pick(['start', 'centre', 'end', 'between'] as const),
      align: random.pick(['start', 'centre', 'end', 'stretch'] as const),
      wrap: type === 'row' ? random.chance(0.4) : undefined,
      tracks: type === 'grid' ? random.pick([equal(), unequal(), 'columns' as const]) : undefined,
    }
  }

  private size(percent: boolean, most: number): NonNullable<Place['width']> {
    const { random } = this
    const kind = random.int(0, 9)
    if (kind < 4) return 'fill'
    if (kind < 7) return 'fit'
    if (kind === 7) return { share: random.int(1, 3) }
    return percent && random.chance(0.4) ? { value: random.int(5, 100), unit: '%' } : this.length(most)
  }

  private place(kind: BlockKindName, parent: Block | undefined): Place {
    const { random } = this
    if (kind === 'section') return { minHeight: random.maybe(0.3, () => this.length(400)) }
    const type = parent?.arrange?.type
    const place: Place = {
      width: this.size(true, 400),
      height: this.size(false, 200),
      minWidth: random.maybe(0.12, () => this.length(200)),
      maxWidth: random.maybe(0.12, () => this.length(400)),
      minHeight: random.maybe(0.12, () => this.length(200)),
      maxHeight: random.maybe(0.12, () => this.length(200)),
      space: random.maybe(0.2, () => this.length(40)),
      overflow: OVERFLOWS[this.count % OVERFLOWS.length],
      column: {
        start: random.maybe(0.4, () => random.int(1, 8)),
        span: random.pick([1, 2, 3, 'all' as const]),
      },
      row: {
        start: random.maybe(0.1, () => random.int(1, 3)),
        span: random.maybe(0.2, () => random.int(1, 3)),
      },
    }
    if (type !== 'placed') return place
    const anchor = ['start', 'end', 'both', 'centre', 'proportion'] as const
    return {
      ...place,
      anchor: { x: random.pick(anchor), y: random.pick(anchor) },
      offset: {
        left: this.length(60, true),
        right: this.length(60, true),
        top: this.length(60, true),
        bottom: this.length(60, true),
        x: px(random.int(-40, 40)),
        y: px(random.int(-40, 40)),
        across: { start: random.int(0, 50), length: random.int(5, 80) },
        down: { start: random.int(0, 50), length: random.int(5, 80) },
      },
    }
  }

  private look(kind: BlockKindName): WrittenLook {
    const { random } = this
    const edge = () => ({ width: this.length(6), line: 'solid' as const, colour: { hex: '#333333' } })
    const border = random.maybe(0.3, () => ({
      top: random.maybe(0.6, edge),
      right: random.maybe(0.6, edge),
      bottom: random.maybe(0.6, edge),
      left: random.maybe(0.6, edge),
    }))
    const levels = Object.keys(guide.records.levels)
    return {
      border,
      stroke: kind === 'line' ? { width: this.length(6), colour: { hex: '#333333' } } : undefined,
      level: kind === 'text' ? random.maybe(0.7, () => random.pick(levels)) : undefined,
      textAlign: random.maybe(0.3, () => random.pick(['start', 'centre', 'end'] as const)),
      lines: kind === 'text' ? random.maybe(0.15, () => random.int(1, 4)) : undefined,
      hyphens: kind === 'text' ? random.maybe(0.3, () => random.pick(['typed', 'off'] as const)) : undefined,
    }
  }

  private text(most: number): Block['text'] {
    const { random } = this
    const runs: NonNullable<Block['text']> = []
    for (let run = random.int(1, 3); run > 0; run--) {
      const words = Array.from({ length: random.int(1, most) }, () => random.pick(WORDS))
      if (random.chance(0.1)) words.splice(random.int(0, words.length), 0, '\n')
      if (random.chance(0.15)) words.splice(random.int(0, words.length), 0, random.pick(PARTED))
      const attributes = {
        bold: random.maybe(0.2, () => true as const),
        italic: random.maybe(0.15, () => true as const),
        small: random.maybe(0.1, () => true as const),
      }
      // A word in two styles is cut differently where it does not fit a line; nobody sets one so narrow.
      runs.push({ insert: `${words.join(' ')} `, attributes })
    }
    return runs
  }
}
