import type { Block } from '../block/block'
import { inOrder } from '../document/tree'
import { towardsLead } from '../grid/band'
import type { Bands } from './value'

/** A block's order key at a band: its own there, or the one it comes from on the way to the lead. */
export function orderAtBand(block: Block, { inOrder: bands, lead }: Bands, band: string): string {
  if (!block.at) return block.order
  const found = towardsLead(bands, band, lead).find(({ id }) => block.at?.[id]?.order !== undefined)
  return found ? (block.at[found.id].order as string) : block.order
}

/** The children of a block (null: the page) as they follow one another at a band. */
export function siblingsAtBand(
  blocks: Record<string, Block>,
  parent: string | null,
  bands: Bands,
  band: string,
): { id: string; order: string }[] {
  const children = Object.values(blocks).filter((block) => (block.parent ?? null) === parent)
  return inOrder(children.map((block) => ({ id: block.id, order: orderAtBand(block, bands, band) })))
}
