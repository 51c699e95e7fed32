import yoga, { Align, Edge, FlexDirection, Gutter, Justify, Wrap, type Node } from 'yoga-layout'
import type { Box } from '@nolvex/core/layout/box'
import type { TextStyle } from '@nolvex/core/block/textStyle'
import { isFluid } from '@nolvex/core/units/fluidLength'
import type { BlockNode, PageNode } from '@nolvex/core/resolve/node'
import { breakLines, maxContentWidth } from '@nolvex/core/text/lines'
import { shapeParagraph, type Paragraph } from '@nolvex/core/text/paragraph'
import type { FontLibrary } from '@nolvex/core/text/fontLibrary'

/** What the peer needs of a text to measure it: it has no text of its own, so it is given ours. */
interface SetText {
  paragraph: Paragraph
  lineHeight: number
}

const ALIGN = { start: Align.FlexStart, centre: Align.Center, end: Align.FlexEnd, stretch: Align.Stretch }
const JUSTIFY = {
  start: Justify.FlexStart,
  centre: Justify.Center,
  end: Justify.FlexEnd,
  between: Justify.SpaceBetween,
}

/**
 * A page of rows and columns laid out by yoga: the tree is built, its texts are shaped and broken by our own text
 * engine when yoga asks for their size, and the boxes are read back, as ours are there to be read.
 * @returns the height of the page, px
 */
export function yogaHeight(page: PageNode, width: number, library: FontLibrary): number {
  const config = yoga.Config.create()
  config.setPointScaleFactor(64)
  const nodeOf = (block: BlockNode, parent: BlockNode | undefined): Node => {
    const node = yoga.Node.createWithConfig(config)
    setValues(node, block, parent)
    const { content, look } = block
    if (content.type === 'text') measureText(node, { style: look.level, runs: content.runs }, library)
    block.children.forEach((child, index) => node.insertChild(nodeOf(child, block), index))
    return node
  }
  const root = yoga.Node.createWithConfig(config)
  root.setWidth(width)
  page.children.forEach((section, index) => root.insertChild(nodeOf(section, undefined), index))
  root.calculateLayout(width, undefined)
  const boxes: Pick<Box, 'x' | 'y' | 'w' | 'h'>[] = []
  readBack(root, boxes)
  root.freeRecursive()
  config.free()
  return boxes[0].h
}

function readBack(node: Node, boxes: Pick<Box, 'x' | 'y' | 'w' | 'h'>[]) {
  const { left, top, width, height } = node.getComputedLayout()
  boxes.push({ x: left, y: top, w: width, h: height })
  for (let index = 0; index < node.getChildCount(); index++) readBack(node.getChild(index), boxes)
}

/** The page of the benchmark says its lengths in px. */
function setValues(node: Node, { arrange, place }: BlockNode, parent: BlockNode | undefined) {
  const [top, right, bottom, left] = arrange.padding
  if (top.value) node.setPadding(Edge.Top, top.value)
  if (bottom.value) node.setPadding(Edge.Bottom, bottom.value)
  const sides = arrange.inset
  if (sides || left.value) node.setPadding(Edge.Left, sides?.left ?? left.value)
  if (sides || right.value) node.setPadding(Edge.Right, sides?.right ?? right.value)
  if (arrange.type === 'row') node.setFlexDirection(FlexDirection.Row)
  if (arrange.wrap) node.setFlexWrap(Wrap.Wrap)
  if (arrange.columnGap.value) node.setGap(Gutter.Column, arrange.columnGap.value)
  if (arrange.rowGap.value) node.setGap(Gutter.Row, arrange.rowGap.value)
  if (arrange.align !== 'stretch') node.setAlignItems(ALIGN[arrange.align])
  if (arrange.justify !== 'start') node.setJustifyContent(JUSTIFY[arrange.justify])
  if (place.width.type !== 'fill' || !parent) return
  if (parent.arrange.type !== 'row') return node.setAlignSelf(Align.Stretch)
  node.setFlexGrow(place.width.share)
  node.setFlexShrink(1)
  node.setFlexBasis(0)
}

function measureText(
  node: Node,
  { style, runs }: { style: TextStyle; runs: { text: string }[] },
  library: FontLibrary,
) {
  let set: SetText | undefined
  node.setMeasureFunc((width) => {
    set ??= setText(style, runs[0].text, library)
    const room = Number.isNaN(width) ? Infinity : width
    return {
      width: Math.min(room, maxContentWidth(set.paragraph)),
      height: breakLines(set.paragraph, room).length * set.lineHeight,
    }
  })
}

function setText(style: TextStyle, text: string, library: FontLibrary): SetText {
  if (isFluid(style.size)) throw new Error('The page of this bench has no sizes that grow.')
  const size = style.size.value * (style.size.unit === 'rem' ? 16 : 1)
  const { value, unit } = style.lineHeight
  const lineHeight = Math.round(unit === 'px' ? value : value * (unit === 'em' ? size : 16))
  return { paragraph: shapeParagraph(library, [{ ...style, size, text }]), lineHeight }
}
