import type { Block } from '../block/block'
import { inOrder } from '../document/tree'
import { orderAtBand } from './blockLayers'
import type { AtBand } from './cascade'

/** The children of a block (null: the page) as they follow one another at a band. */
export function siblingsAtBand(
  blocks: Record<string, Block>,
  parent: string | null,
  at: AtBand,
): { id: string; order: string }[] {
  const children = Object.values(blocks).filter((block) => (block.parent ?? null) === parent)
  return inOrder(children.map((block) => ({ id: block.id, order: orderAtBand(block, at) })))
}
