import type { Block } from '../block/block'
import { childrenByParent, inOrder } from '../document/tree'

/** The blocks of a drawing by what they stand in, kept up to date as single blocks change. */
export class ChildIndex {
  private lists: Map<string | null, Block[]>

  constructor(blocks: Record<string, Block>) {
    this.lists = childrenByParent(blocks)
  }

  /** Children of a block (null: the page), in the lead band's order. */
  below(parent: string | null): Block[] {
    return this.lists.get(parent) ?? []
  }

  /** Takes in that a block is another now, is new, or is gone. */
  update(before: Block | undefined, after: Block | undefined) {
    const stays = before && after && before.parent === after.parent
    if (stays) return this.replace(before, after)
    if (before) this.write(before, (list) => list.filter(({ id }) => id !== before.id))
    if (after) this.write(after, (list) => inOrder([...list, after]))
  }

  private replace(before: Block, after: Block) {
    this.write(after, (list) => {
      const own = list.map((one) => (one.id === after.id ? after : one))
      return before.order === after.order ? own : inOrder(own)
    })
  }

  private write({ parent }: Block, rewrite: (list: Block[]) => Block[]) {
    this.lists.set(parent ?? null, rewrite(this.below(parent ?? null)))
  }
}
