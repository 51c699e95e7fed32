import type { CardSize } from '@nolvex/core/site/treeLayout'

export const cardSize: CardSize = { width: 132, gap: 20, level: 190 }

/** px of a card's head with title and address, and of each section's line. */
export const HEAD = 38
export const LINE = 16
/** Sections a card shows before it counts the rest. */
export const MOST_LINES = 5

export function cardHeight(sections: number): number {
  return HEAD + (sections ? 6 + Math.min(sections, MOST_LINES + 1) * LINE : 0)
}
