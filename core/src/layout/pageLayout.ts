import type { BlockNode, PageNode } from '../resolve/node'
import type { FontLibrary } from '../text/fontLibrary'
import { trunc64 } from '../text/layoutUnit'
import type { Environment } from '../units/environment'
import { AUTO, DEFINITE, FIXED, type Box } from './box'
import { BoxComputer } from './computeBox'
import { layBox } from './layBox'
import { childWidth } from './layoutColumn'
import { clampHeight } from './limits'

/** A laid-out page. Boxes stand relative to their parents, sections to the page's top left corner. */
export interface PageLayout {
  /** px, without the scroll bar */
  width: number
  height: number
  /** colour behind the sections */
  ground: string
  sections: Box[]
}

const VIEWPORT = new Set<keyof Environment>(['viewportWidth', 'viewportHeight', 'scrollBar'])

/**
 * Lays out pages, and again after a change without measuring what did not change: boxes are kept for nodes that stay
 * the same object.
 */
export class PageLayouter {
  /** by block, with some of blocks that are gone */
  private boxes = new Map<string, Box>()
  private mostKept = 10_000
  private computer: BoxComputer | undefined

  constructor(private library: FontLibrary) {}

  /** Lays out a page in an environment. */
  layout(page: PageNode, environment: Environment): PageLayout {
    this.prepare({ ...environment, rootSize: page.rootSize })
    const width = environment.viewportWidth - environment.scrollBar
    const root = { arrange: 'column', node: { arrange: { align: 'stretch' } } } as Box
    let y = 0
    const sections = page.children.map((node) => {
      const box = this.box(node)
      setSides(box, width)
      const own = childWidth(box, width, root)
      const isFixed = box.height.mode === FIXED
      const height = clampHeight(box, isFixed ? box.height.value : layBox(box, own, 0, AUTO, false))
      layBox(box, own, height, isFixed ? DEFINITE : AUTO, true)
      box.x = 0
      box.y = y
      y += height
      return box
    })
    this.forgetGone(sections)
    return { width, height: y, ground: page.ground, sections }
  }

  private forgetGone(sections: Box[]) {
    if (this.boxes.size <= this.mostKept) return
    this.boxes.clear()
    const keep = (box: Box) => {
      this.boxes.set(box.node.id, box)
      box.children.forEach(keep)
    }
    sections.forEach(keep)
    this.mostKept = 10_000 + 2 * this.boxes.size
  }

  /** Lengths depend on the environment; on the viewport only where vw or vh are used. */
  private prepare(wanted: Environment) {
    const { computer } = this
    if (computer) {
      const before = computer.environment
      const keys = Object.keys(wanted) as (keyof Environment)[]
      const changed = keys.filter((key) => before[key] !== wanted[key])
      if (changed.every((key) => !computer.usesViewport && VIEWPORT.has(key))) {
        computer.environment = wanted
        return
      }
    }
    this.boxes.clear()
    this.computer = new BoxComputer(this.library, wanted)
  }

  private box(node: BlockNode): Box {
    const kept = this.boxes.get(node.id)
    if (kept?.node === node) return kept
    const children = node.children.map((child) => this.box(child))
    const box = (this.computer as BoxComputer).box(node, children)
    this.boxes.set(node.id, box)
    return box
  }
}

/** A section's sides are at least the grid's margins, and take what is left beside the content width alike. */
function setSides(box: Box, pageWidth: number) {
  const { inset } = box.node.arrange
  if (!inset) return
  const left = box.border[3] + sideOf(inset.left, inset.right, inset.contentWidth, pageWidth)
  const right = box.border[1] + sideOf(inset.right, inset.left, inset.contentWidth, pageWidth)
  if (box.insetLeft === left && box.insetRight === right) return
  box.insetLeft = left
  box.insetRight = right
  box.measured = []
  box.placedWidth = -1
}

function sideOf(own: number, other: number, contentWidth: number | undefined, pageWidth: number): number {
  if (contentWidth === undefined) return own
  return Math.max(own, trunc64((pageWidth - (contentWidth - own + other)) / 2))
}

/** Visits every box with its place on the page, parents first. */
export function eachBox(layout: PageLayout, visit: (box: Box, x: number, y: number, depth: number) => void) {
  const walk = (box: Box, x: number, y: number, depth: number) => {
    visit(box, x + box.x, y + box.y, depth)
    for (const child of box.children) walk(child, x + box.x, y + box.y, depth + 1)
  }
  for (const section of layout.sections) walk(section, 0, 0, 0)
}
