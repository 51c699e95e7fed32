import type { Box } from './box'

/**
 * The gap before a child of a row or a column, layout units: its own space where it has one, else its parent's gap.
 * Nothing stands before the first; where a row wraps, any child may come first in a line and all keep to the gap.
 */
export function gapBefore({ arrange, children, measures, node }: Box, index: number): number {
  if (index === 0) return 0
  const { space } = children[index].measures
  if (arrange === 'row') return space < 0 || node.arrange.wrap ? measures.columnGap : space
  return space < 0 ? measures.rowGap : space
}

/** All gaps between children `from` to before `to`, layout units. */
export function gapsBetween(box: Box, from = 0, to = box.children.length): number {
  let sum = 0
  for (let index = from + 1; index < to; index++) sum += gapBefore(box, index)
  return sum
}
