import { leafShownBy, type Block } from '../block/block'
import { blockValue } from '../resolve/blockLayers'
import type { AtBand } from '../resolve/cascade'

/**
 * A new block as it is put into a parent: a text in a row is as wide as its words, as it would take all that is left
 * there, and its neighbours with it.
 */
export function fitInRow(block: Block, parent: Block | undefined, at: AtBand): Block {
  const isRow = parent && blockValue(parent, ['arrange', 'type'], at).value === 'row'
  if (!isRow || !leafShownBy(block, 'richText') || block.place?.width) return block
  return { ...block, place: { ...block.place, width: 'fit' } }
}
