import { PAGE_FAMILY } from '../text/fontCatalogue'
import type { FluidLength } from '../units/fluidLength'
import { px, type WrittenLength } from '../units/length'
import type { TextCase } from '../text/textCase'

/** How text is set, in written lengths. */
export interface TextStyle {
  family: string
  weight: number
  italic: boolean
  size: WrittenLength | FluidLength
  lineHeight: { value: number; unit: 'px' | 'em' | 'rem' }
  /** between letters; none where it is left out */
  letterSpacing?: { value: number; unit: 'px' | 'em' }
  case?: TextCase
}

/** How text is set where the style guide has no level for it. */
export const PLAIN_TEXT: TextStyle = {
  family: PAGE_FAMILY,
  weight: 400,
  italic: false,
  size: px(16),
  lineHeight: { value: 24, unit: 'px' },
}

/** The id of the level with a role in the style every project begins with: ids there are fixed. */
export const plainLevel = (role: string): string => `level${role}`.padEnd(16, '0').slice(0, 16)
