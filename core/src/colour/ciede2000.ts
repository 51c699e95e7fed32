import { differenceCiede2000 } from 'culori'
import { labOf, type Lab } from './spaces'

const difference = differenceCiede2000()

/**
 * How different two colours look: about 1 is just seen side by side, 2.3 by most people, 100 is black and white.
 * @param a `#rrggbb`, or CIELAB coordinates for D65
 * @see Sharma, Wu and Dalal, The CIEDE2000 color-difference formula, 2005
 */
export function ciede2000(a: string | Lab, b: string | Lab): number {
  return difference({ mode: 'lab65', ...asLab(a) }, { mode: 'lab65', ...asLab(b) })
}

const asLab = (colour: string | Lab): Lab => (typeof colour === 'string' ? labOf(colour, 'D65') : colour)
