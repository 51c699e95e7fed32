import { bandAt } from '../grid/band'
import type { PageNode } from '../resolve/node'
import { bandsOf, PageResolver, type PageSources, type ShownAs } from '../resolve/resolvePage'
import type { FontLibrary } from '../text/fontLibrary'
import { usualEnvironment } from '../units/environment'
import { shareWhoSeeBlock, totalVisits, type ViewportSize } from '../viewport/audience'
import { eachBox, PageLayouter } from './pageLayout'

/** How far a long computation has come, from 0 to 1; an answer of false breaks it off. */
export type Progress = (done: number) => boolean | void

/**
 * The share of visits (0 to 1) that see each block whole without scrolling: the page is laid out at every width of
 * the audience, and at every height too where a length goes by it. Blocks hidden from everybody have a share of 0.
 * @returns shares by instance; nothing when it was broken off
 */
export function blockVisibility(
  sources: PageSources,
  sizes: ViewportSize[],
  library: FontLibrary,
  progress: Progress = () => true,
  as: ShownAs = 'wireframe',
): Map<string, number> | undefined {
  const bands = bandsOf(sources.site).inOrder
  const trees = new Map<string, PageNode>()
  const resolver = new PageResolver({ withHidden: false, as })
  const layouter = new PageLayouter(library)
  const treeAt = (width: number) => {
    const { id } = bandAt(bands, width)
    const tree = trees.get(id) ?? resolver.resolve(sources, id)
    trees.set(id, tree)
    return tree
  }
  const groups = [...groupedByLayout(sizes, treeAt)]
  const seen = new Map<string, number>()
  const total = totalVisits(sizes)
  for (const [index, group] of groups.entries()) {
    const [width, height] = group[0]
    const layout = layouter.layout(treeAt(width), {
      ...usualEnvironment,
      viewportWidth: width,
      viewportHeight: height,
    })
    eachBox(layout, (box, _x, y) => {
      const share = shareWhoSeeBlock(group, new Map([[width, y + box.h]])) * (totalVisits(group) / total)
      seen.set(box.node.key, (seen.get(box.node.key) ?? 0) + share)
    })
    if (progress((index + 1) / groups.length) === false) return undefined
  }
  return seen
}

/** Sizes that lay a page out alike: those of one width, unless a length goes by the viewport's height. */
function groupedByLayout(
  sizes: ViewportSize[],
  treeAt: (width: number) => PageNode,
): Iterable<ViewportSize[]> {
  const usesHeight = new Map<PageNode, boolean>()
  const groups = new Map<string, ViewportSize[]>()
  for (const size of sizes) {
    const tree = treeAt(size[0])
    if (!usesHeight.has(tree)) usesHeight.set(tree, JSON.stringify(tree).includes('"unit":"vh"'))
    const key = usesHeight.get(tree) ? `${size[0]} ${size[1]}` : String(size[0])
    const group = groups.get(key)
    if (group) group.push(size)
    else groups.set(key, [size])
  }
  return groups.values()
}
