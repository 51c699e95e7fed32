import { breakLines } from '../text/lines'
import { AUTO, type Box, type HeightMode } from './box'
import { layoutColumn } from './layoutColumn'
import { layoutGrid } from './layoutGrid'
import { layoutPlaced } from './layoutPlaced'
import { layoutRow } from './layoutRow'
import { clampHeight } from './limits'

/**
 * Lays a box at a border-box width; `height` is its border-box height unless `mode` is AUTO.
 * With `place`, the box's size and everything below it is put in place; without, only its height is measured.
 * @returns the border-box height the box would have by itself, within no limits of its own
 */
export type LayBox = (box: Box, width: number, height: number, mode: HeightMode, place: boolean) => number

const KEPT = 4

/** Lays a box, measuring nothing twice for the same width and height. */
export const layBox: LayBox = (box, width, height, mode, place) => {
  if (!place) {
    for (const one of box.measured)
      if (one.width === width && one.mode === mode && (mode === AUTO || one.height === height))
        return one.result
  } else if (box.placedWidth === width && box.placedHeight === height && box.placedMode === mode) {
    return box.h
  }
  const result = layContent(box, width, height, mode, place)
  if (place) {
    box.w = width
    box.h = height
    box.placedWidth = width
    box.placedHeight = height
    box.placedMode = mode
  } else {
    if (box.measured.length >= KEPT) box.measured.shift()
    box.measured.push({ width, height, mode, result })
  }
  return result
}

function layContent(box: Box, width: number, height: number, mode: HeightMode, place: boolean): number {
  const insets = box.insetTop + box.insetBottom
  if (box.text) return linesHeight(box, width) + insets
  if (box.node.picture) return pictureHeight(box, width) + insets
  switch (box.arrange) {
    case 'row':
      return layoutRow(box, width, height, mode, place, layBox) + insets
    case 'column':
      return layoutColumn(box, width, height, mode, place, layBox) + insets
    case 'grid':
      return layoutGrid(box, width, place, layBox) + insets
    case 'placed':
      if (place) layoutPlaced(box, width, mode === AUTO ? clampHeight(box, insets) : height, layBox)
      return insets
  }
}

function linesHeight(box: Box, width: number): number {
  if (!box.text) return 0
  return breakLines(box.text.paragraph, width - box.insetLeft - box.insetRight).length * box.text.lineHeight
}

/** A picture's ratio gives its height from its width, never the other way round. */
function pictureHeight(box: Box, width: number): number {
  const { picture } = box.node
  if (!picture) return 0
  const room = Math.max(0, width - box.insetLeft - box.insetRight)
  return Math.trunc(((room * picture.height) / picture.width) * 64) / 64
}
