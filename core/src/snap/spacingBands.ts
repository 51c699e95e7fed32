import { columnsOf } from './containerColumns'
import { childrenOf, insideBorder, type DrawnPage, type Placed } from './drawnPage'
import { endOf, startOf, type Axis, type Rect } from './rect'
import { seenAlong } from './trueUp/seen'

/** A stretch of a page that is gap or padding. */
export interface SpacingBand {
  id: string
  rect: Rect
  kind: 'gap' | 'padding'
  /** across it, px */
  size: number
  axis: Axis
  isOffScale: boolean
  /** key of the block whose spacing it is */
  of: string
}

/** px that are on the scale, and that are none at all */
const SAME = 0.5
/** Gaps farther apart than this are no gaps between two blocks any more, px. */
const FARTHEST = 400

/**
 * Every gap and padding in some blocks and all that stands in them.
 * @param keys without any, of the whole page
 * @param between only what reaches into this stretch of the page, px
 */
export function spacingBands(
  page: DrawnPage,
  keys: string[],
  between: { from: number; until: number } = { from: -Infinity, until: Infinity },
): SpacingBand[] {
  const chosen = new Set(keys)
  const isMeant = (one: Placed | undefined): boolean =>
    one !== undefined &&
    (chosen.has(one.key) || isMeant(one.parent === null ? undefined : page.placed.get(one.parent)))
  const isThere = ({ y, h }: Rect) => y + h >= between.from && y <= between.until
  return [...page.placed.values()]
    .filter((one) => one.box.children.length > 0 && isThere(one) && (chosen.size === 0 || isMeant(one)))
    .flatMap((one) => [...paddingBands(page, one), ...gapBands(page, one)])
    .filter(({ rect, size }) => size >= SAME && isThere(rect))
}

const isOff = ({ scale }: DrawnPage, size: number) =>
  size > SAME && !scale.some((step) => Math.abs(step - size) <= SAME)

function band(
  page: DrawnPage,
  of: Placed,
  kind: SpacingBand['kind'],
  axis: Axis,
  rect: Rect,
  id: string,
): SpacingBand {
  const size = axis === 'x' ? rect.w : rect.h
  return { id: `${of.key} ${id}`, rect, kind, size, axis, isOffScale: isOff(page, size), of: of.key }
}

function paddingBands(page: DrawnPage, one: Placed): SpacingBand[] {
  const { x, y, w, h } = insideBorder(one)
  const { box } = one
  // What a grid or the content width leave at the sides of a section is no padding.
  const isInset = box.node.arrange.inset !== undefined
  const [borderTop, borderRight, borderBottom, borderLeft] = box.border
  const top = box.insetTop - borderTop
  const right = box.insetRight - borderRight
  const bottom = box.insetBottom - borderBottom
  const left = box.insetLeft - borderLeft
  const down = [
    band(page, one, 'padding', 'y', { x, y, w, h: top }, 'top'),
    band(page, one, 'padding', 'y', { x, y: y + h - bottom, w, h: bottom }, 'bottom'),
  ]
  const middle = { y: y + top, h: Math.max(0, h - top - bottom) }
  const sides = [
    band(page, one, 'padding', 'x', { ...middle, x, w: left }, 'left'),
    band(page, one, 'padding', 'x', { ...middle, x: x + w - right, w: right }, 'right'),
  ]
  return isInset ? down : [...down, ...sides]
}

function gapBands(page: DrawnPage, one: Placed): SpacingBand[] {
  const children = childrenOf(page, one)
  switch (one.box.arrange) {
    case 'row':
      return lineBands(page, one, children, 'x')
    case 'column':
      return lineBands(page, one, children, 'y')
    case 'grid':
      return gridBands(page, one, children)
    case 'placed':
      return (['x', 'y'] as const).flatMap((axis) => freeBands(page, one, children, axis))
  }
}

/** Between those that follow one another; where a row wraps, between its lines, too. */
function lineBands(page: DrawnPage, one: Placed, children: Placed[], axis: Axis): SpacingBand[] {
  const room = contentOf(one)
  return children.slice(1).flatMap((next, index) => {
    const before = children[index]
    const size = startOf(next, axis) - endOf(before, axis)
    if (size < 0) return []
    const [from, to] = [Math.min(before.y, next.y), Math.max(before.y + before.h, next.y + next.h)]
    const rect =
      axis === 'x'
        ? { x: endOf(before, 'x'), w: size, y: from, h: to - from }
        : { x: room.x, w: room.w, y: endOf(before, 'y'), h: size }
    return [band(page, one, 'gap', axis, rect, `gap ${index}`)]
  })
}

function gridBands(page: DrawnPage, one: Placed, children: Placed[]): SpacingBand[] {
  const room = contentOf(one)
  const columns = columnsOf(one)
  const across = columns.slice(1).map(({ left }, index) => {
    const x = columns[index].left + columns[index].width
    return band(page, one, 'gap', 'x', { x, w: left - x, y: room.y, h: room.h }, `column ${index}`)
  })
  const rows = new Map<number, { top: number; bottom: number }>()
  for (const { box, y, h } of children) {
    const known = rows.get(box.row)
    if (box.node.place.row.span > 1) continue
    rows.set(box.row, {
      top: Math.min(known?.top ?? Infinity, y),
      bottom: Math.max(known?.bottom ?? -Infinity, y + h),
    })
  }
  const inOrder = [...rows].sort((a, b) => a[0] - b[0]).map(([, row]) => row)
  const down = inOrder.slice(1).flatMap(({ top }, index) => {
    const y = inOrder[index].bottom
    return top >= y
      ? [band(page, one, 'gap', 'y', { x: room.x, w: room.w, y, h: top - y }, `row ${index}`)]
      : []
  })
  return [...across, ...down]
}

function freeBands(page: DrawnPage, one: Placed, children: Placed[], axis: Axis): SpacingBand[] {
  const other = axis === 'x' ? 'y' : 'x'
  return seenAlong(children, axis, SAME).flatMap(({ from, to, gap }) => {
    if (from === undefined || gap < SAME || gap > FARTHEST) return []
    const [before, after] = [children[from], children[to]]
    const start = Math.max(startOf(before, other), startOf(after, other))
    const end = Math.min(endOf(before, other), endOf(after, other))
    const at = endOf(before, axis)
    const rect =
      axis === 'x' ? { x: at, w: gap, y: start, h: end - start } : { x: start, w: end - start, y: at, h: gap }
    return [band(page, one, 'gap', axis, rect, `${axis} ${from} ${to}`)]
  })
}

/** What is left of a block for what stands in it. */
function contentOf({ x, y, w, h, box }: Placed): Rect {
  return {
    x: x + box.insetLeft,
    y: y + box.insetTop,
    w: Math.max(0, w - box.insetLeft - box.insetRight),
    h: Math.max(0, h - box.insetTop - box.insetBottom),
  }
}
