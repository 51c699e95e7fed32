import { isLargeText } from '../../colour/largeText'
import { hasWords, type BlockNode, type PageNode } from '../../resolve/node'
import { rootFontSize, toPx, usualEnvironment } from '../../units/environment'
import { fluidPx, isFluid } from '../../units/fluidLength'
import { alphaOf, composited } from '../../colour/spaces'

/** A colour of words on a colour of a ground, as pages use them, and where. */
export interface PairInUse {
  /** names or hex of colours, whichever the page was resolved to */
  words: string
  ground: string
  /** large text needs less contrast (WCAG 2.2, 1.4.3) */
  isLarge: boolean
  places: { page: string; key: string }[]
}

/** Pages of a site as they are resolved, with the width each is drawn at. */
export interface ShownPage {
  id: string
  page: PageNode
  width: number
}

/** All colours of words with what they stand on. Words on a picture have no ground of one colour and are left out. */
export function pairsInUse(pages: ShownPage[]): PairInUse[] {
  const pairs = new Map<string, PairInUse>()
  for (const { id, page, width } of pages) {
    const visit = (node: BlockNode, behind: string | undefined) => {
      if (node.hidden) return
      const ground = groundOf(node, behind)
      if (ground !== undefined && hasWords(node)) {
        const isLarge = isLargeIn(node, page.rootSize, width)
        const name = `${node.look.colour} ${ground} ${isLarge}`
        let pair = pairs.get(name)
        if (!pair) pairs.set(name, (pair = { words: node.look.colour, ground, isLarge, places: [] }))
        pair.places.push({ page: id, key: node.key })
      }
      for (const child of node.children) visit(child, ground)
    }
    for (const node of page.children) visit(node, page.ground)
  }
  return [...pairs.values()].sort((a, b) => b.places.length - a.places.length)
}

/** What words of a block stand on; nothing where that is a picture. */
function groundOf({ look: { fill, backdrop } }: BlockNode, behind: string | undefined): string | undefined {
  if (backdrop) return undefined
  if (fill === undefined) return behind
  return behind === undefined && alphaOf(fill) < 1 ? undefined : seenOver(fill, behind ?? fill)
}

/** A name stays as it is; a colour that lets something through is mixed with what is behind it. */
const seenOver = (fill: string, behind: string): string =>
  fill.startsWith('#') && behind.startsWith('#') ? composited(fill, behind) : fill

function isLargeIn({ look }: BlockNode, rootSize: number, viewportWidth: number): boolean {
  const environment = { ...usualEnvironment, rootSize, viewportWidth }
  const { size, weight } = look.level
  const root = rootFontSize(environment)
  const font = { size: root, xHeight: root / 2, zeroAdvance: root / 2 }
  const px = isFluid(size) ? fluidPx(size, root, viewportWidth) : toPx(size, environment, font)
  return isLargeText(px, weight)
}
