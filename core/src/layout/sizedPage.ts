import { gridAt, type BandGrid } from '../grid/bandGrid'
import type { TextStyle } from '../block/textStyle'
import type { BlockNode, PageNode, Placing, Size } from '../resolve/node'
import type { Sizing } from '../site/gridPlan'
import { rootFontSize, type Environment } from '../units/environment'
import { isFluid } from '../units/fluidLength'

/** px a rem is written for: lengths in px become the rem they are at the usual root size. */
const USUAL_ROOT = 16

/**
 * A page as it would be if it were sized another way, to compare the ways.
 * fixed: columns and texts keep the px of the width the band is drawn at.
 * fluid: columns share the window, texts keep their px.
 * elastic: as fixed, but all is measured by the root's font size.
 * hybrid: columns share the window up to the content width; that and all else is measured by the root's font size.
 * @param drawnAt px the band is drawn at
 */
export function sizedPage(
  page: PageNode,
  sizing: Sizing,
  grid: BandGrid,
  drawnAt: number,
  environment: Environment,
): PageNode {
  const byRoot = sizing === 'elastic' || sizing === 'hybrid'
  const factor = byRoot ? rootFontSize({ ...environment, rootSize: page.rootSize }) / USUAL_ROOT : 1
  const solved = gridAt(grid, drawnAt)
  const isSet = sizing === 'fixed' || sizing === 'elastic'
  const content = solved.width - solved.marginLeft - solved.marginRight
  const half = grid.gutters === 'shared' ? grid.gutter : 0
  const restyled = (node: BlockNode): BlockNode => {
    const own = byRoot ? inRem(node) : node
    const { arrange } = own
    const onColumns = arrange.type === 'grid' && arrange.tracks.length === grid.columns
    const inset = arrange.inset && {
      left: arrange.inset.left * factor,
      right: arrange.inset.right * factor,
      contentWidth: contentWidthOf(
        sizing,
        arrange.inset.contentWidth,
        content - (onColumns ? half : 0),
        factor,
      ),
    }
    return {
      ...own,
      arrange: {
        ...arrange,
        inset,
        trackWidth: isSet && onColumns && node.arrange.inset ? solved.columnWidth * factor : undefined,
      },
      children: node.children.map(restyled),
    }
  }
  return { ...page, children: page.children.map(restyled) }
}

function contentWidthOf(
  sizing: Sizing,
  agreed: number | undefined,
  drawn: number,
  factor: number,
): number | undefined {
  if (sizing === 'fluid') return undefined
  return (sizing === 'hybrid' ? (agreed ?? drawn) : drawn) * factor
}

/** A block's own lengths with px written as rem; border lines stay, as hairlines should. */
function inRem(node: BlockNode): BlockNode {
  const { arrange, place, look } = node
  return {
    ...node,
    arrange: {
      ...arrange,
      columnGap: rem(arrange.columnGap),
      rowGap: rem(arrange.rowGap),
      padding: arrange.padding.map(rem) as typeof arrange.padding,
    },
    place: placeInRem(place),
    look: { ...look, radius: look.radius?.map(rem) as typeof look.radius, level: styleInRem(look.level) },
  }
}

function placeInRem(place: Placing): Placing {
  const sizeInRem = (size: Size): Size =>
    size.type === 'fixed' ? { ...size, length: rem(size.length) } : size
  const { width, height, minWidth, maxWidth, minHeight, maxHeight } = place
  return {
    ...place,
    width: sizeInRem(width),
    height: sizeInRem(height),
    minWidth: minWidth && rem(minWidth),
    maxWidth: maxWidth && rem(maxWidth),
    minHeight: minHeight && rem(minHeight),
    maxHeight: maxHeight && rem(maxHeight),
    left: rem(place.left),
    right: rem(place.right),
    top: rem(place.top),
    bottom: rem(place.bottom),
    offsetX: rem(place.offsetX),
    offsetY: rem(place.offsetY),
    space: place.space && rem(place.space),
  }
}

const styleInRem = (style: TextStyle): TextStyle => ({
  ...style,
  size: isFluid(style.size) ? style.size : rem(style.size),
  lineHeight: rem(style.lineHeight),
})

/** A length in rem where it is in px, else as it is. */
function rem<T extends { value: number; unit: string }>(length: T): T {
  return length.unit === 'px' ? { ...length, value: length.value / USUAL_ROOT, unit: 'rem' } : length
}
