import type { Length } from '../block/lengthSchema'
import type { Tokens } from '../block/look'
import type { Place } from '../block/place'
import { px } from '../units/length'
import type { Placing, Size } from './node'

const NOTHING = px(0)

/** Where a block stands and how large it is, with tokens replaced. */
export function placing(place: Place, tokens: Tokens): Placing {
  const { offset, anchor, column, row } = place
  const start = column?.start ?? (column?.span === 'all' && row?.start ? 1 : undefined)
  const length = (value: Length | undefined) => (value ? tokens.length(value) : NOTHING)
  const limit = (value: Length | 'none' | undefined) =>
    value === undefined || value === 'none' ? undefined : tokens.length(value)
  return {
    width: size(place.width ?? 'fill', tokens),
    height: size(place.height ?? 'fit', tokens),
    minWidth: limit(place.minWidth),
    maxWidth: limit(place.maxWidth),
    minHeight: limit(place.minHeight),
    maxHeight: limit(place.maxHeight),
    column: { start, span: column?.span === 'all' ? Infinity : (column?.span ?? 1) },
    row: { start: start === undefined ? undefined : row?.start, span: row?.span ?? 1 },
    x: anchor?.x ?? 'start',
    y: anchor?.y ?? 'start',
    left: length(offset?.left),
    right: length(offset?.right),
    top: length(offset?.top),
    bottom: length(offset?.bottom),
    offsetX: length(offset?.x),
    offsetY: length(offset?.y),
    across: offset?.across ?? { start: 0, length: 100 },
    down: offset?.down ?? { start: 0, length: 100 },
    space: place.space && tokens.length(place.space),
    overflow: place.overflow ?? 'visible',
    sticky: sticky(place, tokens),
    isGroundNarrow: place.ground === 'content',
  }
}

function sticky({ sticky: written }: Place, tokens: Tokens): Placing['sticky'] {
  const { edge = 'none', offset, from } = written ?? {}
  if (edge === 'none') return undefined
  return { edge, offset: offset ? tokens.length(offset) : NOTHING, isLater: from === 'scrolled' }
}

function size(written: NonNullable<Place['width']>, tokens: Tokens): Size {
  if (written === 'fit') return { type: 'fit' }
  if (written === 'fill') return { type: 'fill', share: 1 }
  if ('share' in written) return { type: 'fill', share: written.share }
  return { type: 'fixed', length: tokens.length(written) }
}
