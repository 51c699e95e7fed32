import { cssString } from './cssWriter'
import type { FontFace } from './fontLibrary'

/**
 * A face nearly every computer has, made to take as much room as one that has not arrived yet: pages do not jump when it
 * comes. Shares are of the em (CSS Fonts 5, sections 2 and 3: `size-adjust` and the metric overrides).
 */
export interface FallbackFace {
  family: string
  weight: number
  italic: boolean
  /** names the face may have on a computer */
  local: string[]
  sizeAdjust: number
  ascent: number
  descent: number
  lineGap: number
}

type Twin = 'Arimo' | 'Tinos'

/** Faces whose letters are as wide as those of the two every computer has under one name or another. */
const LOCALS: Record<Twin, [names: string[], postScript: string][]> = {
  Arimo: [
    [['Arial', 'Liberation Sans', 'Arimo', 'Helvetica'], 'Arial'],
    [['Arial Bold', 'Liberation Sans Bold', 'Arimo Bold', 'Helvetica Bold'], 'Arial-BoldMT'],
  ],
  Tinos: [
    [['Times New Roman', 'Liberation Serif', 'Tinos', 'Times'], 'TimesNewRomanPSMT'],
    [['Times New Roman Bold', 'Liberation Serif Bold', 'Tinos Bold', 'Times Bold'], 'TimesNewRomanPS-BoldMT'],
  ],
}

const SERIFS = new Set(['Lora', 'Playfair Display', 'Roboto Slab'])
const FIXED = new Set(['Roboto Mono'])

/** The face measured in place of the one on a visitor's computer; faces with letters of one width have none. */
export const twinFamily = (family: string): Twin | undefined =>
  FIXED.has(family) ? undefined : SERIFS.has(family) ? 'Tinos' : 'Arimo'

/** From this weight on a face is bold, where there are only two. */
const BOLD_FROM = 600
export const twinWeight = (weight: number): 400 | 700 => (weight >= BOLD_FROM ? 700 : 400)

/** What a family's fallback is called in style sheets. */
const fallbackName = (family: string): string => `${family} fallback`

/** A family with what stands in for it until it comes, as CSS lists families. */
export function familyStack(family: string): string {
  if (FIXED.has(family)) return `${cssString(family)}, monospace`
  const generic = SERIFS.has(family) ? 'serif' : 'sans-serif'
  return `${cssString(family)}, ${cssString(fallbackName(family))}, ${generic}`
}

/** px of a text at 1 px of size. */
function widthIn(face: FontFace, text: string): number {
  const { advances, adjustments } = face.shape(text)
  let sum = 0
  for (let index = 0; index < advances.length; index++) sum += advances[index] + adjustments[index]
  return sum / face.metrics.unitsPerEm
}

/** Letters as often as English has them, where a project has no words of its own in a face. */
const USUAL =
  'the quick harbour boats leave at eight and come home by noon, with letters, bread and people who have been away'

/**
 * What a common face has to be scaled and overridden by to set a project's own text as wide, and its lines as high.
 * @param twin the face of `twinFamily` with the widths of the common one
 * @param texts the words set in the face, as far as they are known
 */
export function fallbackFace(face: FontFace, twin: FontFace, texts: readonly string[]): FallbackFace {
  const { family, weight, italic } = face.file
  const words = texts.join(' ').trim() || USUAL
  const sizeAdjust = widthIn(face, words) / widthIn(twin, words)
  const { unitsPerEm, ascent, descent, lineGap } = face.metrics
  const share = (units: number) => units / (unitsPerEm * sizeAdjust)
  const [names, postScript] = LOCALS[twin.file.family as Twin][twinWeight(weight) === 700 ? 1 : 0]
  return {
    ...{ family: fallbackName(family), weight, italic, local: [...names, postScript], sizeAdjust },
    ...{ ascent: share(ascent), descent: share(descent), lineGap: share(lineGap) },
  }
}
