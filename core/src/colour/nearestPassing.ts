import { contrastRatio } from './contrast'
import { ciede2000 } from './ciede2000'
import { gamutMap } from './gamutMap'
import { hexOf, oklchOf } from './spaces'

/** How near the search comes, OKLCH lightness: about half a step of eight bits. */
const FINE = 1 / 512

/**
 * The colour nearest to one that has a contrast with a ground, of the same hue: lighter or darker, whichever changes it
 * less (CIEDE2000). Nothing where no colour of that hue has it.
 * @param wanted the contrast, 1 to 21
 */
export function nearestPassing(hex: string, ground: string, wanted: number): string | undefined {
  if (contrastRatio(hex, ground) >= wanted) return hex
  const found = [0, 1].flatMap((end) => passingTowards(hex, ground, wanted, end) ?? [])
  return found.sort((a, b) => ciede2000(hex, a) - ciede2000(hex, b))[0]
}

/** The first colour that passes on the way to black or white; nothing where the end does not pass either. */
function passingTowards(hex: string, ground: string, wanted: number, end: number): string | undefined {
  const { l, c, h } = oklchOf(hex)
  const at = (lightness: number) => hexOf(gamutMap({ l: lightness, c, h }))
  const passes = (lightness: number) => contrastRatio(at(lightness), ground) >= wanted
  if (!passes(end)) return undefined
  // On the way the colour may cross the ground's own lightness; past that, contrast only grows.
  const crossing = oklchOf(ground).l
  const isCrossed = (crossing - l) * (end - l) > 0
  let [failing, passing] = [isCrossed ? crossing : l, end]
  while (Math.abs(passing - failing) > FINE) {
    const middle = (failing + passing) / 2
    if (passes(middle)) passing = middle
    else failing = middle
  }
  return at(passing)
}
