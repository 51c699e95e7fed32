import { standsOnPage, type Block } from '../block/block'
import { withValue } from '../document/path'
import type { Operation, StoredRecord } from '../document/types'
import { putBlock } from '../drawing/drawing'
import { insertBlocks } from '../edit/blockChanges'
import { fitInRow } from '../edit/fitInRow'
import { siblingsAtBand } from '../resolve/siblings'
import type { DrawnPage } from './drawnPage'
import { beginMove, dropSpot, type DropSpot, type Moving } from './dropSpot'
import { HitIndex } from './hitTest'
import type { Rect } from './rect'

type Blocks = Record<string, Block>

/** A new block, with all that stands in it, that waits at the end of the page to be dragged to its place. */
export interface Waiting {
  id: string
  /** what stands in it */
  below: Block[]
  /** what puts it there, in a section of its own where it cannot stand on the page itself */
  operations: Operation[]
}

/**
 * Puts a new block at the end of a page, where it is laid out and may stay.
 * @param made the block and all that stands in it, parents first
 * @param section id for one around it
 */
export function waitAtEnd(
  blocks: Blocks,
  [block, ...below]: Block[],
  section: string,
  at: DrawnPage['at'],
): Waiting {
  const around: Block = { id: section, order: 'a0', kind: 'section' }
  const isSection = standsOnPage(block)
  const made = isSection ? [block, ...below] : [around, { ...block, parent: section }, ...below]
  const end = { parent: null, index: siblingsAtBand(blocks, null, at).length }
  return { id: block.id, below, operations: insertBlocks(blocks, end, [made], at) }
}

/** Begins to drag a waiting block. @param page laid out with the block in its waiting place */
export function beginDropNew(page: DrawnPage, { id }: Waiting): Moving | undefined {
  const grabbed = [...page.placed.values()].find(({ record }) => record === id)
  return grabbed && beginMove(page, new HitIndex(page.placed), grabbed, [])
}

/**
 * The spot for a new block dragged to cover `rect`, the pointer being at a point, px on the page. Its change is one to
 * the page without the block. Over nothing that holds it, it stays at the end of the page.
 */
export function dropNew(
  moving: Moving,
  waiting: Waiting,
  rect: Rect,
  pointer: { x: number; y: number },
  reach?: number,
): DropSpot {
  const spot = dropSpot(moving, rect, pointer, reach)
  if (!spot)
    return { mark: rect, hints: [], says: 'at the end of the page', operations: () => waiting.operations }
  return { ...spot, operations: () => insertion(moving, waiting, spot.operations()) }
}

/** Moves of a block that is not there yet, written as one that puts it. */
function insertion({ page, block }: Moving, waiting: Waiting, moves: Operation[]): Operation[] {
  const moved = moves.reduce((made, move) => (move.id === block.id ? withMove(made, move) : made), block)
  const waits = block.parent !== undefined && moved.parent === block.parent
  if (waits) return waiting.operations
  const parent = moved.parent === undefined ? undefined : page.blocks[moved.parent]
  const others = moves.filter(({ id }) => id !== block.id)
  return [...others, ...[fitInRow(moved, parent, page.at), ...waiting.below].map(putBlock)]
}

/** A new block has one order, at whatever band it is put on the page. */
function withMove(block: Block, move: Operation): Block {
  if (move.type !== 'set') return block
  const path = move.path.at(-1) === 'order' ? ['order'] : move.path
  return withValue(block as unknown as StoredRecord, path, move.value) as unknown as Block
}
