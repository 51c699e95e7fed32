import { bandAt } from '../../grid/band'
import { blockVisibility, type Progress } from '../../layout/blockVisibility'
import { PageLayouter } from '../../layout/pageLayout'
import { bandsOf, PageResolver, type PageSources } from '../../resolve/resolvePage'
import type { FontLibrary } from '../../text/fontLibrary'
import { usualEnvironment } from '../../units/environment'
import type { ViewportSize } from '../../viewport/audience'
import { isFilledAction, isHeading, seenBlocks, type Seen } from '../drawing/seenBlocks'

/** What should be seen of a page before anybody scrolls. */
export const FOLD_PARTS = {
  headline: 'The headline',
  action: 'The main action',
  next: 'The beginning of what follows',
} as const
export type FoldPart = keyof typeof FOLD_PARTS

/** Shares are sums: what is left of the last digits is none. */
const SURELY_ALL = 1 - 1e-9

/** A part of a page with the share of visits that see it whole without scrolling. */
export interface FoldLine {
  part: FoldPart
  key: string
  name: string
  share: number
  /** what takes the most height above it, in the window most of those have who do not see it */
  inTheWay?: { key: string; name: string; height: number; window: { width: number; height: number } }
}

/**
 * Who sees what of a page without scrolling, each laid out in their own window.
 * @param sizes the audience
 * @returns nothing when it was broken off
 */
export function foldReport(
  sources: PageSources,
  sizes: ViewportSize[],
  library: FontLibrary,
  progress?: Progress,
): FoldLine[] | undefined {
  const shares = blockVisibility(sources, sizes, library, progress, 'mockup')
  if (!shares) return undefined
  const layOut = layouterOf(sources, library)
  const widest = [...sizes].sort((a, b) => b[2] - a[2])[0]
  if (!widest) return []
  return foldParts(layOut(widest)).map(({ part, of }) => {
    const { key, name } = of.node
    const line: FoldLine = { part, key, name, share: shares.get(key) ?? 0 }
    const inTheWay = line.share < SURELY_ALL ? above(key, sizes, layOut) : undefined
    return inTheWay ? { ...line, inTheWay } : line
  })
}

type LayOut = (size: ViewportSize) => Seen[]

function layouterOf(sources: PageSources, library: FontLibrary): LayOut {
  const bands = bandsOf(sources.site).inOrder
  const resolver = new PageResolver({ withHidden: false, as: 'mockup' })
  const layouter = new PageLayouter(library)
  return ([viewportWidth, viewportHeight]) => {
    const page = resolver.resolve(sources, bandAt(bands, viewportWidth).id)
    return seenBlocks(layouter.layout(page, { ...usualEnvironment, viewportWidth, viewportHeight }))
  }
}

/** The headline, the first filled button after it, and the first heading of a later section. */
export function foldParts(seen: Seen[]): { part: FoldPart; of: Seen }[] {
  const words = seen.filter((one) => one.label)
  const headline = words.find(({ node }) => node.tag === 'h1') ?? words.find(isHeading)
  if (!headline) return []
  const after = words.slice(words.indexOf(headline) + 1)
  const action = after.find(isFilledAction)
  const next = after.find((one) => isHeading(one) && sectionOf(one) !== sectionOf(headline))
  return [
    { part: 'headline', of: headline },
    ...(action ? [{ part: 'action' as const, of: action }] : []),
    ...(next ? [{ part: 'next' as const, of: next }] : []),
  ]
}

const sectionOf = (one: Seen): Seen => (one.parent ? sectionOf(one.parent) : one)

/** The tallest thing that stands above a block, where most of those come from who do not see it. */
function above(key: string, sizes: ViewportSize[], layOut: LayOut): FoldLine['inTheWay'] {
  for (const size of [...sizes].sort((a, b) => b[2] - a[2])) {
    const seen = layOut(size)
    const one = seen.find(({ node }) => node.key === key)
    if (!one || one.y + one.h <= size[1]) continue
    const others = seen.filter(
      (other) =>
        !other.node.isPart && other.y + other.h <= one.y && other.children.every(({ node }) => node.isPart),
    )
    const tallest = others.sort((a, b) => b.h - a.h)[0]
    if (!tallest) return undefined
    const { node, h } = tallest
    return {
      key: node.key,
      name: node.name,
      height: Math.round(h),
      window: { width: size[0], height: size[1] },
    }
  }
  return undefined
}
