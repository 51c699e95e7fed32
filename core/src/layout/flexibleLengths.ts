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
  const open = items.filter((item) =>
    growing ? item.grow > 0 && item.base <= item.size : item.shrink > 0 && item.base >= item.size,
  )
  let unfrozen = open
  while (unfrozen.length) unfrozen = distribute(items, unfrozen, room, growing)
}

/** One round of section 9.7, step 4; gives back the items still flexible. */
function distribute(items: FlexItem[], unfrozen: FlexItem[], room: number, growing: boolean): FlexItem[] {
  let free = room
  for (const item of items) free -= unfrozen.includes(item) ? item.base : item.size
  const weight = (item: FlexItem) => (growing ? item.grow : item.shrink * (item.base - item.insets))
  const totalWeight = unfrozen.reduce((sum, item) => sum + weight(item), 0)
  const isFlexing = totalWeight > 0 && (growing ? free > 0 : free < 0)
  let violation = 0
  const violations = unfrozen.map((item) => {
    const wanted = item.base + (isFlexing ? Math.round((free * weight(item)) / totalWeight) : 0)
    item.size = clampItem(item, wanted)
    violation += item.size - wanted
    return item.size - wanted
  })
  if (violation === 0) return []
  return unfrozen.filter((_, index) => (violation > 0 ? violations[index] <= 0 : violations[index] >= 0))
}
