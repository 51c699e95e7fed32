import type { CardSize } from '@nolvex/core/site/treeLayout'

/** Cards of a tree from the top down: the width is the card's. */
export const cardSize: CardSize = { width: 132, gap: 20, level: 200 }
/** Cards of a tree from left to right: the width is the card's height. */
export const flatCard: CardSize = { width: 54, gap: 12, level: 196 }

/** px of a card's head with title, address and marks, and of each section's line. */
export const HEAD = 54
export const LINE = 16
/** Sections a card shows before it counts the rest. */
export const MOST_LINES = 5

export function cardHeight(sections: number): number {
  return HEAD + (sections ? 6 + Math.min(sections, MOST_LINES + 1) * LINE : 0)
}
