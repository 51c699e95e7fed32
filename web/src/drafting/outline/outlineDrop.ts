import { refusesParent, type Block } from '@nolvex/core/block/block'
import { outermost, spotAfter, type BlockSpot } from '@nolvex/core/edit/blockChanges'
import type { AtBand } from '@nolvex/core/resolve/cascade'
import { siblingsAtBand } from '@nolvex/core/resolve/siblings'

type Blocks = Record<string, Block>

/** Where on a line of the outline something is let go. */
export type DropPart = 'before' | 'inside' | 'after'

/** Which part of a line a pointer is on. @param share 0 at its top, 1 at its foot */
export function dropPart(share: number, takesBlocks: boolean): DropPart {
  if (!takesBlocks) return share < 0.5 ? 'before' : 'after'
  return share < 0.25 ? 'before' : share > 0.75 ? 'after' : 'inside'
}

/** The spot blocks come to when they are let go on a line, or nothing where they may not stand. */
export function outlineDrop(
  blocks: Blocks,
  ids: string[],
  onto: string,
  part: DropPart,
  at: AtBand,
): BlockSpot | undefined {
  const moving = outermost(blocks, ids)
  const parent = part === 'inside' ? onto : (blocks[onto].parent ?? null)
  for (let up: string | undefined = onto; up; up = blocks[up]?.parent)
    if (moving.includes(up)) return undefined
  const holder = parent === null ? undefined : blocks[parent]
  if (moving.length === 0 || moving.some((id) => refusesParent(holder, blocks[id]))) return undefined
  const siblings = siblingsAtBand(blocks, parent, at)
  if (part === 'inside') return { parent, index: siblings.length }
  if (part === 'after') return spotAfter(blocks, onto, at)
  return { parent, index: siblings.findIndex(({ id }) => id === onto) }
}
