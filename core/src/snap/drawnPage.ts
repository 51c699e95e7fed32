import type { Block } from '../block/block'
import type { ColumnGrid } from '../grid/columnGrid'
import type { Box } from '../layout/box'
import type { PageLayout } from '../layout/pageLayout'
import type { AtBand } from '../resolve/cascade'
import type { BlockNode } from '../resolve/node'
import type { WrittenLength } from '../units/length'
import type { HintKind } from './hint'
import type { PageLines } from './hintGround'
import type { Rect } from './rect'

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
  /** columns, rows, baseline and guides that give hints while something moves */
  lines: PageLines
  /** what hints are given at all */
  hintKinds: ReadonlySet<HintKind>
  /** its columns at this width, where it has some that can be solved */
  grid?: ColumnGrid
  /** the gaps that are permitted, px, rising */
  scale: number[]
}

/** What is drawn on: the blocks of a drawing, or those of an original where one of its copies shows them. */
export interface DrawnOn {
  /** the drawing; without one, all there are */
  document?: string
  /** the copy, and the block it shows in its own place */
  copy?: { key: string; root: string }
}

/**
 * Where every block that is drawn on stands, in reading order, parents first; parts of blocks are of them, and blocks of
 * another drawing are of the copy that shows them.
 */
export function placeBlocks(layout: PageLayout, on: DrawnOn): Map<string, Placed> {
  const placed = new Map<string, Placed>()
  const walk = (box: Box, parent: Placed | null, x: number, y: number) => {
    const { key } = box.node
    const record = recordDrawn(box.node, on)
    if (record === undefined) {
      for (const child of box.children) walk(child, parent, x + box.x, y + box.y)
      return
    }
    const own: Placed = {
      key,
      record,
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

/** The block that is drawn on where an instance stands, or nothing where it is a part or of another drawing. */
function recordDrawn(
  { key, isPart, origin, room }: BlockNode,
  { document, copy }: DrawnOn,
): string | undefined {
  if (isPart) return undefined
  if (copy && key === copy.key) return copy.root
  if (copy && !key.startsWith(`${copy.key}-`)) return undefined
  if (room && room.document === document) return room.record
  return document === undefined || origin.document === document ? origin.record : undefined
}

/** What stands in a block (null: on the page itself), in order. */
export function childrenOf({ placed }: DrawnPage, parent: Placed | null): Placed[] {
  const inside = (box: Box): Placed[] =>
    box.children.flatMap((child) => placed.get(child.node.key) ?? inside(child))
  return parent ? inside(parent.box) : [...placed.values()].filter((one) => one.parent === null)
}

/** Whether a block arranges what stands in it itself, and not parts of it or blocks of another drawing. */
export const arrangesItself = ({ placed }: DrawnPage, { box }: Placed): boolean =>
  box.node.room !== undefined || box.children.every(({ node }) => placed.has(node.key))

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
