import Flatbush from 'flatbush'
import { isSticking } from '../layout/sticking'
import { cutsOff } from '../resolve/node'
import type { Placed } from './drawnPage'
import { insideBorder } from './drawnPage'
import type { Rect } from './rect'

/** Finds what stands at a point of a page, among any number of blocks. */
export class HitIndex {
  private tree: Flatbush | undefined
  private list: Placed[]
  private raised = new Map<string, number>()

  /** @param placed in reading order, parents first */
  constructor(placed: ReadonlyMap<string, Placed>) {
    this.list = [...placed.values()]
    if (this.list.length === 0) return
    this.tree = new Flatbush(this.list.length)
    const seen = seenRects(placed)
    this.raise(placed)
    for (const { key } of this.list) {
      const { x, y, w, h } = seen.get(key) as Rect
      this.tree.add(x, y, x + w, y + h)
    }
    this.tree.finish()
  }

  /** Everything at a point, px, innermost and topmost first. Right and bottom edges belong to what is beside. */
  at({ x, y }: { x: number; y: number }): Placed[] {
    const found = this.tree?.search(x, y, x, y).map((index) => ({ index, placed: this.list[index] })) ?? []
    return found
      .filter(({ placed }) => x < placed.x + placed.w && y < placed.y + placed.h)
      .sort(
        (a, b) =>
          this.height(b.placed) - this.height(a.placed) ||
          b.placed.depth - a.placed.depth ||
          b.index - a.index,
      )
      .map(({ placed }) => placed)
  }

  private height = ({ key }: Placed) => this.raised.get(key) ?? 0

  /** What sticks lies over all beside it, with what stands in it: sections over what sticks within others. */
  private raise(placed: ReadonlyMap<string, Placed>) {
    for (const one of placed.values()) {
      const parent = one.parent === null ? undefined : placed.get(one.parent)
      const around = (parent && this.raised.get(parent.key)) ?? 0
      const own = isSticking(one.box.node, parent?.box.node) ? (parent ? 1 : 2) : 0
      const height = Math.max(around, own)
      if (height > 0) this.raised.set(one.key, height)
    }
  }
}

/** What is seen of each block: nothing beyond a block around it that cuts off what runs out. */
function seenRects(placed: ReadonlyMap<string, Placed>): Map<string, Rect> {
  const seen = new Map<string, Rect>()
  /** what is left of the page for what stands in a block, where anything cuts it */
  const windows = new Map<string, Rect>()
  for (const one of placed.values()) {
    const around = one.parent ? windows.get(one.parent) : undefined
    seen.set(one.key, around ? shared(one, around) : one)
    const isCutting = cutsOff(one.box.node.place)
    const own = isCutting ? insideBorder(one) : undefined
    const window = own && around ? shared(own, around) : (own ?? around)
    if (window) windows.set(one.key, window)
  }
  return seen
}

/** What two rectangles share; outside of both where they share nothing. */
function shared(a: Rect, b: Rect): Rect {
  const [x, y] = [Math.max(a.x, b.x), Math.max(a.y, b.y)]
  const w = Math.min(a.x + a.w, b.x + b.w) - x
  const h = Math.min(a.y + a.h, b.y + b.h) - y
  return w < 0 || h < 0 ? { x: -1e9, y: -1e9, w: 0, h: 0 } : { x, y, w, h }
}
