import { insideBorder, type DrawnPage, type Placed } from './drawnPage'
import type { Called } from './hintGround'

/** A block as hints speak of it. */
export const calledPlaced = ({ x, y, w, h, box }: Placed): Called => ({ x, y, w, h, name: box.node.name })

/** What a block offers to what stands in it: the inside of its border, and of its padding where it has one. */
export function calledInside(container: Placed): Called[] {
  const { box } = container
  const { name } = box.node
  const inside = { ...insideBorder(container), name }
  const { insetLeft, insetTop, insetRight, insetBottom } = box
  const padded = {
    x: container.x + insetLeft,
    y: container.y + insetTop,
    w: container.w - insetLeft - insetRight,
    h: container.h - insetTop - insetBottom,
    name: `the padding of ${name}`,
  }
  const isPadded = padded.w > 0 && padded.h > 0 && (padded.w < inside.w || padded.h < inside.h)
  return isPadded ? [padded, inside] : [inside]
}

/** The page itself, whose edges and centre give hints everywhere on it. */
export const calledPage = ({ width, height }: DrawnPage): Called => ({
  ...{ x: 0, y: 0, w: width, h: height, name: 'the page' },
})
