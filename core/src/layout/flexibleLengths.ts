/** One item of a flex line. Lengths are whole layout units of the border box along the line. */
export interface FlexItem {
  base: number
  /** insets along the line; what shrinks is the rest of the base */
  insets: number
  grow: number
  shrink: number
  /** limits; the least beats the most */
  least: number
  most: number
  /** out */
  size: number
  /** whether its size is still to be found */
  isOpen: boolean
}

/** A size within an item's limits. */
export const clampItem = ({ least, most }: FlexItem, size: number) => Math.max(Math.min(size, most), least)

/**
 * Resolves flexible lengths along one line, into `item.size`.
 * @param room layout units of the line without gaps
 * @see CSS Flexible Box Layout 1, section 9.7
 */
export function resolveFlexibleLengths(items: FlexItem[], room: number) {
  let total = 0
  for (const item of items) {
    item.size = clampItem(item, item.base)
    total += item.size
  }
  const growing = total < room
  for (const item of items)
    item.isOpen = growing
      ? item.grow > 0 && item.base <= item.size
      : item.shrink > 0 && item.base >= item.size
  while (distribute(items, room, growing));
}

const weightOf = (item: FlexItem, growing: boolean) =>
  growing ? item.grow : item.shrink * (item.base - item.insets)

/** One round of section 9.7, step 4; gives back whether another is needed. */
function distribute(items: FlexItem[], room: number, growing: boolean): boolean {
  let free = room
  let weight = 0
  for (const item of items) {
    free -= item.isOpen ? item.base : item.size
    if (item.isOpen) weight += weightOf(item, growing)
  }
  const share = weight > 0 && (growing ? free > 0 : free < 0) ? free / weight : 0
  const wanted = (item: FlexItem) => item.base + Math.round(share * weightOf(item, growing))
  let violation = 0
  for (const item of items) {
    if (!item.isOpen) continue
    item.size = clampItem(item, wanted(item))
    violation += item.size - wanted(item)
  }
  let isOpen = false
  for (const item of items) {
    const own = item.size - wanted(item)
    item.isOpen &&= violation > 0 ? own <= 0 : violation < 0 && own >= 0
    isOpen ||= item.isOpen
  }
  return isOpen
}
