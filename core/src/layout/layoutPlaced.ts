import { wholeUnits } from '../text/layoutUnit'
import type { Axis } from '../resolve/node'
import type { Box } from './box'
import { FILL, FIT } from './extent'
import { AUTO, DEFINITE, type HeightMode } from './heightMode'
import { maxContent } from './intrinsicWidth'
import type { Laying } from './layBox'
import { clampHeight, clampWidth, extentOf } from './limits'

/**
 * Lays children where their anchors hold them; they give their parent no height.
 * @param width border-box width, layout units; @param height border-box height
 * @see CSS Positioned Layout 3, section 4
 */
export function placePlaced(box: Box, width: number, height: number, laying: Laying) {
  const { border } = box.measures
  const room = width - border[1] - border[3]
  const tall = height - border[0] - border[2]
  for (const child of box.children) {
    const w = widthOf(child, room)
    const { h, mode } = heightOf(child, w, tall, laying)
    laying.place(child, w, h, mode)
    child.x64 = border[3] + horizontal(child, w, room)
    child.y64 = border[0] + vertical(child, h, tall)
  }
}

const share = (percent: number, of: number) => wholeUnits(Math.floor((percent * of) / 100))

function widthOf(child: Box, room: number): number {
  const { x, across } = child.node.place
  const between = () =>
    Math.max(0, room - extentOf(child.measures.left, room) - extentOf(child.measures.right, room))
  if (x === 'both') return clampWidth(child, between(), room)
  if (x === 'proportion') return clampWidth(child, share(across.length, room), room)
  const { mode } = child.measures.width
  const wanted =
    mode === FILL ? room : mode === FIT ? maxContent(child) : extentOf(child.measures.width, room)
  return clampWidth(child, wanted, room)
}

function heightOf(child: Box, width: number, tall: number, laying: Laying): { h: number; mode: HeightMode } {
  const { y, down } = child.node.place
  const definite = (h: number) => ({ h: clampHeight(child, h), mode: DEFINITE as HeightMode })
  if (y === 'both') return definite(Math.max(0, tall - child.measures.top - child.measures.bottom))
  if (y === 'proportion') return definite(share(down.length, tall))
  if (child.measures.height.mode === FILL) return definite(tall)
  if (child.measures.height.mode !== FIT) return definite(child.measures.height.value)
  return { h: clampHeight(child, laying.height(child, width)), mode: AUTO }
}

function horizontal(child: Box, width: number, room: number): number {
  const { x, across } = child.node.place
  const offset = extentOf(child.measures.offsetX, room)
  const start = x === 'proportion' ? share(across.start, room) : extentOf(child.measures.left, room)
  return anchored(x, { start, end: extentOf(child.measures.right, room), offset }, width, room)
}

function vertical(child: Box, height: number, tall: number): number {
  const { y, down } = child.node.place
  const start = y === 'proportion' ? share(down.start, tall) : child.measures.top
  return anchored(y, { start, end: child.measures.bottom, offset: child.measures.offsetY }, height, tall)
}

function anchored(
  axis: Axis,
  { start, end, offset }: { start: number; end: number; offset: number },
  size: number,
  room: number,
): number {
  if (axis === 'end') return room - end - size
  if (axis === 'centre') return wholeUnits(room / 2 + offset) - wholeUnits(size / 2)
  return start
}
