import type { Seen } from '../drawing/seenBlocks'

/** Blocks that stand one below another in the same holder, with the px between them. */
export interface Stack {
  holder: Seen
  blocks: Seen[]
  /** between each and the next */
  gaps: number[]
}

/** The blocks of a holder as a stack, from the top; nothing where they do not stand so. */
export function stackOf(holder: Seen): Stack | undefined {
  const blocks = holder.children
    .filter(({ node, h }) => h > 0 && !node.place.sticky)
    .sort((a, b) => a.y - b.y)
  if (blocks.length < 2) return undefined
  const gaps = blocks.slice(1).map((one, index) => one.y - blocks[index].y - blocks[index].h)
  return gaps.every((gap) => gap >= 0) ? { holder, blocks, gaps } : undefined
}

/** Parts that are laid out by what they are, not by the designer. */
const MADE = new Set(['table', 'tr', 'ul', 'ol', 'dl', 'nav', 'form', 'fieldset', 'select'])

/** Whether the designer decides the gaps in it. */
export const isArranged = ({ node }: Seen): boolean => !node.isPart && !MADE.has(node.tag)
