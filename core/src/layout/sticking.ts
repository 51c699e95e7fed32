import { cutsOff, type BlockNode, type Placing } from '../resolve/node'
import { toUnits } from '../text/layoutUnit'
import { Box } from './box'
import type { PageLayout } from './pageLayout'

/** What of a page is seen in a window: from so far down, and so tall, px. */
export interface Scrolled {
  top: number
  height: number
}

/** A box that keeps to an edge of the window while what it stands in is scrolled past. */
export interface Sticking {
  box: Box
  edge: 'top' | 'bottom'
  /** px it keeps from its edge */
  offset: number
  /** its place while the page is not scrolled, px of the page */
  x: number
  y: number
  /** how far up and down from there it may go without leaving what it stands in, px */
  up: number
  down: number
  /** what else sticks and holds it */
  within?: Sticking
}

/** Whether a block keeps to an edge of the window; what is placed freely keeps to its anchors. */
export const isSticking = ({ place }: BlockNode, parent: BlockNode | undefined): boolean =>
  place.sticky !== undefined && parent?.arrange.type !== 'placed'

/** Boxes as they lie over one another, lowest first: what sticks lies over what is beside it. */
export function inStackingOrder(boxes: Box[], parent: BlockNode | undefined): Box[] {
  const raised = boxes.filter(({ node }) => isSticking(node, parent))
  return raised.length === 0 ? boxes : [...boxes.filter((box) => !raised.includes(box)), ...raised]
}

/**
 * All that sticks on a page, outermost first. What stands in a block that cuts off or scrolls keeps to that block, which
 * is not scrolled in a drawing, and so to its place.
 * @see CSS Positioned Layout 3, 3.4
 */
export function stickingBoxes(layout: PageLayout): Sticking[] {
  const found: Sticking[] = []
  const walk = (box: Box, parent: Box | undefined, x: number, y: number, within: Sticking | undefined) => {
    let holder = within
    if (isSticking(box.node, parent?.node)) {
      const { edge, offset } = box.node.place.sticky as NonNullable<Placing['sticky']>
      const [from, to] = parent ? roomDown(parent) : [0, layout.height]
      const [up, down] = [Math.max(0, box.y - from), Math.max(0, to - box.y - box.h)]
      const keeps = layout.px(offset, box)
      holder = { box, edge, offset: keeps, x: x + box.x, y: y + box.y, up, down, within }
      found.push(holder)
    }
    if (cutsOff(box.node.place)) return
    for (const child of box.children) walk(child, box, x + box.x, y + box.y, holder)
  }
  for (const section of layout.sections) walk(section, undefined, 0, 0, undefined)
  return found
}

/** From where to where in its parent a box may stand, px: inside it, also in a grid of several rows, as Chromium has it. */
const roomDown = (parent: Box): [from: number, to: number] => [parent.insetTop, parent.h - parent.insetBottom]

/** How far a sticking box stands from its place, px down, while a page is scrolled. */
export function shiftOf(sticking: Sticking, scrolled: Scrolled): number {
  const { edge, offset, up, down, box, within } = sticking
  // What is seen later is out of sight until then: it keeps to its place.
  if (box.node.place.sticky?.isLater && scrolled.top < scrolled.height) return 0
  const y = sticking.y + (within ? totalShift(within, scrolled) : 0)
  if (edge === 'top') return Math.min(down, Math.max(0, scrolled.top + offset - y))
  return Math.max(-up, Math.min(0, scrolled.top + scrolled.height - offset - box.h - y))
}

const totalShift = (sticking: Sticking, scrolled: Scrolled): number =>
  shiftOf(sticking, scrolled) + (sticking.within ? totalShift(sticking.within, scrolled) : 0)

/** A page as it is seen in a window that is scrolled. Boxes that do not move stay the same objects. */
export function asScrolled(layout: PageLayout, scrolled: Scrolled): PageLayout {
  const shifts = new Map<Box, number>()
  for (const one of stickingBoxes(layout)) {
    const shift = shiftOf(one, scrolled)
    if (shift !== 0) shifts.set(one.box, shift)
  }
  if (shifts.size === 0) return layout
  return { ...layout, sections: layout.sections.map((box) => shifted(box, shifts)) }
}

function shifted(box: Box, shifts: Map<Box, number>): Box {
  const children = box.children.map((child) => shifted(child, shifts))
  const by = shifts.get(box)
  if (by === undefined && children.every((child, index) => child === box.children[index])) return box
  const moved = Object.assign(Object.create(Box.prototype) as Box, box, { children })
  moved.y64 += toUnits(by ?? 0)
  return moved
}

/** px from the top of the window that parts keep to as sections of a page: what lies there is not seen. */
export const coveredAtTop = (layout: PageLayout): number =>
  stickingBoxes(layout)
    .filter(({ edge, within, box }) => edge === 'top' && !within && layout.sections.includes(box))
    .reduce((most, { offset, box }) => Math.max(most, offset + box.h), 0)
