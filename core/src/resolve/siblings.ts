import type { Block } from '../block/block'
import { childrenByParent, inOrder, treeInOrder } from '../document/tree'
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

/** All blocks of a drawing as they follow one another at a band, hidden ones too, with how deep each stands. */
export function treeAtBand(blocks: Record<string, Block>, at: AtBand): { id: string; depth: number }[] {
  const children = childrenByParent(blocks)
  for (const [parent, list] of children)
    if (list.some((block) => block.at)) {
      const keyed = list.map((block) => ({ id: block.id, order: orderAtBand(block, at), block }))
      children.set(
        parent,
        inOrder(keyed).map(({ block }) => block),
      )
    }
  return treeInOrder(children).map(({ record, depth }) => ({ id: record.id, depth }))
}
