import type { PageLayout } from '../../layout/pageLayout'
import type { Seen } from '../drawing/seenBlocks'

/**
 * How much of a page each ground covers, 0 to 1, as grounds stand in one another; pictures and gradients are left out.
 * Words are: rules ask on every change, and their ink is little. @see colourShares for the guide's figures
 */
export function groundShares({ width, height, ground }: PageLayout, seen: Seen[]): Map<string, number> {
  const total = width * height || 1
  const shares = new Map<string, number>()
  const add = (colour: string | undefined, px: number) => {
    if (colour !== undefined) shares.set(colour, (shares.get(colour) ?? 0) + px / total)
  }
  add(ground, width * height)
  for (const { parent, ground: own, w, h } of seen) {
    add(parent ? parent.ground : ground, -w * h)
    add(own, w * h)
  }
  return shares
}
