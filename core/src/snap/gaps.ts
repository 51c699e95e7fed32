import type { Rect } from './rect'

/** A gap from a block to what stands beside it: a sibling, or the edge of what it stands in. */
export interface Gap {
  side: 'above' | 'below' | 'left' | 'right'
  /** px */
  size: number
  /** id of the sibling; none for the container's edge */
  to?: string
}

interface Named extends Rect {
  id: string
}

const overlaps = (aStart: number, aEnd: number, bStart: number, bEnd: number) =>
  aStart < bEnd && bStart < aEnd

/** The gaps from a block to its nearest siblings, or where there is none to the edges of its container, px. */
export function gapsAround(block: Rect, siblings: Named[], container: Rect): Gap[] {
  const above = siblings.filter((one) => overlaps(block.x, block.x + block.w, one.x, one.x + one.w))
  const beside = siblings.filter((one) => overlaps(block.y, block.y + block.h, one.y, one.y + one.h))
  return [
    nearest(
      'above',
      above.map(({ id, y, h }) => ({ to: id, size: block.y - (y + h) })),
      block.y - container.y,
    ),
    nearest(
      'below',
      above.map(({ id, y }) => ({ to: id, size: y - (block.y + block.h) })),
      container.y + container.h - block.y - block.h,
    ),
    nearest(
      'left',
      beside.map(({ id, x, w }) => ({ to: id, size: block.x - (x + w) })),
      block.x - container.x,
    ),
    nearest(
      'right',
      beside.map(({ id, x }) => ({ to: id, size: x - (block.x + block.w) })),
      container.x + container.w - block.x - block.w,
    ),
  ]
}

function nearest(side: Gap['side'], candidates: { to: string; size: number }[], toEdge: number): Gap {
  const free = candidates.filter(({ size }) => size >= 0).sort((a, b) => a.size - b.size)
  return free.length ? { side, ...free[0] } : { side, size: toEdge }
}
