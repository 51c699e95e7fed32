import type { Block } from './block'
import { blockKinds, type AnyKind, type BlockKindName } from './kinds'
import type { ShelfEntry } from './kind'

/** Something the shelf offers, with the kind of block it makes. */
export type ShelfItem = ShelfEntry & { block: { kind: BlockKindName } }

/** What can be put on a page, kind by kind. */
export const shelfItems: ShelfItem[] = Object.values<AnyKind>(blockKinds).flatMap(({ kind, shelf }) =>
  shelf.map((entry) => ({ ...entry, block: { ...entry.block, kind } })),
)

/** A new block as the shelf makes it, not yet placed. */
export const blockFrom = ({ block }: ShelfItem, id: string) =>
  ({ ...structuredClone(block), id, order: 'a0' }) as Block

/** The change that puts it on a page, as the history names it. */
export const labelOfPut = ({ label }: ShelfItem) => `Add ${label.toLowerCase()}`
