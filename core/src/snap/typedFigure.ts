import { setLeaf } from '../edit/blockChanges'
import type { Operation } from '../document/types'
import { anchoredPlace } from './anchoredPlace'
import type { DrawnPage, Placed } from './drawnPage'

/** The figures a block stands by, px of the page. */
export type Figure = 'left' | 'top' | 'wide' | 'tall'

const SIDE = { left: 'x', top: 'y', wide: 'w', tall: 'h' } as const

/** Whether a block's place is its own to choose: it stands freely in what holds it. */
export function isPlacedFreely({ placed }: DrawnPage, { parent }: Placed): boolean {
  return parent !== null && placed.get(parent)?.box.arrange === 'placed'
}

/** Operations that give a freely placed block one figure, by whatever its anchors go by. @param px of the page */
export function typedFigure(page: DrawnPage, one: Placed, figure: Figure, px: number): Operation[] {
  const container = one.parent === null ? undefined : page.placed.get(one.parent)
  if (!container) return []
  const rect = { x: one.x, y: one.y, w: one.w, h: one.h, [SIDE[figure]]: px }
  const isSize = figure === 'wide' || figure === 'tall'
  const axis = figure === 'left' || figure === 'wide' ? 'across' : 'down'
  const leaves = anchoredPlace(page, one, container, rect, { [axis]: isSize ? 'size' : 'place' })
  return leaves.flatMap(([path, value]) => setLeaf([one.record], path, value, page.at))
}
