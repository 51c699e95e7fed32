import type { TextStyle } from '../block/textStyle'
import type {
  Arrangement,
  BlockNode,
  ControlContent,
  IconContent,
  NodeContent,
  NodeRun,
  Placing,
  Size,
  TextContent,
} from '../resolve/node'
import { inCase } from '../text/textCase'
import { advanceAt, baselineInLine, cachedSize } from '../text/fontMetrics'
import { PAGE_FAMILY } from '../text/fontCatalogue'
import type { FontLibrary, FontStyle } from '../text/fontLibrary'
import {
  setParagraph,
  shapeParagraph,
  textSetting,
  type Paragraph,
  type TextRun,
  type TextSetting,
} from '../text/paragraph'
import { SOFT_HYPHEN, WORD_JOINER } from '../text/plainText'
import { rootFontSize, toPx, type Environment, type FontMeasures } from '../units/environment'
import { MOST_UNITS, toUnits, UNITS_PER_PX } from '../text/layoutUnit'
import { fluidPx, isFluid, type FluidLength } from '../units/fluidLength'
import type { WrittenLength } from '../units/length'
import { Box, type LineFont, type Measures, type Sides, type SizedContent } from './box'
import { FILL, FIT, FIXED, PERCENT, type Extent } from './extent'

/** Small text is set at this share of its surroundings. */
export const SMALL = 0.8
/** Bold text is at least this heavy, and heavier than its surroundings. */
export const BOLD = 700

const PAGE_STYLE: FontStyle = { family: PAGE_FAMILY, weight: 400, italic: false }
const UNLIMITED: Extent = { mode: FIXED, value: MOST_UNITS }
const NOTHING: Extent = { mode: FIXED, value: 0 }
const BY_CONTENT: Extent = { mode: FIT, value: 0 }
const ONE_SHARE: Extent = { mode: FILL, value: 1 }
const NO_BORDER: Sides = [0, 0, 0, 0]

/** A font with the measures of the last block that was measured by it. */
interface MeasuringFont extends FontMeasures {
  last?: { arrange: Arrangement; place: Placing; measures: Measures; usesViewport: boolean; by: BoxComputer }
}

/** A line's font with the setting of texts that are in it alone. */
interface SetFont extends LineFont, MeasuringFont {
  setting: TextSetting
}

/** Computes boxes from nodes: written lengths to layout units, text to shaped paragraphs. */
export class BoxComputer {
  /** whether any length of the box that is computed was measured by the viewport */
  private usesViewport = false
  private fonts: WeakMap<TextStyle, SetFont>
  /** fonts whose size goes by the viewport */
  private fluidFonts = new WeakMap<TextStyle, SetFont>()
  private pageFont: MeasuringFont

  /** @param former one for another viewport, whose fonts that do not go by it are kept */
  constructor(
    private library: FontLibrary,
    public environment: Environment,
    former?: BoxComputer,
  ) {
    this.fonts = former?.fonts ?? new WeakMap()
    this.pageFont = former?.pageFont ?? this.measures(PAGE_STYLE, rootFontSize(environment))
  }

  box(node: BlockNode, children: Box[]): Box {
    this.usesViewport = false
    const box = this.computed(node, children)
    box.usesViewport = this.usesViewport || children.some((child) => child.usesViewport)
    return box
  }

  private computed(node: BlockNode, children: Box[]): Box {
    const { content, look } = node
    if (!isInOwnFont(content)) {
      const measures = this.measuresOf(node, this.pageFont)
      return new Box(node, children, measures, undefined, undefined, this.sized(content))
    }
    const font = this.lineFont(look.level)
    if (content.type !== 'text')
      return new Box(
        node,
        children,
        this.measuresOf(node, font),
        undefined,
        font,
        this.sizedByFont(content, font),
      )
    const runs = look.hyphens === 'off' ? content.runs.map(unparted) : content.runs
    const paragraph = this.paragraph(runs, look.level, font)
    return new Box(node, children, this.measuresOf(node, font), paragraph, font, undefined)
  }

  /** A control has room for so many lines of its font; an icon is a square. */
  private sizedByFont(content: IconContent | ControlContent, font: SetFont): SizedContent {
    if (content.type === 'icon') {
      const size = this.length(content.size, font)
      return { width: size, height: size, keepsRatio: false }
    }
    const { em, lines } = content.room
    const width = this.length({ value: em, unit: 'em' }, font)
    return { width, height: lines * font.lineHeight * UNITS_PER_PX, keepsRatio: false }
  }

  private sized(content: Exclude<NodeContent, InOwnFont>): SizedContent | undefined {
    if (content.type === 'blocks') return undefined
    if (content.type === 'picture')
      return { width: toUnits(content.width), height: toUnits(content.height), keepsRatio: true }
    if (content.type === 'piece')
      return { width: toUnits(content.width), height: toUnits(content.height), keepsRatio: false }
    const length = (written: WrittenLength) => this.length(written, this.pageFont)
    return { width: length(content.width), height: length(content.height), keepsRatio: false }
  }

  /** Blocks set in one font mostly ask for the same, and those that leave their kind's values share them. */
  private measuresOf(node: BlockNode, font: MeasuringFont): Measures {
    const { arrange, place, look } = node
    if (hasBorder(look)) return this.newMeasures(node, font)
    const { last } = font
    if (last?.arrange === arrange && last.place === place && (!last.usesViewport || last.by === this)) {
      this.usesViewport ||= last.usesViewport
      return last.measures
    }
    const before = this.usesViewport
    this.usesViewport = false
    const measures = this.newMeasures(node, font)
    font.last = { arrange, place, measures, usesViewport: this.usesViewport, by: this }
    this.usesViewport ||= before
    return measures
  }

  private newMeasures(node: BlockNode, font: FontMeasures): Measures {
    const { arrange, place } = node
    const border = this.borders(node, font)
    const [top, right, bottom, left] = arrange.padding
    return {
      columnGap: this.length(arrange.columnGap, font),
      rowGap: this.length(arrange.rowGap, font),
      border,
      inset: [
        border[0] + this.length(top, font),
        border[1] + this.length(right, font),
        border[2] + this.length(bottom, font),
        border[3] + this.length(left, font),
      ],
      width: this.size(place.width, font),
      height: this.size(place.height, font),
      minWidth: place.minWidth ? this.extent(place.minWidth, font) : NOTHING,
      maxWidth: place.maxWidth ? this.extent(place.maxWidth, font) : UNLIMITED,
      minHeight: place.minHeight ? this.length(place.minHeight, font) : 0,
      maxHeight: place.maxHeight ? this.length(place.maxHeight, font) : MOST_UNITS,
      left: this.extent(place.left, font),
      right: this.extent(place.right, font),
      offsetX: this.extent(place.offsetX, font),
      top: this.length(place.top, font),
      bottom: this.length(place.bottom, font),
      offsetY: this.length(place.offsetY, font),
      space: place.space ? this.length(place.space, font) : -1,
    }
  }

  /** The font em, ex and ch of a block are measured by: its text's, else the page's. */
  fontOf({ content, look }: BlockNode): FontMeasures {
    return isInOwnFont(content) ? this.lineFont(look.level) : this.pageFont
  }

  /** A length of a block's looks, px. */
  px(written: WrittenLength, node: BlockNode): number {
    return this.exact(written, this.fontOf(node))
  }

  private lineFont(style: TextStyle): SetFont {
    let font = this.fonts.get(style)
    if (font) return font
    font = this.fluidFonts.get(style)
    if (font) {
      this.usesViewport = true
      return font
    }
    const before = this.usesViewport
    this.usesViewport = false
    const measures = this.measures(style, this.exact(style.size, this.measures(style, this.pageFont.size)))
    const lineHeight = this.lineHeight(style.lineHeight, measures.size)
    const { metrics } = this.library.face(style)
    const spacing = style.letterSpacing && this.exact(style.letterSpacing, measures)
    font = {
      ...measures,
      lineHeight,
      baseline: baselineInLine(metrics, measures.size, lineHeight),
      setting: textSetting(this.library, style, measures.size, spacing),
    }
    const fonts = this.usesViewport ? this.fluidFonts : this.fonts
    fonts.set(style, font)
    this.usesViewport ||= before
    return font
  }

  private measures(style: FontStyle, size: number): FontMeasures {
    const { metrics } = this.library.face(style)
    return {
      size,
      xHeight: (metrics.xHeight * size) / metrics.unitsPerEm,
      zeroAdvance: advanceAt(metrics, metrics.zeroAdvance, cachedSize(size)),
    }
  }

  private exact(written: WrittenLength | FluidLength, font: FontMeasures): number {
    if (isFluid(written)) {
      this.usesViewport = true
      return fluidPx(written, rootFontSize(this.environment), this.environment.viewportWidth)
    }
    if (written.unit === 'vw' || written.unit === 'vh') this.usesViewport = true
    return toPx(written, this.environment, font)
  }

  /** px in single precision, as browsers compute lengths: 3.75pt is 5px, not a shade less. */
  private single(written: WrittenLength, font: FontMeasures): number {
    return Math.fround(this.exact(written, font))
  }

  private length(written: WrittenLength, font: FontMeasures): number {
    return written.value === 0 ? 0 : toUnits(this.single(written, font))
  }

  private extent(written: WrittenLength, font: FontMeasures): Extent {
    if (written.value === 0) return NOTHING
    if (written.unit === '%') return { mode: PERCENT, value: written.value }
    return { mode: FIXED, value: this.length(written, font) }
  }

  private size(size: Size, font: FontMeasures): Extent {
    if (size.type === 'fit') return BY_CONTENT
    if (size.type === 'fill') return size.share === 1 ? ONE_SHARE : { mode: FILL, value: size.share }
    return this.extent(size.length, font)
  }

  private borders({ look }: BlockNode, font: FontMeasures): Sides {
    if (!hasBorder(look)) return NO_BORDER
    const { pixelRatio = 1 } = this.environment
    return look.border.map((side) =>
      side ? toUnits(borderWidth(this.single(side.width, font), pixelRatio)) : 0,
    ) as Sides
  }

  private paragraph(runs: NodeRun[], style: TextStyle, font: SetFont): Paragraph {
    if (runs.length === 0) return setParagraph(font.setting, '')
    const [{ text, bold, italic, small, link }] = runs
    if (runs.length === 1 && !bold && !italic && !small && !link)
      return setParagraph(font.setting, inCase(text, style.case))
    const { size, setting } = font
    const styled = runs.map((run) => styledRun(run, style, size, setting.spacing))
    return shapeParagraph(this.library, styled)
  }

  /** px lines as they are; em and rem lines to the nearest whole px, as the exported CSS rounds them. */
  private lineHeight({ value, unit }: TextStyle['lineHeight'], size: number): number {
    if (unit === 'px') return Math.round(value)
    return Math.round(value * (unit === 'em' ? size : rootFontSize(this.environment)))
  }
}

type InOwnFont = TextContent | IconContent | ControlContent

/** Whether what is shown is set in the block's own type level. */
const isInOwnFont = (content: NodeContent): content is InOwnFont =>
  content.type === 'text' || content.type === 'icon' || content.type === 'control'

const hasBorder = ({ border: [top, right, bottom, left] }: BlockNode['look']) =>
  Boolean(top || right || bottom || left)

/** Words that are not parted where they may be: a word joiner is as little seen and ends no line. */
const unparted = (run: NodeRun): NodeRun =>
  run.text.includes(SOFT_HYPHEN) ? { ...run, text: run.text.replaceAll(SOFT_HYPHEN, WORD_JOINER) } : run

function styledRun(run: NodeRun, style: TextStyle, size: number, spacing: number | undefined): TextRun {
  return {
    text: inCase(run.text, style.case),
    spacing,
    link: run.link,
    family: style.family,
    weight: run.bold ? Math.max(BOLD, style.weight) : style.weight,
    italic: run.italic || style.italic,
    // Browsers keep font sizes in single precision, which shows where a size falls on a hundredth.
    size: run.small ? Math.fround(size) * SMALL : size,
  }
}

/**
 * Borders are whole pixels of the screen, at least one when there is any (CSS Backgrounds 3, section 3.3, as browsers snap
 * them): half a px is one of two there, where a px has two.
 */
function borderWidth(px: number, pixelRatio: number): number {
  return px > 0 ? Math.max(1, Math.floor(px * pixelRatio)) / pixelRatio : 0
}
