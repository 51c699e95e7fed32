import type { Json } from '../document/types'
import { roundTo, type WrittenLength } from '../units/length'
import { insideBorder, type DrawnPage, type Placed } from './drawnPage'
import type { Rect } from './rect'

/** A leaf of a block with what it is to be. */
export type LeafValue = [path: string[], value: Json]

/** One axis of a freely placed block: where it is to stand in its parent, px from the inside of the border. */
interface Along {
  /** from the parent's near edge */
  start: number
  size: number
  /** of the parent, inside its border */
  room: number
}

/** What offsets along an axis are called. */
const ACROSS = { start: 'left', end: 'right', centre: 'x', share: 'across', size: 'width' } as const
const DOWN = { start: 'top', end: 'bottom', centre: 'y', share: 'down', size: 'height' } as const

/**
 * The leaves by which a freely placed block stands at a rectangle of the page, as its anchors hold it: an end keeps its
 * distance from the far edge, a centre from the middle, both edges and a proportion give its size too.
 * @param changes which of its places and sizes are to be written
 */
export function anchoredPlace(
  page: DrawnPage,
  placed: Placed,
  container: Placed,
  rect: Rect,
  changes: { across?: 'place' | 'size'; down?: 'place' | 'size' },
): LeafValue[] {
  const inside = insideBorder(container)
  const { place } = placed.box.node
  const across = { start: rect.x - inside.x, size: rect.w, room: inside.w }
  const down = { start: rect.y - inside.y, size: rect.h, room: inside.h }
  const written = { left: place.left, right: place.right, x: place.offsetX }
  return [
    ...(changes.across ? axisLeaves(place.x, ACROSS, across, changes.across, page, written) : []),
    ...(changes.down ? axisLeaves(place.y, DOWN, down, changes.down, page, {}) : []),
  ]
}

function axisLeaves(
  anchor: 'start' | 'end' | 'both' | 'centre' | 'proportion',
  names: typeof ACROSS | typeof DOWN,
  along: Along,
  change: 'place' | 'size',
  { write }: DrawnPage,
  written: Partial<Record<string, WrittenLength>>,
): LeafValue[] {
  const offset = (name: string, px: number): LeafValue => [
    ['place', 'offset', name],
    lengthLike(written[name], px, along.room, write) as unknown as Json,
  ]
  const { start, size, room } = along
  const end = room - start - size
  const sized: LeafValue[] =
    change === 'size' ? [[['place', names.size], write(roundTo(size, 2)) as unknown as Json]] : []
  switch (anchor) {
    case 'start':
      return [offset(names.start, start), ...sized]
    case 'end':
      return [offset(names.end, end), ...sized]
    case 'centre':
      return [offset(names.centre, start + size / 2 - room / 2), ...sized]
    case 'both':
      return [offset(names.start, start), offset(names.end, end)]
    case 'proportion': {
      const share = (px: number) => roundTo(room > 0 ? (100 * px) / room : 0, 4)
      return [[['place', 'offset', names.share], { start: share(start), length: share(size) }]]
    }
  }
}

/** So many px as the offset before was written where it was a share of the room, else as new lengths are. */
function lengthLike(
  before: WrittenLength | undefined,
  px: number,
  room: number,
  write: DrawnPage['write'],
): WrittenLength {
  if (before?.unit === '%' && room > 0) return { value: roundTo((100 * px) / room, 4), unit: '%' }
  return write(roundTo(px, 2))
}
