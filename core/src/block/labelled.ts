import { z } from 'zod'
import type { RichText } from '../document/richText'
import { px } from '../units/length'
import { iconSchema, shownIcon } from './iconData'
import { FIT, iconPart, wordsPart } from './parts'
import type { PrimitiveContent } from './primitive'

/** What a block with words and perhaps an icon holds. */
export const labelledData = {
  icon: iconSchema.optional(),
  iconAt: z.enum(['start', 'end']).optional(),
}

export interface Labelled {
  icon?: z.infer<typeof iconSchema>
  iconAt?: 'start' | 'end'
}

/** How words and an icon stand beside each other. */
export const LABELLED = { type: 'row', gap: px(8), align: 'centre' } as const

/** Of the size of the words it stands beside. */
const ICON = { value: 1.2, unit: 'em' } as const

/**
 * Words that lead or act as a whole, with an icon before or after them where there is one.
 * @param middle where words alone stand in a box taller than they are: a browser puts those of a button in the middle by
 * itself; of anything else they need a row to stand there
 */
export function labelled(
  text: RichText,
  { icon, iconAt }: Labelled,
  middle: 'by itself' | 'in a row' | 'not' = 'not',
): PrimitiveContent {
  if (!icon && middle !== 'in a row')
    return { type: 'text', text, middle: middle === 'by itself', isLink: true }
  const words = wordsPart('words', 'span', text, FIT)
  if (!icon) return { type: 'blocks', holds: [words] }
  const sign = iconPart('icon', shownIcon(icon), ICON)
  return { type: 'blocks', holds: iconAt === 'end' ? [words, sign] : [sign, words] }
}
