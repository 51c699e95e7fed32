import { PAGE_FAMILY } from '../text/fontCatalogue'
import { px, type WrittenLength } from '../units/length'

/** How text is set, in written lengths. */
export interface TextStyle {
  family: string
  weight: number
  italic: boolean
  size: WrittenLength
  lineHeight: { value: number; unit: 'px' | 'em' | 'rem' }
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
