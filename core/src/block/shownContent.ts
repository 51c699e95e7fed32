import { z } from 'zod'
import { idSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import type { RichText } from '../document/richText'

/**
 * Where a block's words or picture come from: a content item, one field of one row of a collection, or, in a block that
 * is repeated over rows, a field of whatever row it is.
 */
export const contentSourceSchema = leaf(
  z.union([
    z.strictObject({ item: idSchema }),
    z.strictObject({ collection: idSchema, row: idSchema, field: idSchema }),
    z.strictObject({ field: idSchema }),
  ]),
)

export type ContentSource = z.infer<typeof contentSourceSchema>

const WORDS = ['text', 'to', 'come']

/**
 * Words that are plainly none yet, of a wanted length.
 * @param length characters, at least 1
 */
export function placeholderWords(length: number): RichText {
  let said = 'Text to come'
  for (let index = 0; said.length < length; index++) said += ` ${WORDS[index % WORDS.length]}`
  return [{ insert: said.slice(0, Math.max(1, length)).trimEnd() }]
}
