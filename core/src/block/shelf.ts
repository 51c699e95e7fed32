import type { Block } from './block'
import { blockKinds, type AnyKind, type BlockKindName } from './kinds'
import type { NewBlock, ShelfEntry } from './kind'

/** Something the shelf offers, with the kind of block it makes. */
export type ShelfItem = ShelfEntry & { block: { kind: BlockKindName } }

/** What can be put on a page, kind by kind. */
export const shelfItems: ShelfItem[] = Object.values<AnyKind>(blockKinds).flatMap(({ kind, shelf }) =>
  shelf.map((entry) => ({ ...entry, block: { ...entry.block, kind } })),
)

/** A new block as the shelf makes it, not yet placed, with all that stands in it, parents first. */
export const blocksFrom = ({ block }: ShelfItem, newId: () => string): Block[] => blocksOf(block, newId)

/** @param order of the block among its siblings */
function blocksOf(
  given: NewBlock & { kind: string },
  newId: () => string,
  parent?: string,
  order = 0,
): Block[] {
  const { holds = [], ...values } = structuredClone(given)
  const id = newId()
  const own = { ...values, id, order: `a${order}`, ...(parent ? { parent } : {}) } as Block
  return [own, ...holds.flatMap((one, index) => blocksOf(one, newId, id, index))]
}

/** The change that puts it on a page, as the history names it. */
export const labelOfPut = ({ label }: ShelfItem) => `Add ${label.toLowerCase()}`
