import type { Length } from '../block/lengthSchema'
import type { StyleDocument } from './style'

/** A permitted gap: what it is called, and px. */
export interface ScaleStep {
  name: string
  px: number
}

/** The permitted gaps of a project that has named none: multiples of 4 px, as is common practice. */
export const USUAL_SCALE: ScaleStep[] = [
  ['space-3xs', 4],
  ['space-2xs', 8],
  ['space-xs', 12],
  ['space-s', 16],
  ['space-m', 20],
  ['space-l', 24],
  ['space-xl', 32],
  ['space-2xl', 40],
  ['space-3xl', 48],
  ['space-4xl', 64],
  ['space-5xl', 72],
  ['space-6xl', 96],
].map(([name, px]) => ({ name: String(name), px: Number(px) }))

/**
 * The spacing scale: the gaps the style guide names, or where it has none the usual ones; rising.
 * @param px what a length comes to
 */
export function spacingScale(
  { records }: Pick<StyleDocument, 'records'>,
  px: (length: Length) => number,
): ScaleStep[] {
  const named = Object.values(records.tokens).flatMap((token) =>
    token.type === 'length' && (token.use ?? 'space') === 'space'
      ? [{ name: token.name, px: px(token.value) }]
      : [],
  )
  return named.length ? named.sort((a, b) => a.px - b.px) : USUAL_SCALE
}
