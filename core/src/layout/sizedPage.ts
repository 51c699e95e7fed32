import { gridAt, type BandGrid } from '../grid/bandGrid'
import type { BlockNode, PageNode } from '../resolve/node'
import type { Sizing } from '../site/gridPlan'
import { rootFontSize, type Environment } from '../units/environment'

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
function inRem({ children, look, ...rest }: BlockNode): BlockNode {
  return {
    ...(remIn(rest) as typeof rest),
    look: { ...(remIn(look) as typeof look), border: look.border },
    children,
  }
}

function remIn(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(remIn)
  if (typeof value !== 'object' || value === null) return value
  const length = value as { value?: unknown; unit?: unknown }
  if (length.unit === 'px' && typeof length.value === 'number') {
    return { value: length.value / USUAL_ROOT, unit: 'rem' }
  }
  return Object.fromEntries(Object.entries(value).map(([key, below]) => [key, remIn(below)]))
}
