import { AUTO, DEFINITE, FILL, FIT, FIXED, IMPOSED, type Box, type HeightMode } from './box'
import { clampItem, resolveFlexibleLengths, type FlexItem } from './flexibleLengths'
import { maxContent, minContent } from './intrinsicWidth'
import type { LayBox } from './layBox'
import { alignedOffset, justified } from './layoutRow'
import { clampHeight, clampWidth, extentPx, leastHeight } from './limits'

/**
 * Lays children one below another.
 * A fill's base is nothing where the height is known, and its content where it is not (`flex-basis: 0%`).
 * @param height border-box height when it is not by content
 * @returns the height of the content, px
 * @see CSS Flexible Box Layout 1, section 9
 */
export function layoutColumn(
  box: Box,
  width: number,
  height: number,
  mode: HeightMode,
  place: boolean,
  lay: LayBox,
): number {
  const room = width - box.insetLeft - box.insetRight
  const insets = box.insetTop + box.insetBottom
  const gaps = box.rowGap
  const items = box.children.map((child) => flexItem(child, childWidth(child, room, box), mode, lay))
  const gapSum = gaps * Math.max(0, items.length - 1)
  const hypothetical = items.reduce((sum, item) => sum + clampItem(item, item.base), gapSum)
  if (!place && mode === AUTO) return hypothetical
  const inner = (mode === AUTO ? clampHeight(box, hypothetical + insets) : height) - insets
  resolveFlexibleLengths(items, inner - gapSum)
  if (place) placeItems(box, items, { room, inner, gapSum, gaps, mode }, lay)
  return hypothetical
}

type Item = FlexItem & { box: Box; width: number }

/** Border-box width of a child of a column (or of a grid area) `room` px wide. */
export function childWidth(child: Box, room: number, parent: Box): number {
  return clampWidth(child, wantedWidth(child, room, parent), room)
}

function wantedWidth(child: Box, room: number, parent: Box): number {
  if (child.width.mode === FILL) return room
  if (child.width.mode !== FIT) return extentPx(child.width, room)
  if (parent.arrange === 'column' && parent.node.arrange.align === 'stretch') return room
  // The least width is asked for only where it counts: finding it takes a look at every grapheme.
  const most = maxContent(child)
  return most <= room ? most : Math.min(most, Math.max(minContent(child), room))
}

function flexItem(child: Box, width: number, mode: HeightMode, lay: LayBox): Item {
  const insets = child.insetTop + child.insetBottom
  const isFill = child.height.mode === FILL
  const base =
    child.height.mode === FIXED
      ? child.height.value
      : isFill && mode === DEFINITE
        ? insets
        : lay(child, width, 0, AUTO, false)
  return {
    box: child,
    width,
    base: Math.max(base, insets),
    insets,
    grow: isFill ? child.height.value : 0,
    shrink: isFill ? 1 : 0,
    least: leastHeight(child),
    most: child.maxHeight,
    size: 0,
  }
}

/** A flexed height is known where the column's is (CSS Flexible Box Layout 1, section 9.8); else only imposed. */
function childMode(child: Box, mode: HeightMode): HeightMode {
  if (child.height.mode === FIXED || mode === DEFINITE) return DEFINITE
  return child.height.mode === FIT ? AUTO : IMPOSED
}

function placeItems(
  box: Box,
  items: Item[],
  {
    room,
    inner,
    gapSum,
    gaps,
    mode,
  }: { room: number; inner: number; gapSum: number; gaps: number; mode: HeightMode },
  lay: LayBox,
) {
  const { align, justify } = box.node.arrange
  const used = items.reduce((sum, { size }) => sum + size, gapSum)
  const { before, between } = justified(justify, inner - used, items.length)
  let y = box.insetTop + before
  for (const { box: child, width, size } of items) {
    lay(child, width, size, childMode(child, mode), true)
    child.x = box.insetLeft + (child.width.mode === FILL ? 0 : alignedOffset(align, room - width))
    child.y = y
    y += size + gaps + between
  }
}
