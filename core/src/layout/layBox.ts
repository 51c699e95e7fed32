import { toPixels, UNITS_PER_PX, wholeUnits } from '../text/layoutUnit'
import { countLines } from '../text/lines'
import { insetsAcross, insetsDown, type Box, type SizedContent } from './box'
import { AUTO, type HeightMode } from './heightMode'
import { columnHeight, placeColumn } from './layoutColumn'
import { gridHeight, placeGrid } from './layoutGrid'
import { placePlaced } from './layoutPlaced'
import { placeRow, rowHeight } from './layoutRow'
import { clampHeight } from './limits'

/** What arrangements ask of their children. All lengths are whole layout units of border boxes. */
export interface Laying {
  /** The height a box has by itself at a width, within no limits of its own. */
  height(box: Box, width: number): number
  /** Puts everything below a box in place for its size. */
  place(box: Box, width: number, height: number, mode: HeightMode): void
}

/** Lays boxes, measuring nothing twice for the same width and placing nothing twice for the same size. */
export const laying: Laying = {
  height(box, width) {
    if (box.measuredWidth === width) return box.measuredHeight
    box.measuredHeight = contentHeight(box, width) + insetsDown(box)
    box.measuredWidth = width
    return box.measuredHeight
  },

  place(box, width, height, mode) {
    if (box.w64 === width && box.h64 === height && box.mode === mode) return
    placeContent(box, width, height, mode)
    box.w64 = width
    box.h64 = height
    box.mode = mode
  },
}

function contentHeight(box: Box, width: number): number {
  if (box.paragraph) return linesHeight(box, width)
  if (box.sized) return sizedHeight(box, box.sized, width)
  switch (box.arrange) {
    case 'row':
      return rowHeight(box, width, laying)
    case 'column':
      return columnHeight(box, width, laying)
    case 'grid':
      return gridHeight(box, width, laying)
    case 'placed':
      return 0
  }
}

function placeContent(box: Box, width: number, height: number, mode: HeightMode) {
  if (box.children.length === 0) return
  switch (box.arrange) {
    case 'row':
      return placeRow(box, width, height, mode, laying)
    case 'column':
      return placeColumn(box, width, height, mode, laying)
    case 'grid':
      return placeGrid(box, width, laying)
    case 'placed':
      return placePlaced(box, width, mode === AUTO ? clampHeight(box, insetsDown(box)) : height, laying)
  }
}

function linesHeight({ paragraph, font, node, insetLeft64, insetRight64 }: Box, width: number): number {
  if (!paragraph || !font) return 0
  const lines = countLines(paragraph, toPixels(width - insetLeft64 - insetRight64))
  return Math.min(lines, node.look.lines ?? lines) * font.lineHeight * UNITS_PER_PX
}

/** A ratio gives the height from the width, never the other way round. */
function sizedHeight(box: Box, { width: own, height, keepsRatio }: SizedContent, width: number): number {
  if (!keepsRatio) return height
  const room = Math.max(0, width - insetsAcross(box))
  return wholeUnits((room * height) / own)
}
