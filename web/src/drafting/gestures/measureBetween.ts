import { hintGround } from '@nolvex/core/snap/hintGround'
import { hintMove } from '@nolvex/core/snap/hints'
import { calledPlaced } from '@nolvex/core/snap/calledRects'
import type { Gesture, Point } from './gesture'

/** Lays a ruler between two points, while that is what the pointer does: they come onto edges and centres near them. */
export const measureBetween: Gesture = {
  name: 'measure between two points',
  begin: ({ page, point }) => {
    if (!page.ruler.value) return undefined
    const drawn = page.drawn.value
    const ground = hintGround(drawn, [...drawn.placed.values()].map(calledPlaced), [])
    const onEdge = ({ x, y }: Point, reach: number) => {
      const { dx, dy } = hintMove({ x, y, w: 0, h: 0 }, { ...ground, kinds: EDGES }, reach)
      return { x: Math.round((x + dx) * 100) / 100, y: Math.round((y + dy) * 100) / 100 }
    }
    const from = onEdge(point, 6)
    page.ruler.value = { from, to: from }
    return {
      move: (_by, at, { reach }) => {
        page.ruler.value = { from, to: onEdge(at, reach) }
        return undefined
      },
      click: () => (page.ruler.value = {}),
    }
  },
}
/** Points have no gaps to keep. */
const EDGES = new Set(['edges', 'centres', 'columns', 'rows', 'guides'] as const)
