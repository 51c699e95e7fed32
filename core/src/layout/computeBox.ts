import type { BlockNode, NodeRun, Size } from '../resolve/node'
import { baselineInLine } from '../text/fontMetrics'
import { PAGE_FAMILY } from '../text/fontCatalogue'
import type { FontLibrary } from '../text/fontLibrary'
import { shapeParagraph, type TextRun } from '../text/paragraph'
import { rootFontSize, toPx, type Environment, type FontMeasures } from '../units/environment'
import { trunc64 } from '../text/layoutUnit'
import type { WrittenLength } from '../units/length'
import { AUTO, FILL, FIT, FIXED, PERCENT, type Box, type BoxText, type Extent } from './box'

/** Small text is set at this share of its surroundings. */
export const SMALL = 0.8
/** Bold text is at least this heavy, and heavier than its surroundings. */
export const BOLD = 700

const UNLIMITED: Extent = { mode: FIXED, value: Infinity }
const NO_MINIMUM: Extent = { mode: FIXED, value: 0 }

/** Computes boxes from nodes: written lengths to px, text to shaped paragraphs. */
export class BoxComputer {
  /** Whether any length so far was measured by the viewport. */
  usesViewport = false

  constructor(
    private library: FontLibrary,
    public environment: Environment,
  ) {}

  box(node: BlockNode, children: Box[]): Box {
    const font = this.fontOf(node)
    const { arrange, place, look } = node
    const exact = (written: WrittenLength) => {
      if (written.unit === 'vw' || written.unit === 'vh') this.usesViewport = true
      // Single precision, as browsers compute lengths: 3.75pt is 5px, not a shade less.
      return Math.fround(toPx(written, this.environment, font))
    }
    const length = (written: WrittenLength) => trunc64(exact(written))
    const extent = (written: WrittenLength): Extent =>
      written.unit === '%' ? { mode: PERCENT, value: written.value } : { mode: FIXED, value: length(written) }
    const border = look.border.map((side) => (side ? borderWidth(exact(side.width)) : 0)) as Box['border']
    const [top, right, bottom, left] = arrange.padding.map(length)
    return {
      node,
      children,
      arrange: arrange.type,
      columnGap: length(arrange.columnGap),
      rowGap: length(arrange.rowGap),
      insetTop: border[0] + top,
      insetRight: border[1] + right,
      insetBottom: border[2] + bottom,
      insetLeft: border[3] + left,
      border,
      width: sizeExtent(place.width, extent),
      height: sizeExtent(place.height, extent),
      minWidth: place.minWidth ? extent(place.minWidth) : NO_MINIMUM,
      maxWidth: place.maxWidth ? extent(place.maxWidth) : UNLIMITED,
      minHeight: place.minHeight ? length(place.minHeight) : 0,
      maxHeight: place.maxHeight ? length(place.maxHeight) : Infinity,
      left: extent(place.left),
      right: extent(place.right),
      offsetX: extent(place.offsetX),
      top: length(place.top),
      bottom: length(place.bottom),
      offsetY: length(place.offsetY),
      text: node.text && this.text(node, font),
      x: 0,
      y: 0,
      w: 0,
      h: 0,
      row: 0,
      column: 0,
      minContent: -1,
      maxContent: -1,
      measured: [],
      placedWidth: -1,
      placedHeight: -1,
      placedMode: AUTO,
    }
  }

  /** The font em, ex and ch of a block are measured by: its text's, else the page's. */
  fontOf(node: BlockNode): FontMeasures {
    const root = rootFontSize(this.environment)
    const style = node.text?.style
    const family = {
      family: style?.family ?? PAGE_FAMILY,
      weight: style?.weight ?? 400,
      italic: style?.italic ?? false,
    }
    const { metrics } = this.library.face(family)
    const measure = (size: number): FontMeasures => ({
      size,
      xHeight: (metrics.xHeight * size) / metrics.unitsPerEm,
      zeroAdvance: (metrics.zeroAdvance * size) / metrics.unitsPerEm,
    })
    if (!style) return measure(root)
    if (style.size.unit === 'vw' || style.size.unit === 'vh') this.usesViewport = true
    return measure(toPx(style.size, this.environment, measure(root)))
  }

  private text(node: BlockNode, { size }: FontMeasures): BoxText {
    const { style, runs } = node.text as NonNullable<BlockNode['text']>
    const styled = runs.length ? runs : [{ text: '', bold: false, italic: false, small: false }]
    const lineHeight = this.lineHeight(style.lineHeight, size)
    const { metrics } = this.library.face(style)
    return {
      paragraph: shapeParagraph(
        this.library,
        styled.map((run) => styledRun(run, style, size)),
      ),
      lineHeight,
      baseline: baselineInLine(metrics, size, lineHeight),
    }
  }

  /** px lines as they are; em and rem lines to the nearest whole px, as the exported CSS rounds them. */
  private lineHeight({ value, unit }: { value: number; unit: 'px' | 'em' | 'rem' }, size: number): number {
    if (unit === 'px') return Math.round(value)
    return Math.round(value * (unit === 'em' ? size : rootFontSize(this.environment)))
  }
}

function styledRun(
  run: NodeRun,
  style: { family: string; weight: number; italic: boolean },
  size: number,
): TextRun {
  return {
    text: run.text,
    link: run.link,
    family: style.family,
    weight: run.bold ? Math.max(BOLD, style.weight) : style.weight,
    italic: run.italic || style.italic,
    // Browsers keep font sizes in single precision, which shows where a size falls on a hundredth.
    size: run.small ? Math.fround(size) * SMALL : size,
  }
}

function sizeExtent(size: Size, extent: (written: WrittenLength) => Extent): Extent {
  if (size.type === 'fit') return { mode: FIT, value: 0 }
  if (size.type === 'fill') return { mode: FILL, value: size.share }
  return extent(size.length)
}

/** Borders are whole pixels, at least one when there is any (CSS Backgrounds 3, section 3.3, as browsers snap them). */
function borderWidth(px: number): number {
  return px > 0 && px < 1 ? 1 : Math.floor(px)
}
