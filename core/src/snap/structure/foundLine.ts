import { across, boundsOf, endOf, middleOf, startOf, type Axis, type Rect } from '../rect'
import type { Alignment, Found, FoundLine } from './found'

/** The axis a row or a column runs along. */
export const axisOf = (type: 'row' | 'column'): Axis => (type === 'row' ? 'x' : 'y')

/** What is tried in this order: the first that as many keep to wins. */
const ALIGNMENTS: Alignment[] = ['stretch', 'start', 'centre', 'end']

/** How far, px, something is from keeping to an alignment in a room. */
function misfit(rect: Rect, room: Rect, axis: Axis, align: Alignment): number {
  const start = Math.abs(startOf(rect, axis) - startOf(room, axis))
  const end = Math.abs(endOf(rect, axis) - endOf(room, axis))
  if (align === 'start') return start
  if (align === 'end') return end
  return align === 'stretch' ? Math.max(start, end) : Math.abs(middleOf(rect, axis) - middleOf(room, axis))
}

/** The alignment something keeps to in a room, or nothing. */
export const alignmentIn = (rect: Rect, room: Rect, axis: Axis, tolerance: number): Alignment | undefined =>
  ALIGNMENTS.find((align) => misfit(rect, room, axis, align) <= tolerance)

/** Things lined up, with the alignment most of them keep to. */
export function foundLine(
  children: Found[],
  type: 'row' | 'column',
  gaps: number[],
  tolerance: number,
): FoundLine {
  const rect = boundsOf(children.map((one) => one.rect))
  const axis = across(axisOf(type))
  const keeping = (align: Alignment) =>
    children.filter((one) => misfit(one.rect, rect, axis, align) <= tolerance).length
  let align = ALIGNMENTS[0]
  for (const other of ALIGNMENTS) if (keeping(other) > keeping(align)) align = other
  const offsets = children.map((one) =>
    misfit(one.rect, rect, axis, align) <= tolerance
      ? undefined
      : startOf(one.rect, axis) - startOf(rect, axis),
  )
  return { type, rect, children, gaps, align, offsets }
}
