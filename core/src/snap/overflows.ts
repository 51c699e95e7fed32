import { cutsOff } from '../resolve/node'
import { countLines } from '../text/lines'
import type { DrawnPage, Placed } from './drawnPage'
import type { Rect } from './rect'

/** What runs out of what holds it. */
export interface Overflow {
  key: string
  /** what it runs out of: what it stands in, the page, or itself where it is its own text that does */
  of: 'parent' | 'page' | 'itself'
  /** the side it runs out at most, and by how many px */
  side: 'left' | 'right' | 'top' | 'bottom'
  by: number
  /** the part that runs out, px of the page */
  part: Rect
  /** whether it is cut off there */
  isCut: boolean
}

/** px that do not show */
const SLACK = 0.5

/** Everything that runs out of what it stands in, of the page, or of its own box, at the width the page is laid out at. */
export function overflowsOf(page: DrawnPage): Overflow[] {
  const found: Overflow[] = []
  for (const one of page.placed.values()) {
    const overflow = outOfPage(page, one) ?? outOfParent(page, one) ?? textOutOfBox(one)
    if (overflow) found.push(overflow)
  }
  return found
}

const isOutside = ({ width }: DrawnPage, { x, w }: Rect) => x < -SLACK || x + w > width + SLACK

/** Beyond the page's sides, unless what it stands in is so already. */
function outOfPage(page: DrawnPage, one: Placed): Overflow | undefined {
  const parent = one.parent === null ? undefined : page.placed.get(one.parent)
  if (!isOutside(page, one) || (parent && isOutside(page, parent))) return undefined
  if (parent && isHiddenBy(page, one)) return undefined
  return runsOut(one, { x: 0, y: -Infinity, w: page.width, h: Infinity }, 'page', false)
}

function outOfParent(page: DrawnPage, one: Placed): Overflow | undefined {
  const parent = one.parent === null ? undefined : page.placed.get(one.parent)
  // What scrolls is meant to hold more than it shows.
  if (!parent || parent.box.node.place.overflow === 'scroll' || onlyHolds(parent)) return undefined
  return runsOut(one, parent, 'parent', hides(parent))
}

/** What sticks and takes no room of its own holds something over the page. */
const onlyHolds = ({ h, box }: Placed) => h === 0 && box.node.place.sticky !== undefined

const hides = (one: Placed | undefined) => one !== undefined && cutsOff(one.box.node.place)

/** Whether something it stands in hides what runs out of it. */
function isHiddenBy(page: DrawnPage, one: Placed): boolean {
  for (let up = one.parent; up !== null; up = page.placed.get(up)?.parent ?? null)
    if (hides(page.placed.get(up))) return true
  return false
}

function runsOut(one: Placed, holder: Rect, of: Overflow['of'], isCut: boolean): Overflow | undefined {
  const over = {
    left: holder.x - one.x,
    right: one.x + one.w - holder.x - holder.w,
    top: holder.y - one.y,
    bottom: one.y + one.h - holder.y - holder.h,
  }
  const sides = (Object.keys(over) as Overflow['side'][]).filter((side) => over[side] > SLACK)
  if (sides.length === 0) return undefined
  const side = sides.reduce((most, next) => (over[next] > over[most] ? next : most))
  const by = over[side]
  return { key: one.key, of, side, by, part: partAt(one, side, by), isCut }
}

function partAt({ x, y, w, h }: Rect, side: Overflow['side'], by: number): Rect {
  if (side === 'left' || side === 'right') {
    const wide = Math.min(w, by)
    return { x: side === 'left' ? x : x + w - wide, y, w: wide, h }
  }
  const tall = Math.min(h, by)
  return { x, y: side === 'top' ? y : y + h - tall, w, h: tall }
}

/** Most texts are; their lines need not be counted. */
function isAsTallAsItsLines({ box }: Placed): boolean {
  const { height, maxHeight, y } = box.node.place
  return height.type === 'fit' && !maxHeight && y !== 'both' && y !== 'proportion'
}

/** Lines that need more height than their box has. */
function textOutOfBox(one: Placed): Overflow | undefined {
  const { paragraph, font, insetLeft, insetRight, insetTop, insetBottom, node } = one.box
  if (!paragraph || !font || isAsTallAsItsLines(one)) return undefined
  const count = countLines(paragraph, one.w - insetLeft - insetRight)
  const by = Math.min(count, node.look.lines ?? count) * font.lineHeight - (one.h - insetTop - insetBottom)
  if (by <= SLACK || node.place.overflow === 'scroll') return undefined
  const part = { x: one.x, y: one.y + one.h, w: one.w, h: by }
  return { key: one.key, of: 'itself', side: 'bottom', by, part, isCut: cutsOff(node.place) }
}
