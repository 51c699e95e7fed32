import { ciede2000 } from './ciede2000'
import { onPoorDisplay } from './poorDisplay'
import { alphaOf, labOf, type Lab } from './spaces'

/** Colours nearer than this (CIEDE2000) are hard to tell apart side by side, for most people. */
export const HARD_TO_TELL = 2.3
/** What cannot be told apart on a poor display, where the eye has less to go by. */
const ALIKE_ON_POOR = 3

/** Two of some colours, by their places in the list. */
export interface ColourPair {
  a: number
  b: number
  /** CIEDE2000 */
  difference: number
}

/** Pairs of colours nearly the same, nearest first. Only those of one opacity are compared. @param within CIEDE2000 */
export function nearDuplicates(hexes: string[], within = HARD_TO_TELL): ColourPair[] {
  return pairsWithin(
    hexes,
    hexes.map((hex) => labOf(hex, 'D65')),
    within,
  )
}

/** Pairs of colours that differ, but look alike on a poor display, nearest first. */
export function alikeOnPoorDisplay(hexes: string[]): ColourPair[] {
  const shown = hexes.map((hex) => labOf(onPoorDisplay(hex), 'D65'))
  return pairsWithin(hexes, shown, ALIKE_ON_POOR).filter(
    ({ a, b }) => ciede2000(hexes[a], hexes[b]) >= HARD_TO_TELL,
  )
}

function pairsWithin(hexes: string[], labs: Lab[], within: number): ColourPair[] {
  const pairs: ColourPair[] = []
  for (let a = 0; a < labs.length; a++)
    for (let b = a + 1; b < labs.length; b++) {
      if (Math.abs(labs[a].l - labs[b].l) > within * 3 || alphaOf(hexes[a]) !== alphaOf(hexes[b])) continue
      const difference = ciede2000(labs[a], labs[b])
      if (difference < within) pairs.push({ a, b, difference })
    }
  return pairs.sort((one, other) => one.difference - other.difference)
}
