import { contrastRatio } from '../../colour/contrast'
import { NEEDED } from '../../colour/roles'
import { alphaOf, composited } from '../../colour/spaces'
import { isLarge, type Seen } from '../drawing/seenBlocks'

/** How much words are to stand out from what is behind them. @see WCAG 2.2, 1.4.3 */
export const contrastNeeded = (one: Seen): number => (isLarge(one) ? NEEDED.large : NEEDED.words)

/**
 * How much words stand out from what is behind them, as a ratio to 1; nothing over pictures and gradients.
 * @param look how they look, where that is not as at rest
 */
export function wordContrast(
  { behind, node }: Seen,
  { colour, fill, backdrop, gradient } = node.look,
): number | undefined {
  if (backdrop || gradient) return undefined
  const ground =
    fill === undefined ? behind : alphaOf(fill) === 1 || !behind ? fill : composited(fill, behind)
  if (ground === undefined || alphaOf(ground) < 1) return undefined
  return contrastRatio(alphaOf(colour) < 1 ? composited(colour, ground) : colour, ground)
}

/** A ratio as it is said, rounded down: what falls short never reads as if it did not. */
export const ratioWords = (ratio: number) => Math.floor(ratio * 10) / 10
