import type { Block } from '../block/block'
import { applyChange } from '../document/apply'
import type { Documents, Operation } from '../document/types'
import { environmentOf } from '../layout/pageFont'
import { PageLayouter } from '../layout/pageLayout'
import { documentKinds } from '../resolve/documentKinds'
import type { PageNode } from '../resolve/node'
import { bandsOf, PageResolver } from '../resolve/resolvePage'
import { usualBands, usualSite } from '../site/usualSite'
import { gridAt } from '../grid/bandGrid'
import type { Sizing } from '../site/gridPlan'
import { plainStyle } from '../style/plainStyle'
import { USUAL_SCALE } from '../style/spacingScale'
import { placeBlocks, type DrawnPage } from '../snap/drawnPage'
import { HitIndex } from '../snap/hitTest'
import { HINT_KINDS, type HintKind } from '../snap/hint'
import { pageLines } from '../snap/hintGround'
import type { FontLibrary } from '../text/fontLibrary'
import { usualEnvironment } from '../units/environment'
import { newLength } from '../units/newLength'

/** What a test says of a block: its kind and name, what stands in it, and any leaves. */
export interface Sketch extends Partial<Omit<Block, 'id' | 'order' | 'parent'>> {
  kind: Block['kind']
  name: string
  holds?: Sketch[]
}

/** Blocks are named in tests; their ids follow from it. */
export const idOf = (name: string) => name.padEnd(16, '0')

/** Sketches as blocks, parents first. */
export function blocksOf(sketches: Sketch[], parent?: string): Block[] {
  return sketches.flatMap(({ holds = [], ...block }, index) => {
    const id = idOf(block.name)
    const order = `a${String.fromCharCode(97 + index)}`
    return [{ ...block, id, order, ...(parent ? { parent } : {}) } as Block, ...blocksOf(holds, id)]
  })
}

interface DraftOptions {
  library: FontLibrary
  width?: number
  /** kinds of hints that are given; all without any */
  hints?: HintKind[]
  sizing?: Sizing
}

/** A page of some blocks that is drawn on: laid out, changed by operations, and laid out again. */
export class Draft {
  width: number
  private drawing
  private resolver = new PageResolver()
  private layouter: PageLayouter

  constructor(
    sketches: Sketch[],
    private options: DraftOptions,
  ) {
    const blocks = Object.fromEntries(blocksOf(sketches).map((block) => [block.id, block]))
    this.drawing = {
      kind: 'drawing',
      id: idOf('page'),
      schema: documentKinds.drawing.schema,
      records: { blocks },
    }
    this.width = options.width ?? 1440
    this.layouter = new PageLayouter(options.library)
  }

  private get band(): string {
    return this.width < 680 ? usualBands.narrow : this.width < 1120 ? usualBands.medium : usualBands.wide
  }

  get resolved(): PageNode {
    return this.resolver.resolve({ drawing: this.drawing, site: usualSite, style: plainStyle }, this.band)
  }

  get drawn(): DrawnPage {
    const { hints = Object.keys(HINT_KINDS) as HintKind[], sizing } = this.options
    const kinds = new Set(hints)
    const bands = bandsOf(usualSite)
    const { band } = this
    const environment = { ...usualEnvironment, viewportWidth: this.width }
    const page = this.resolved
    const layout = this.layouter.layout(page, environment)
    const grid = gridAt(usualSite.records.bands[band].grid, this.width)
    return {
      blocks: this.drawing.records.blocks,
      placed: placeBlocks(layout, { document: this.drawing.id }),
      width: this.width,
      height: layout.height,
      at: { bands, band },
      write: (px) => newLength(px, sizing, environmentOf()),
      lines: pageLines(kinds, { columns: grid, guides: [], height: layout.height }),
      hintKinds: kinds,
      grid,
      scale: USUAL_SCALE.map(({ px }) => px),
    }
  }

  get hits(): HitIndex {
    return new HitIndex(this.drawn.placed)
  }

  change(operations: Operation[]) {
    const documents = { [this.drawing.id]: this.drawing } as unknown as Documents
    const parts = [{ document: this.drawing.id, kind: 'drawing', operations }]
    const applied = applyChange(documentKinds, documents, parts)
    if (applied.outcomes.length) throw new Error(applied.outcomes.map(({ reason }) => reason).join('; '))
    this.drawing = applied.documents[this.drawing.id] as unknown as typeof this.drawing
  }

  block(name: string): Block {
    return this.drawing.records.blocks[idOf(name)]
  }

  placed(name: string) {
    const found = this.drawn.placed.get(idOf(name))
    if (!found) throw new Error(`There is no ${name} on the page.`)
    return found
  }

  /** names of what stands in a block, or of the sections, in the order it is seen */
  inside(name?: string): string[] {
    return [...this.drawn.placed.values()]
      .filter(({ parent }) => parent === (name ? idOf(name) : null))
      .map(({ box }) => box.node.name)
  }
}
