import type { BlockNode, PageNode } from '../resolve/node'
import type { FontLibrary } from '../text/fontLibrary'
import { toPixels, toUnits } from '../text/layoutUnit'
import type { Environment } from '../units/environment'
import type { WrittenLength } from '../units/length'
import type { Box } from './box'
import { FILL, FIT, FIXED } from './extent'
import { AUTO, DEFINITE } from './heightMode'
import { BoxComputer } from './computeBox'
import { laying } from './layBox'
import { clampHeight, clampWidth, extentOf } from './limits'

/** A laid-out page. Boxes stand relative to their parents, sections to the page's top left corner. */
export interface PageLayout {
  /** px, without the scroll bar */
  width: number
  height: number
  /** colour behind the sections */
  ground: string
  /** whether drawings show lines where words stand */
  hasLines: boolean
  icons?: PageNode['icons']
  sections: Box[]
  /** A written length of a box's looks, px, as its own font and the environment have it. */
  px: (written: WrittenLength, box: Box) => number
}

const VIEWPORT = new Set<keyof Environment>(['viewportWidth', 'viewportHeight', 'scrollBar'])

const NO_CHILDREN: Box[] = []

/**
 * Lays out pages, and again after a change without measuring what did not change: boxes are kept for nodes that stay
 * the same object.
 */
export class PageLayouter {
  /** sections of the last layout */
  private last: Box[] = []
  private lastByKey: Map<string, Box> | undefined
  private computer: BoxComputer | undefined
  /** whether the viewport is not the one of the last layout */
  private isOtherViewport = false

  constructor(private library: FontLibrary) {}

  /** Lays out a page in an environment. */
  layout(page: PageNode, environment: Environment): PageLayout {
    this.prepare({ ...environment, rootSize: page.rootSize })
    const width = environment.viewportWidth - environment.scrollBar
    let y = 0
    const sections = page.children.map((node, index) => {
      const box = this.box(node, this.last[index])
      setSides(box, width)
      const height = placeSection(box, toUnits(width))
      box.x64 = 0
      box.y64 = y
      y += height
      return box
    })
    this.last = sections
    this.lastByKey = undefined
    const computer = this.computer as BoxComputer
    const px: PageLayout['px'] = (written, { node }) => computer.px(written, node)
    const { ground, hasLines, icons } = page
    return { width, height: toPixels(y), ground, hasLines, icons, sections, px }
  }

  /** Lengths depend on the environment; on the viewport only where vw or vh are used. */
  private prepare(wanted: Environment) {
    const { computer } = this
    this.isOtherViewport = false
    if (computer) {
      const before = computer.environment
      const keys = Object.keys(wanted) as (keyof Environment)[]
      const changed = keys.filter((key) => before[key] !== wanted[key])
      if (changed.length === 0) return
      if (changed.every((key) => VIEWPORT.has(key))) {
        this.computer = new BoxComputer(this.library, wanted, computer)
        this.isOtherViewport = true
        return
      }
    }
    this.last = []
    this.computer = new BoxComputer(this.library, wanted)
  }

  /** @param there what stood in the node's place last time */
  private box(node: BlockNode, there: Box | undefined): Box {
    if (there?.node === node && this.isKept(there)) return there
    const former = there?.node.key === node.key ? there : this.formerBox(node)
    if (former?.node === node && this.isKept(former)) return former
    return (this.computer as BoxComputer).box(node, this.childBoxes(node, former))
  }

  /** Whether a box is the same in this viewport as in the last one. */
  private isKept({ usesViewport }: Box): boolean {
    return !usesViewport || !this.isOtherViewport
  }

  private childBoxes({ children }: BlockNode, former: Box | undefined): Box[] {
    if (children.length === 0) return NO_CHILDREN
    const boxes: Box[] = []
    for (let index = 0; index < children.length; index++)
      boxes.push(this.box(children[index], former?.children[index]))
    return boxes
  }

  /** The box of an instance that stood elsewhere last time. */
  private formerBox({ key }: BlockNode): Box | undefined {
    if (this.last.length === 0) return undefined
    if (!this.lastByKey) {
      const byKey = (this.lastByKey = new Map<string, Box>())
      const add = (box: Box) => {
        byKey.set(box.node.key, box)
        box.children.forEach(add)
      }
      this.last.forEach(add)
    }
    return this.lastByKey.get(key)
  }
}

/** Places a section across the page; gives back its height, layout units. */
function placeSection(box: Box, pageWidth: number): number {
  const { width, height } = box.measures
  const wanted = width.mode === FILL || width.mode === FIT ? pageWidth : extentOf(width, pageWidth)
  const own = clampWidth(box, wanted, pageWidth)
  const isFixed = height.mode === FIXED
  const tall = clampHeight(box, isFixed ? height.value : laying.height(box, own))
  laying.place(box, own, tall, isFixed ? DEFINITE : AUTO)
  return tall
}

/** A section's sides are at least the grid's margins, and take what is left beside the content width alike. */
function setSides(box: Box, pageWidth: number) {
  const { inset } = box.node.arrange
  if (!inset) return
  const { border } = box.measures
  const left = border[3] + toUnits(sideOf(inset.left, inset.right, inset.contentWidth, pageWidth))
  const right = border[1] + toUnits(sideOf(inset.right, inset.left, inset.contentWidth, pageWidth))
  if (box.insetLeft64 === left && box.insetRight64 === right) return
  box.insetLeft64 = left
  box.insetRight64 = right
  box.measuredWidth = -1
  box.w64 = -1
}

function sideOf(own: number, other: number, contentWidth: number | undefined, pageWidth: number): number {
  if (contentWidth === undefined) return own
  return Math.max(own, (pageWidth - (contentWidth - own + other)) / 2)
}

/** Visits every box with its place on the page, parents first. */
export function eachBox(layout: PageLayout, visit: (box: Box, x: number, y: number, depth: number) => void) {
  const walk = (box: Box, x: number, y: number, depth: number) => {
    visit(box, x + box.x, y + box.y, depth)
    for (const child of box.children) walk(child, x + box.x, y + box.y, depth + 1)
  }
  for (const section of layout.sections) walk(section, 0, 0, 0)
}
