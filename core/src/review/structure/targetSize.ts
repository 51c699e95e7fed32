import { px } from '../../units/length'
import { atEachBand, named, type Sight } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { isTarget, type Seen } from '../drawing/seenBlocks'

/** @see WCAG 2.2, 2.5.8 */
const LEAST = 24

/** Targets too small to hit, with others so near that one hits those. */
export const targetSize: DrawingRule = {
  id: 'targetSize',
  label: 'Targets too small or too close',
  why: 'A finger covers 24 px and more: what is smaller needs room around it.',
  severity: 'serious',
  from: 'plain',
  find: (facts) =>
    atEachBand(facts, ({ seen }) => {
      const targets = seen.filter((one) => isTarget(one) && one.w > 0 && one.h > 0).sort((a, b) => a.y - b.y)
      const tallest = Math.max(0, ...targets.map(({ h }) => h))
      return targets.filter(isSmall).flatMap((one): Sight[] => {
        const other = around(targets, one, tallest).find(
          (near) => near !== one && !holds(near, one) && !holds(one, near) && isNear(one, near),
        )
        if (!other) return []
        const size = `${Math.round(one.w)} x ${Math.round(one.h)} px`
        const says = `${named(one)} has a target of ${size} with ${named(other)} less than ${LEAST} px from it`
        if (one.node.isPart) return [{ of: one, says }]
        const changes = [
          ...(one.h < LEAST ? [{ of: one.node, path: ['place', 'minHeight'], value: { ...px(LEAST) } }] : []),
          ...(one.w < LEAST ? [{ of: one.node, path: ['place', 'minWidth'], value: { ...px(LEAST) } }] : []),
        ]
        return [{ of: one, says, mend: { label: `At least ${LEAST} px`, changes } }]
      })
    }),
}

/** Targets that may be so near, of those sorted from the top. */
function around(targets: Seen[], { y, h }: Seen, tallest: number): Seen[] {
  const first = firstFrom(targets, y - LEAST - tallest)
  return targets.slice(first, firstFrom(targets, y + h + LEAST))
}

function firstFrom(targets: Seen[], y: number): number {
  let [low, high] = [0, targets.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (targets[middle].y < y) low = middle + 1
    else high = middle
  }
  return low
}

const isSmall = ({ w, h }: Seen) => w < LEAST || h < LEAST

function holds(outer: Seen, { parent }: Seen): boolean {
  return parent !== undefined && (parent === outer || holds(outer, parent))
}

/** Whether a circle of 24 px on the middle of a small target meets another target, or the circle of another small one. */
function isNear(one: Seen, other: Seen): boolean {
  const [x, y] = [one.x + one.w / 2, one.y + one.h / 2]
  if (isSmall(other)) {
    const apart = Math.hypot(other.x + other.w / 2 - x, other.y + other.h / 2 - y)
    if (apart < LEAST) return true
  }
  const dx = Math.max(other.x - x, 0, x - other.x - other.w)
  const dy = Math.max(other.y - y, 0, y - other.y - other.h)
  return Math.hypot(dx, dy) < LEAST / 2
}
