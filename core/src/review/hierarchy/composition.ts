import type { BlockFacts } from './judgedBlock'

/** How what is seen at once is laid out as a whole, in figures. */
export interface Composition {
  /** share of the window that blocks cover */
  density: number
  /** how evenly what is seen hangs left and right of the middle, above and below it: 1 evenly, 0 all on one side */
  balance: number
  /** share of that weight that is left of the middle, and above it */
  left: number
  above: number
}

/**
 * Balance and density of a window.
 * @see D. C. L. Ngo, L. S. Teo and J. G. Byrne, Modelling interface aesthetics, Information Sciences 152 (2003): the
 * measure of balance, each block's area times its distance from the axis on either side. Written from memory.
 */
export function composition(facts: BlockFacts[], window: { width: number; height: number }): Composition {
  const total = window.width * window.height
  const covered = facts.reduce((sum, { area }) => sum + area, 0)
  const [before, after] = weightsAlong(facts, ({ middle }) => middle.x)
  const [above, below] = weightsAlong(facts, ({ middle }) => middle.y)
  const uneven = (one: number, other: number) => Math.abs(one - other) / (Math.max(one, other) || 1)
  return {
    density: Math.min(1, covered / (total || 1)),
    balance: 1 - (uneven(before, after) + uneven(above, below)) / 2,
    left: shareOf(before, after),
    above: shareOf(above, below),
  }
}

const shareOf = (one: number, other: number) => (one + other > 0 ? one / (one + other) : 0.5)

/** Area times distance from the middle, before it and after it. */
function weightsAlong(facts: BlockFacts[], place: (one: BlockFacts) => number): [number, number] {
  let [before, after] = [0, 0]
  for (const one of facts) {
    const by = one.area * (place(one) - 0.5)
    if (by < 0) before -= by
    else after += by
  }
  return [before, after]
}
