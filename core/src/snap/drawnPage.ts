import type { Block } from '../block/block'
import type { Box } from '../layout/box'
import type { PageLayout } from '../layout/pageLayout'
import type { AtBand } from '../resolve/cascade'
import type { WrittenLength } from '../units/length'
import type { Rect, SnapLines } from './snapEdges'

/** An instance as it stands on the page, px from the page's corner. */
export interface Placed extends Rect {
  key: string
  /** the block an edit to it writes */
  record: string
  box: Box
  /** key of what it stands in; null on the page itself */
  parent: string | null
  depth: number
}

/** A page as it is drawn on: its blocks, where they stand at one width, and how what is made there is written. */
export interface DrawnPage {
  blocks: Record<string, Block>
  /** in reading order, parents first */
  placed: ReadonlyMap<string, Placed>
  /** px, without the scroll bar */
  width: number
  height: number
  at: AtBand
  /** A length of so many px as this project writes new lengths. */
  write: (px: number) => WrittenLength
  /** columns, rows and guides that dragged edges may snap to */
  lines: SnapLines
  /** whether they may snap to other blocks too */
  snapsToBlocks: boolean
}

/** Where every block of a layout stands, in reading order, parents first; parts of blocks are of them. */
export function placeBlocks(layout: PageLayout): Map<string, Placed> {
  const placed = new Map<string, Placed>()
  const walk = (box: Box, parent: Placed | null, x: number, y: number) => {
    const { key, origin, isPart } = box.node
    if (isPart) {
      for (const child of box.children) walk(child, parent, x + box.x, y + box.y)
      return
    }
    const own: Placed = {
      key,
      record: origin.record,
      box,
      parent: parent?.key ?? null,
      depth: parent ? parent.depth + 1 : 0,
      x: x + box.x,
      y: y + box.y,
      w: box.w,
      h: box.h,
    }
    placed.set(key, own)
    for (const child of box.children) walk(child, own, own.x, own.y)
  }
  for (const section of layout.sections) walk(section, null, 0, 0)
  return placed
}

/** What stands in a block (null: on the page itself), in order. */
export function childrenOf({ placed }: DrawnPage, parent: Placed | null): Placed[] {
  if (parent) return blocksIn(parent.box).map(({ node }) => placed.get(node.key) as Placed)
  return [...placed.values()].filter((one) => one.parent === null)
}

/** The boxes of the blocks that stand in one, whatever parts of it are around them. */
const blocksIn = ({ children }: Box): Box[] =>
  children.flatMap((child) => (child.node.isPart ? blocksIn(child) : [child]))

/** Whether a block arranges what stands in it itself, and not parts of it. */
export const arrangesItself = ({ box }: Placed): boolean => !box.children.some(({ node }) => node.isPart)

/** What is left of a block inside its border: what freely placed children are measured from. */
export function insideBorder({ x, y, w, h, box }: Placed): Rect {
  const [top, right, bottom, left] = box.border
  return { x: x + left, y: y + top, w: Math.max(0, w - left - right), h: Math.max(0, h - top - bottom) }
}

/** Whether a block is another one or stands in it. */
export function standsIn({ placed }: DrawnPage, key: string, outer: string): boolean {
  for (let here = placed.get(key); here; here = here.parent ? placed.get(here.parent) : undefined)
    if (here.key === outer) return true
  return false
}

/** What of a selection stands in nothing else of it, in the page's order. */
export function outermostPlaced(page: DrawnPage, keys: string[]): Placed[] {
  const chosen = new Set(keys)
  const isInside = (one: Placed) => {
    for (let up = one.parent; up; up = page.placed.get(up)?.parent ?? null) if (chosen.has(up)) return true
    return false
  }
  return [...page.placed.values()].filter((one) => chosen.has(one.key) && !isInside(one))
}
