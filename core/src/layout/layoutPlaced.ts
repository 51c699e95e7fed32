import { floor64, trunc64 } from '../text/layoutUnit'
import type { Axis } from '../resolve/node'
import { AUTO, DEFINITE, FILL, FIT, type Box, type HeightMode } from './box'
import { maxContent } from './intrinsicWidth'
import type { LayBox } from './layBox'
import { clampHeight, clampWidth, extentPx } from './limits'

/**
 * Lays children where their anchors hold them; they give their parent no height.
 * @param width border-box width; @param height border-box height
 * @see CSS Positioned Layout 3, section 4
 */
export function layoutPlaced(box: Box, width: number, height: number, lay: LayBox) {
  const room = width - box.border[1] - box.border[3]
  const tall = height - box.border[0] - box.border[2]
  for (const child of box.children) {
    const w = widthOf(child, room)
    const { h, mode } = heightOf(child, w, tall, lay)
    lay(child, w, h, mode, true)
    child.x = box.border[3] + horizontal(child, w, room)
    child.y = box.border[0] + vertical(child, h, tall)
  }
}

function widthOf(child: Box, room: number): number {
  const { x, across } = child.node.place
  const between = () => Math.max(0, room - extentPx(child.left, room) - extentPx(child.right, room))
  if (x === 'both') return clampWidth(child, between(), room)
  if (x === 'proportion') return clampWidth(child, floor64((across.length * room) / 100), room)
  const { mode } = child.width
  const wanted = mode === FILL ? room : mode === FIT ? maxContent(child) : extentPx(child.width, room)
  return clampWidth(child, wanted, room)
}

function heightOf(child: Box, width: number, tall: number, lay: LayBox): { h: number; mode: HeightMode } {
  const { y, down } = child.node.place
  const definite = (h: number) => ({ h: clampHeight(child, h), mode: DEFINITE as HeightMode })
  if (y === 'both') return definite(Math.max(0, tall - child.top - child.bottom))
  if (y === 'proportion') return definite(floor64((down.length * tall) / 100))
  if (child.height.mode === FILL) return definite(tall)
  if (child.height.mode !== FIT) return definite(child.height.value)
  return { h: clampHeight(child, lay(child, width, 0, AUTO, false)), mode: AUTO }
}

function horizontal(child: Box, width: number, room: number): number {
  const { x, across } = child.node.place
  const offset = extentPx(child.offsetX, room)
  const start = x === 'proportion' ? floor64((across.start * room) / 100) : extentPx(child.left, room)
  return anchored(x, { start, end: extentPx(child.right, room), offset }, width, room)
}

function vertical(child: Box, height: number, tall: number): number {
  const { y, down } = child.node.place
  const start = y === 'proportion' ? floor64((down.start * tall) / 100) : child.top
  return anchored(y, { start, end: child.bottom, offset: child.offsetY }, height, tall)
}

function anchored(
  axis: Axis,
  { start, end, offset }: { start: number; end: number; offset: number },
  size: number,
  room: number,
): number {
  if (axis === 'end') return room - end - size
  if (axis === 'centre') return trunc64(room / 2 + offset) - trunc64(size / 2)
  return start
}
