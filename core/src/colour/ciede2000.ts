import { differenceCiede2000 } from 'culori'
import { labOf, type Lab } from './spaces'

const difference = differenceCiede2000()

/**
 * How different two colours look: about 1 is just seen side by side, 2.3 by most people, 100 is black and white.
 * @param a `#rrggbb`, or CIELAB coordinates for D65
 * @see Sharma, Wu and Dalal, The CIEDE2000 color-difference formula, 2005
 */
export function ciede2000(a: string | Lab, b: string | Lab): number {
  if (typeof a !== 'string' || typeof b !== 'string') return between(a, b)
  const pair = `${a} ${b}`
  let known = ofPairs.get(pair)
  if (known === undefined) {
    if (ofPairs.size >= MOST_PAIRS) ofPairs.clear()
    ofPairs.set(pair, (known = between(a, b)))
  }
  return known
}

/** A project has few colours, and each block of a page is asked about its own: pairs come again and again. */
const ofPairs = new Map<string, number>()
const MOST_PAIRS = 20_000

const between = (a: string | Lab, b: string | Lab) =>
  difference({ mode: 'lab65', ...asLab(a) }, { mode: 'lab65', ...asLab(b) })

const asLab = (colour: string | Lab): Lab => (typeof colour === 'string' ? labOf(colour, 'D65') : colour)
